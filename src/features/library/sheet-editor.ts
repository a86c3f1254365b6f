import { createStore, type StoreApi } from "zustand/vanilla";
import { type ShelfClient } from "@/api";
import { endGesture, type History, record as recordStep, startHistory, undo } from "@/core/plan";
import {
  type Autosave,
  type DraftKind,
  type DraftShelf,
  startAutosave,
  type Standing,
  standingOf,
} from "@/features/sync";

export type Kept<Sheet> = { readonly id: string; readonly revision: number; readonly sheet: Sheet };

export type EditorState<Sheet> = Standing<Sheet> & { readonly history: History<Sheet> };

/** A sheet of the library that is being edited, and saved by itself. */
export type SheetEditor<Sheet> = {
  readonly id: string;
  readonly store: StoreApi<EditorState<Sheet>>;
  /** Changes with one gesture name in a row are one step of undo. */
  readonly change: (next: (sheet: Sheet) => Sheet, gesture?: string) => void;
  readonly done: () => void;
  readonly undo: () => void;
  readonly autosave: Autosave<Sheet>;
};

type Parts<Sheet, R> = {
  readonly kind: DraftKind;
  readonly record: R;
  readonly shelf: Pick<ShelfClient<Sheet, R>, "replace" | "read" | "create">;
  readonly drafts: DraftShelf;
  readonly readDraft: (document: unknown) => Sheet | null;
  readonly wait: (ms: number) => Promise<void>;
  /** told of every revision the shelf has taken */ readonly saved: (record: R) => void;
  /** told of what was kept as a sheet of its own */ readonly created: (record: R) => void;
};

export function createSheetEditor<Sheet, R extends Kept<Sheet>>(parts: Parts<Sheet, R>): SheetEditor<Sheet> {
  const { kind, record, shelf, drafts, readDraft, wait, saved, created } = parts;
  const { id } = record;
  const store = createStore<EditorState<Sheet>>(() => ({
    ...standingOf({ revision: record.revision, document: record.sheet }),
    history: startHistory(record.sheet),
  }));
  const withHistory = (step: (history: History<Sheet>) => History<Sheet>) =>
    store.setState(({ history }) => ({ history: step(history) }));
  const autosave = startAutosave<Sheet>({
    kind,
    documentId: id,
    noun: "sheet",
    screen: {
      read: () => ({ ...store.getState(), present: store.getState().history.present }),
      set: store.setState,
      adopt: (sheet) => withHistory((history) => recordStep(history, sheet, null)),
      subscribe: (changed) =>
        store.subscribe((state, before) => {
          if (state.history.present !== before.history.present) changed();
        }),
    },
    server: {
      replace: async (revision, sheet, outlive) => {
        const result = await shelf.replace(id, revision, sheet, outlive);
        if (result.type === "ok") saved(result.value);
        return result;
      },
      theirs: async () => {
        const result = await shelf.read(id);
        if (result.type === "fault") return result;
        return { type: "ok", value: { revision: result.value.revision, document: result.value.sheet } };
      },
      create: async (sheet) => {
        const result = await shelf.create(sheet);
        if (result.type === "ok") created(result.value);
        return result;
      },
    },
    drafts,
    readDraft,
    tell: () => undefined,
    wait,
  });
  return {
    id,
    store,
    change: (next, gesture) => withHistory((history) => recordStep(history, next(history.present), gesture ?? null)),
    done: () => withHistory(endGesture),
    undo: () => withHistory(undo),
    autosave,
  };
}
