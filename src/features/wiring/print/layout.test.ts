import fc from "fast-check";
import { newTile, type PvString } from "@/core/engine/array";
import { cell, layStrings } from "./layout";

/** Strings with groups in them, two deep. */
const strings = fc.letrec<{ string: PvString; strings: PvString[] }>((tie) => ({
  string: fc.record({
    id: fc.constant(null),
    items: fc.array(
      fc.oneof(
        { maxDepth: 1, withCrossShrink: true },
        fc.constant(newTile("p", 1)),
        fc.record({ type: fc.constant("group" as const), strings: tie("strings") }),
      ),
      { minLength: 1, maxLength: 3 },
    ),
    blockingDiode: fc.boolean(),
  }),
  strings: fc.array(tie("string"), { minLength: 1, maxLength: 3 }),
})).strings;

test("on paper no panel lies over another or over the edge, and no wire runs through one", () => {
  fc.assert(
    fc.property(strings, (wired) => {
      const { width, height, tiles, wires } = layStrings(wired);
      const between = (x: number, low: number, high: number) => x > low + 1e-9 && x < high - 1e-9;
      const faults = tiles.flatMap(({ x, y }, k) => [
        ...(x >= 0 && y >= 0 && x + cell.width <= width + 1e-9 && y + cell.height <= height + 1e-9 ? [] : ["outside"]),
        ...tiles
          .slice(k + 1)
          .filter((other) => Math.abs(other.x - x) < cell.width - 1e-9 && Math.abs(other.y - y) < cell.height - 1e-9)
          .map(() => "over another"),
        ...wires
          .filter(
            ({ x1, y1, x2, y2 }) =>
              (y1 === y2 && between(y1, y, y + cell.height) && x1 < x + cell.width - 1e-9 && x2 > x + 1e-9) ||
              (x1 === x2 && between(x1, x, x + cell.width) && y1 < y + cell.height - 1e-9 && y2 > y + 1e-9),
          )
          .map(() => "a wire through it"),
      ]);
      expect(faults).toEqual([]);
    }),
  );
});
