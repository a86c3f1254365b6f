import { useCallback, useEffect, useRef, useState } from "react";
import { type InputRecord, type PanelRecord, type ShelfClient } from "@/api";
import { differences } from "@/core/plan";
import { type DraftKind, draftShelf, type LeftDraft } from "@/features/sync";
import { createSheetEditor, type SheetEditor } from "./sheet-editor";

/** A sheet just put on its shelf. */
type Fresh<Sheet> = Omit<PanelRecord, "sheet"> & { readonly sheet: Sheet };

/** A sheet that was typed and never acknowledged; its shelf may have lost it since. */
export type LeftSheet<Sheet> = LeftDraft<Sheet> & { readonly documentId: string };

type Parts<Sheet, R> = {
  readonly kind: DraftKind;
  readonly client: ShelfClient<Sheet, R>;
  readonly initial: readonly R[];
  readonly recordOf: (fresh: Fresh<Sheet>) => R;
  readonly schema: { readonly safeParse: (value: unknown) => { readonly data?: Sheet | undefined } };
};

export type Shelf<Sheet, R> = ReturnType<typeof useShelf<Sheet, R & (PanelRecord | InputRecord) & { sheet: Sheet }>>;

/** The records of one shelf as this page knows them, the sheet that is open, and what can be done to them. */
export function useShelf<Sheet, R extends (PanelRecord | InputRecord) & { readonly sheet: Sheet }>({
  kind,
  client,
  initial,
  recordOf,
  schema,
}: Parts<Sheet, R>) {
  const [records, setRecords] = useState(initial);
  const [fault, setFault] = useState<string | null>(null);
  const [undoable, setUndoable] = useState<readonly string[]>([]);
  const [editor, setEditor] = useState<SheetEditor<Sheet> | null>(null);
  const [left, setLeft] = useState<readonly LeftSheet<Sheet>[]>([]);
  // one that is closed goes on saving what is not saved yet
  const editors = useRef(new Map<string, SheetEditor<Sheet>>());
  const readDraft = useCallback((document: unknown) => schema.safeParse(document).data ?? null, [schema]);

  const lookForLeft = useCallback(async () => {
    const drafts = await draftShelf().left(kind, null);
    setLeft(
      drafts.flatMap(({ key, documentId, revision, atMs, document }) => {
        const sheet = readDraft(document);
        return sheet === null ? [] : [{ key, documentId, revision, atMs, document: sheet }];
      }),
    );
  }, [kind, readDraft]);
  useEffect(() => {
    // a page that is gone shows at once; whether a page is, takes a moment to find out
    // eslint-disable-next-line react-hooks/set-state-in-effect
    void lookForLeft();
  }, [lookForLeft]);

  useEffect(() => {
    const all = editors.current;
    const leave = (outlive: boolean) => all.forEach(({ autosave }) => autosave.flush(outlive));
    const leavePage = () => leave(true);
    window.addEventListener("pagehide", leavePage);
    return () => {
      window.removeEventListener("pagehide", leavePage);
      leave(false);
      all.forEach(({ autosave }) => autosave.stop());
      all.clear();
    };
  }, []);

  const took = (...taken: readonly R[]) => {
    const fresh = new Map(taken.map((record) => [record.id, record]));
    setRecords((before) => before.map((one) => fresh.get(one.id) ?? one));
    void lookForLeft();
  };
  const created = (record: R) => setRecords((before) => [...before, record]);
  const edit = (record: R) => {
    const known = editors.current.get(record.id);
    if (known !== undefined && known.store.getState().save.type !== "saved") return setEditor(known);
    known?.autosave.stop();
    const made = createSheetEditor<Sheet, R>({
      kind,
      record,
      shelf: client,
      drafts: draftShelf(),
      readDraft,
      wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
      saved: took,
      created,
    });
    editors.current.set(record.id, made);
    setEditor(made);
  };
  const add = async (sheet: Sheet): Promise<R | null> => {
    const result = await client.create(sheet);
    setFault(result.type === "fault" ? result.fault.message : null);
    if (result.type === "fault") return null;
    created(result.value);
    return result.value;
  };
  const close = () => {
    setEditor(null);
    void lookForLeft();
  };
  const discard = (key: string) => {
    draftShelf().remove(key);
    setLeft((before) => before.filter((draft) => draft.key !== key));
  };

  return {
    records,
    fault,
    undoable,
    editor,
    /** what is left unsaved, but for the sheet that is open, which tells of its own, and for what was saved after all */
    left: left.filter(({ documentId, document }) => {
      const record = records.find(({ id }) => id === documentId);
      const open = editor?.id === documentId;
      return !open && (record === undefined || differences(record.sheet, document, 1).length > 0);
    }),
    edit,
    open: (id: string) => {
      const record = records.find((one) => one.id === id);
      if (record !== undefined) edit(record);
    },
    close,
    /** The open sheet is gone from the server's shelf. */
    forget: (id: string) => {
      setRecords((before) => before.filter((record) => record.id !== id));
      editors.current.get(id)?.autosave.stop();
      editors.current.delete(id);
      close();
    },
    add,
    /** Puts a sheet on the shelf and opens it. */
    start: async (sheet: Sheet) => {
      const record = await add(sheet);
      if (record !== null) edit(record);
      return record;
    },
    discard,
    /** Keeps what was left of a sheet that is gone as a sheet of its own. */
    keepLeft: async ({ key, document }: LeftSheet<Sheet>) => {
      if ((await add(document)) !== null) discard(key);
    },
    /** Many at once; the word of what went wrong, or null. */
    addMany: async (sheets: readonly Sheet[]): Promise<string | null> => {
      if (sheets.length === 0) return null;
      const result = await client.createMany(sheets);
      if (result.type === "fault") return result.fault.message;
      const { ids, updatedAt } = result.value;
      setRecords((before) => [
        ...before,
        ...sheets.map((sheet, k) =>
          recordOf({ id: ids[k] ?? "", revision: 1, updatedAt, retired: false, usedBy: [], sheet }),
        ),
      ]);
      return null;
    },
    retire: async (ids: readonly string[], retired: boolean) => {
      const wanted = new Set(ids);
      const meant = records.filter(({ id }) => wanted.has(id));
      if (meant.length === 0) return;
      const result = await client.retire({ retired, sheets: meant.map(({ id, revision }) => ({ id, revision })) });
      setFault(result.type === "fault" ? result.fault.message : null);
      if (result.type === "fault") return;
      const { updatedAt } = result.value;
      took(...meant.map((record) => ({ ...record, retired, updatedAt, revision: record.revision + 1 })));
      setUndoable(retired ? meant.map(({ id }) => id) : []);
    },
  };
}
