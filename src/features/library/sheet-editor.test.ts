import { type ApiResult } from "@/api";
import { fakeDraftStore } from "@/testing";
import { createSheetEditor, type Kept } from "./sheet-editor";

type Named = { readonly name: string };
type Rec = Kept<Named>;

/** A shelf of one sheet that behaves as the server does. */
function shelfWith(name: string) {
  let kept: Rec | null = { id: "p", revision: 1, sheet: { name } };
  let fault: "unreachable" | "invalid" | null = null;
  const faulty = (type: "unreachable" | "invalid" | "stale" | "notFound"): ApiResult<Rec> => ({
    type: "fault",
    fault: { type, message: type, path: null, current: null, changed: null, whole: null },
  });
  const now = () => {
    if (kept === null) throw new Error("the sheet was removed");
    return kept;
  };
  return {
    kept: now,
    elsewhere: (changed: string | null) =>
      void (kept = changed === null ? null : { ...now(), revision: now().revision + 1, sheet: { name: changed } }),
    fail: (how: typeof fault) => void (fault = how),
    read: async (): Promise<ApiResult<Rec>> => (kept === null ? faulty("notFound") : { type: "ok", value: kept }),
    create: async (sheet: Named): Promise<ApiResult<Rec>> => ({ type: "ok", value: { id: "new", revision: 1, sheet } }),
    replace: async (_: string, revision: number, sheet: Named): Promise<ApiResult<Rec>> => {
      if (fault !== null) return faulty(fault);
      if (kept === null) return faulty("notFound");
      if (revision !== kept.revision) return faulty("stale");
      kept = { ...kept, revision: revision + 1, sheet };
      return { type: "ok", value: kept };
    },
  };
}

function opened(...left: readonly { revision: number; name: string }[]) {
  const shelf = shelfWith("First");
  const waits: (() => void)[] = [];
  const drafts = fakeDraftStore(
    ...left.map(({ revision, name }) => ({ kind: "panel" as const, documentId: "p", revision, document: { name } })),
  );
  const made: string[] = [];
  const editor = createSheetEditor<Named, Rec>({
    kind: "panel",
    record: shelf.kept(),
    shelf,
    drafts: drafts.shelf,
    readDraft: (document) => document as Named,
    wait: () => new Promise((resolve) => waits.push(resolve)),
    saved: () => undefined,
    created: ({ sheet }) => void made.push(sheet.name),
  });
  const type = (name: string, gesture?: string) => editor.change(() => ({ name }), gesture);
  /** Lets pauses pass until nothing more happens. */
  const settle = async () => {
    for (let k = 0; k < 30; k++) {
      waits.shift()?.();
      await Promise.resolve();
    }
  };
  return {
    shelf,
    editor,
    made,
    kept: drafts.kept,
    type,
    settle,
    name: () => editor.store.getState().history.present.name,
    save: () => editor.store.getState().save,
  };
}

test("typing is saved once it rests, and is one step of undo, which is saved too", async () => {
  const { shelf, editor, type, settle, name } = opened();
  for (const text of ["S", "Se", "Second"]) type(text, "name");
  await settle();
  expect(shelf.kept()).toMatchObject({ revision: 2, sheet: { name: "Second" } });
  editor.undo();
  expect(name()).toBe("First");
  await settle();
  expect(shelf.kept()).toMatchObject({ revision: 3, sheet: { name: "First" } });
});

test("a sheet changed elsewhere is never written over: the shelf is asked for theirs, or mine is saved knowingly", async () => {
  const { shelf, editor, type, settle, save } = opened();
  shelf.elsewhere("Theirs");
  type("Mine");
  await settle();
  expect(save()).toMatchObject({ type: "stale", theirs: { revision: 2, document: { name: "Theirs" } } });
  expect(shelf.kept().sheet.name).toBe("Theirs");
  editor.autosave.keepMine();
  await settle();
  expect(shelf.kept()).toMatchObject({ revision: 3, sheet: { name: "Mine" } });
});

test("without a server what is typed is kept as a draft until it is saved; what is refused waits for a change", async () => {
  const { shelf, editor, kept, type, settle, save } = opened();
  shelf.fail("unreachable");
  type("Kept");
  await settle();
  expect([save(), kept.get("own")]).toMatchObject([
    { type: "unreachable", message: "unreachable" },
    { revision: 1, document: { name: "Kept" } },
  ]);
  shelf.fail(null);
  await settle();
  expect([shelf.kept().sheet.name, kept.size]).toEqual(["Kept", 0]);
  shelf.fail("invalid");
  type("Refused");
  await settle();
  expect(save()).toMatchObject({ type: "refused", message: "invalid" });
  shelf.fail(null);
  type("Fixed");
  editor.autosave.flush(true);
  expect(shelf.kept().sheet.name).toBe("Fixed");
});

test("what a closed page left is there again; removed from the shelf meanwhile, it is kept as a sheet of its own", async () => {
  const { shelf, editor, kept, made, settle, name, save } = opened({ revision: 1, name: "Left" });
  shelf.elsewhere(null);
  await settle();
  expect([name(), save().type, [...kept.keys()]]).toEqual(["Left", "gone", ["own"]]);
  expect(await editor.autosave.saveAsNew(null)).toBe("new");
  expect([made, kept.size]).toEqual([["Left"], 0]);
});
