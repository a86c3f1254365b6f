import { type ApiResult } from "@/api";
import { createSheetEditor, type Kept } from "./sheet-editor";

type Rec = Kept<{ name: string }>;

/** A shelf of one sheet that behaves as the server does. */
function shelfWith(name: string) {
  let kept: Rec = { id: "p", revision: 1, sheet: { name } };
  let fault: "unreachable" | "invalid" | null = null;
  const faulty = (type: "unreachable" | "invalid" | "stale"): ApiResult<Rec> => ({
    type: "fault",
    fault: { type, message: type, path: null, current: null, changed: null },
  });
  return {
    kept: () => kept,
    elsewhere: (changed: string) => void (kept = { ...kept, revision: kept.revision + 1, sheet: { name: changed } }),
    fail: (how: typeof fault) => void (fault = how),
    read: async (): Promise<ApiResult<Rec>> => ({ type: "ok", value: kept }),
    replace: async (_: string, revision: number, sheet: { name: string }): Promise<ApiResult<Rec>> => {
      if (fault !== null) return faulty(fault);
      if (revision !== kept.revision) return faulty("stale");
      kept = { ...kept, revision: revision + 1, sheet };
      return { type: "ok", value: kept };
    },
  };
}

function opened() {
  const shelf = shelfWith("First");
  const waits: (() => void)[] = [];
  const editor = createSheetEditor<{ name: string }, Rec>({
    record: shelf.kept(),
    shelf,
    wait: () => new Promise((resolve) => waits.push(resolve)),
    saved: () => undefined,
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
    type,
    settle,
    name: () => editor.store.getState().sheet.name,
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

test("a sheet changed elsewhere is never written over: theirs is shown, or mine is saved knowingly", async () => {
  const { shelf, editor, type, settle, name, save } = opened();
  shelf.elsewhere("Theirs");
  type("Mine");
  await settle();
  expect(save()).toMatchObject({ type: "stale", theirs: { revision: 2, sheet: { name: "Theirs" } } });
  expect(shelf.kept().sheet.name).toBe("Theirs");
  editor.keepMine();
  await settle();
  expect(shelf.kept()).toMatchObject({ revision: 3, sheet: { name: "Mine" } });
  shelf.elsewhere("Again theirs");
  type("Mine too");
  await settle();
  editor.takeTheirs();
  expect(name()).toBe("Again theirs");
  editor.undo();
  expect(name()).toBe("Mine too");
});

test("without a server nothing typed is lost, and it is saved when the server is back; what it refuses waits for a change", async () => {
  const { shelf, editor, type, settle, save } = opened();
  shelf.fail("unreachable");
  type("Kept");
  await settle();
  expect(save()).toMatchObject({ type: "fault", message: "unreachable" });
  shelf.fail(null);
  await settle();
  expect(shelf.kept().sheet.name).toBe("Kept");
  shelf.fail("invalid");
  type("Refused");
  await settle();
  expect(save()).toMatchObject({ type: "fault", message: "invalid" });
  shelf.fail(null);
  type("Mended");
  editor.flush();
  expect(shelf.kept().sheet.name).toBe("Mended");
});
