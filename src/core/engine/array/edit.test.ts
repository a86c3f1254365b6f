import fc from "fast-check";
import {
  copyRow,
  keyOf,
  type PortArray,
  locate,
  matrixRows,
  mergeRowUp,
  newTile,
  type Place,
  putTiles,
  rowAt,
  rowOf,
  splitRow,
  tilesOf,
  type PanelKey,
} from ".";

const lane = (portId: string, rows: PortArray["rows"]): PortArray => ({ inputId: "i", portId, rows });
const ref = { inputId: "i", portId: "low" };
const lanes: readonly PortArray[] = [lane("low", matrixRows("p", 3, 2)), lane("high", [rowOf([newTile("q", 1)])])];
const shapeOf = (of: readonly PortArray[]): string =>
  of.map(({ portId, rows }) => `${portId}(${rowsShape(rows)})`).join(" ");
const rowsShape = (rows: PortArray["rows"]): string =>
  rows
    .map((row) =>
      row.items.map((item) => (item.type === "panel" ? keyOf(item) : `[${rowsShape(item.rows)}]`)).join("-"),
    )
    .join(" | ");

test.each<[string, PanelKey[], Place, string]>([
  [
    "within its row",
    ["p.1"],
    { type: "row", lane: ref, path: [], row: 0, at: 3 },
    "low(p.2-p.3-p.1 | p.4-p.5-p.6) high(q.1)",
  ],
  [
    "to another row",
    ["p.2"],
    { type: "row", lane: ref, path: [], row: 1, at: 0 },
    "low(p.1-p.3 | p.2-p.4-p.5-p.6) high(q.1)",
  ],
  [
    "to a row of its own",
    ["p.2", "p.5"],
    { type: "newRow", lane: ref, path: [], at: 2 },
    "low(p.1-p.3 | p.4-p.6 | p.2-p.5) high(q.1)",
  ],
  [
    "to a port nothing feeds yet",
    ["p.6"],
    { type: "newRow", lane: { inputId: "j", portId: "x" }, path: [], at: 0 },
    "low(p.1-p.2-p.3 | p.4-p.5) high(q.1) x(p.6)",
  ],
  [
    "beside a panel in a row: a group",
    ["q.1"],
    { type: "beside", key: "p.2" },
    "low(p.1-[p.2 | q.1]-p.3 | p.4-p.5-p.6)",
  ],
  [
    "beside a panel alone in its row: simply the next row",
    ["p.1"],
    { type: "beside", key: "q.1" },
    "low(p.2-p.3 | p.4-p.5-p.6) high(q.1 | p.1)",
  ],
  ["to the shelf", ["p.4", "p.5", "p.6"], { type: "shelf" }, "low(p.1-p.2-p.3) high(q.1)"],
  ["beside itself: nowhere", ["p.1"], { type: "beside", key: "p.1" }, shapeOf(lanes)],
  ["to a row that is not there: nowhere", ["p.1"], { type: "row", lane: ref, path: [], row: 9, at: 0 }, shapeOf(lanes)],
])("a panel put %s", (_, keys, place, expected) => {
  const tiles = tilesOf(lanes).filter((tile) => keys.includes(keyOf(tile)));
  expect(shapeOf(putTiles(lanes, tiles, place))).toBe(expected);
});

test("a group dissolves when only one of its rows is left", () => {
  const grouped = putTiles(lanes, [newTile("q", 1)], { type: "beside", key: "p.2" });
  expect(shapeOf(putTiles(grouped, [newTile("q", 1)], { type: "shelf" }))).toBe("low(p.1-p.2-p.3 | p.4-p.5-p.6)");
});

/** As many of a kind as are wired: more would have to be given. */
const stockOf = (id: string) => ({
  id,
  pieces: Array.from({ length: 6 }, (_, k) => ({ number: k + 1 })),
  given: 6,
});

test("a row split and joined again is the row it was; copied, it is made of other panels", () => {
  const at = { lane: ref, path: [], row: 0, at: 1 };
  const split = splitRow(lanes, at);
  expect(shapeOf(split)).toBe("low(p.1 | p.2-p.3 | p.4-p.5-p.6) high(q.1)");
  expect(mergeRowUp(split, { lane: ref, path: [], row: 1 })).toEqual(lanes);
  expect(shapeOf(copyRow(lanes, at, stockOf))).toBe("low(p.1-p.2-p.3 | p.7-p.8-p.9 | p.4-p.5-p.6) high(q.1)");
  expect([splitRow(lanes, { ...at, at: 0 }), mergeRowUp(lanes, at)]).toEqual([lanes, lanes]);
});

/** Any place, there or not. */
const anyPlace: fc.Arbitrary<Place> = fc.oneof(
  fc.record({
    type: fc.constant("row" as const),
    lane: fc.constantFrom(ref, { inputId: "i", portId: "high" }),
    path: fc.constantFrom([], [0, 0], [0, 1]),
    row: fc.nat(3),
    at: fc.nat(4),
  }),
  fc.record({
    type: fc.constant("newRow" as const),
    lane: fc.constantFrom(ref, { inputId: "i", portId: "high" }),
    path: fc.constantFrom([], [0, 0], [0, 1]),
    at: fc.nat(3),
  }),
  fc.record({ type: fc.constant("beside" as const), key: fc.constantFrom("p.1", "p.2", "p.5", "q.1") }),
  fc.constant<Place>({ type: "shelf" }),
);

test("however panels are moved about, each is in one place or on the shelf, and every row has something in it", () => {
  const keys = tilesOf(lanes).map(keyOf);
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.subarray(keys), anyPlace), { maxLength: 30 }), (moves) => {
      let now = lanes;
      for (const [moved, place] of moves) {
        const tiles = moved.map((key) => newTile(key.slice(0, 1), Number(key.slice(2))));
        now = putTiles(now, tiles, place);
        const found = tilesOf(now).map(keyOf);
        expect(new Set(found).size).toBe(found.length);
        expect(
          now.every(
            ({ rows }) =>
              rows.length > 0 &&
              rowsShape(rows)
                .split(/[|\-[\]]/)
                .every((part) => part.trim() !== "" || /[[\]]/.test(rowsShape(rows))),
          ),
        ).toBe(true);
        for (const key of found) {
          const place = locate(now, key);
          const item = place === null ? undefined : rowAt(now, place.lane, place.path, place.row)?.items[place.at];
          expect(item?.type === "panel" ? keyOf(item) : null).toBe(key);
        }
      }
    }),
  );
});
