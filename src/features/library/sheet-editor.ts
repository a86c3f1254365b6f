import { createStore, type StoreApi } from "zustand/vanilla";
import { mayPass, type ShelfClient } from "@/api";

export type Kept<Sheet> = { readonly id: string; readonly revision: number; readonly sheet: Sheet };

/** How the sheet on screen stands to the one on the shelf. */
export type SheetSave<R> =
  | { readonly type: "saved" }
  | { readonly type: "unsaved" }
  | { readonly type: "fault"; readonly message: string }
  | { readonly type: "stale"; readonly theirs: R };

export type EditorState<Sheet, R> = {
  readonly record: R;
  readonly sheet: Sheet;
  readonly past: readonly Sheet[];
  readonly gesture: string | null;
  readonly save: SheetSave<R>;
};

export type SheetEditor<Sheet, R> = {
  readonly store: StoreApi<EditorState<Sheet, R>>;
  /** Changes with one gesture name in a row are one step of undo. */
  readonly change: (next: (sheet: Sheet) => Sheet, gesture?: string) => void;
  readonly done: () => void;
  readonly undo: () => void;
  /** Ends when nothing is left to save, or when saving has to wait for the person. */
  readonly settled: () => Promise<void>;
  /** Sends at once what is not saved yet, for a page about to close; nobody waits for the answer. */
  readonly flush: () => void;
  /** After a stale write: show the other version, or save ours as the next revision, knowingly. */
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
};

type Parts<Sheet, R> = {
  readonly record: R;
  readonly shelf: Pick<ShelfClient<Sheet, R>, "replace" | "read">;
  readonly wait: (ms: number) => Promise<void>;
  /** told of every revision the shelf has taken */ readonly saved: (record: R) => void;
};

const pauseMs = 350;
const retryMs = 2000;

/** Edits one sheet of the library: saved by itself shortly after the last change, never over a revision not seen. */
export function createSheetEditor<Sheet, R extends Kept<Sheet>>({
  record,
  shelf,
  wait,
  saved,
}: Parts<Sheet, R>): SheetEditor<Sheet, R> {
  const store = createStore<EditorState<Sheet, R>>(() => ({
    record,
    sheet: record.sheet,
    past: [],
    gesture: null,
    save: { type: "saved" },
  }));
  let working: Promise<void> | null = null;
  const dirty = () => store.getState().sheet !== store.getState().record.sheet;

  async function save(): Promise<void> {
    while (dirty() && store.getState().save.type !== "stale") {
      const settled = store.getState().sheet;
      const faulty = store.getState().save.type === "fault";
      await wait(faulty ? retryMs : pauseMs);
      if (!faulty && settled !== store.getState().sheet) continue;
      const { record: before, sheet: sent } = store.getState();
      const result = await shelf.replace(before.id, before.revision, sent);
      if (result.type === "ok") {
        store.setState((state) => ({
          record: { ...result.value, sheet: sent },
          save: { type: state.sheet === sent ? "saved" : "unsaved" },
        }));
        saved(result.value);
      } else if (result.fault.type === "stale") {
        const theirs = await shelf.read(before.id);
        store.setState({
          save:
            theirs.type === "ok"
              ? { type: "stale", theirs: theirs.value }
              : { type: "fault", message: theirs.fault.message },
        });
      } else {
        store.setState({ save: { type: "fault", message: result.fault.message } });
        // what the server will not have is not sent again until it changes
        if (!mayPass(result.fault)) break;
      }
    }
    working = null;
  }
  const work = () => (working ??= save());

  function show(state: Partial<EditorState<Sheet, R>>): void {
    store.setState({
      ...state,
      ...(store.getState().save.type === "stale" ? {} : { save: { type: "unsaved" } as const }),
    });
    if (!dirty() && store.getState().save.type === "unsaved") store.setState({ save: { type: "saved" } });
    void work();
  }

  return {
    store,
    change: (next, gesture) => {
      const { sheet, past, gesture: under } = store.getState();
      const changed = next(sheet);
      if (changed === sheet) return;
      show({
        sheet: changed,
        past: gesture !== undefined && gesture === under ? past : [...past, sheet],
        gesture: gesture ?? null,
      });
    },
    done: () => store.setState({ gesture: null }),
    undo: () => {
      const { past } = store.getState();
      const last = past.at(-1);
      if (last !== undefined) show({ sheet: last, past: past.slice(0, -1), gesture: null });
    },
    settled: () => work(),
    flush: () => {
      const { record: before, sheet, save: at } = store.getState();
      if (dirty() && at.type !== "stale") void shelf.replace(before.id, before.revision, sheet);
    },
    takeTheirs: () => {
      const { save: at, sheet, past } = store.getState();
      if (at.type === "stale")
        store.setState({ record: at.theirs, sheet: at.theirs.sheet, past: [...past, sheet], save: { type: "saved" } });
    },
    keepMine: () => {
      const { save: at } = store.getState();
      if (at.type !== "stale") return;
      store.setState({ record: at.theirs, save: { type: "unsaved" } });
      void work();
    },
  };
}
