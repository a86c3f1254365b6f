import { row } from "@/testing";
import { shapeOf } from "./shape-of";

/** Rows of pieces of one panel before a port; the fourth lies in the shade. */
function shape(...rows: readonly (readonly number[])[]): string {
  const lanes = [
    {
      inputId: "i",
      portId: "high",
      rows: rows.map((pieces) => row(...pieces.map((n) => ["a", n] as [string, number]))),
    },
    { inputId: "i", portId: "low", rows: [] },
  ];
  return shapeOf(lanes, [["a.1", "a.2", "a.3"], ["a.4"]]);
}

test("panels that are alike may change places, and rows theirs; one in the shade may not, nor a panel its row", () => {
  expect(shape([4, 1], [2, 3])).toBe(shape([1, 2], [3, 4]));
  expect(shape([1, 2], [3], [4])).not.toBe(shape([1, 2], [3, 4]));
  expect(shape([1, 4])).not.toBe(shape([1, 2]));
  // of a panel that nobody has told of it counts which it is
  expect(shape([5])).not.toBe(shape([6]));
});
