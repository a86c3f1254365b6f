import { string } from "@/testing";
import { shapeOf } from "./shape-of";

/** Strings of pieces of one panel before a port; the fourth lies in the shade. */
function shape(...strings: readonly (readonly number[])[]): string {
  const portArrays = [
    {
      inputId: "i",
      portId: "high",
      strings: strings.map((pieces) => string(...pieces.map((n) => ["a", n] as [string, number]))),
    },
    { inputId: "i", portId: "low", strings: [] },
  ];
  return shapeOf(portArrays, [["a.1", "a.2", "a.3"], ["a.4"]]);
}

test("panels that are alike may change places, and strings theirs; one in the shade may not, nor a panel its string", () => {
  expect(shape([4, 1], [2, 3])).toBe(shape([1, 2], [3, 4]));
  expect(shape([1, 2], [3], [4])).not.toBe(shape([1, 2], [3, 4]));
  expect(shape([1, 4])).not.toBe(shape([1, 2]));
  // of a panel that nobody has told of it counts which it is
  expect(shape([5])).not.toBe(shape([6]));
});
