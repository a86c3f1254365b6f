import { applyChange, type History, type Plan, record, redo, startHistory, undo } from "@/core/plan";
import { demoPlan } from "@/testing";
import { packHistory, unpackHistory } from "./kept-history";

const lantern = demoPlan("The Lantern");

/** A history of so many renames. */
function renamed(times: number): History {
  return Array.from({ length: times }, (_, k) => k).reduce(
    (history, k) => record(history, applyChange(history.present, { type: "rename", name: `Name ${k}` }), null),
    startHistory(lantern),
  );
}

test("a history kept over a reload undoes and redoes as it did", () => {
  const history = undo(undo(renamed(6)));
  const back = unpackHistory(packHistory(history), JSON.parse(JSON.stringify(history.present)) as Plan);
  expect([back.past.length, back.future.length]).toEqual([4, 2]);
  expect(redo(redo(back)).present.name).toBe("Name 5");
  let first = back;
  while (first.past.length > 0) first = undo(first);
  expect(JSON.stringify(first.present)).toBe(JSON.stringify(lantern));
});

test("a history that does not end in the plan that was opened is not taken: another tab has been at work", () => {
  expect(unpackHistory(packHistory(renamed(3)), lantern).past).toEqual([]);
});

test.each([null, "", "{", '{"present":1}', '{"present":"x","past":["y"],"future":[]}'])(
  "%j is no history, and does no harm",
  (text) => {
    expect(unpackHistory(text, lantern)).toEqual(startHistory(lantern));
  },
);

test("a step that no longer reads spoils the whole: half a history would undo to the wrong place", () => {
  const history = renamed(2);
  const kept = JSON.parse(packHistory(history)) as { past: string[] };
  kept.past[0] = '{"format":"golden-array-plan","version":99}';
  expect(unpackHistory(JSON.stringify(kept), history.present).past).toEqual([]);
});

test("a long history keeps its newest steps within bounds", () => {
  const text = packHistory(renamed(1500));
  expect(text.length).toBeLessThan(2_200_000);
  const back = unpackHistory(text, renamed(1500).present);
  expect(back.past.length).toBeGreaterThan(50);
  expect(undo(back).present.name).toBe("Name 1498");
});
