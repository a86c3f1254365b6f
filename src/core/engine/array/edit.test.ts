import fc from "fast-check";
import {
  copyString,
  keyOf,
  type PortArray,
  locate,
  matrixStrings,
  mergeStringUp,
  newTile,
  type Place,
  putTiles,
  stringAt,
  stringOf,
  splitString,
  tilesOf,
  type PanelKey,
} from ".";

const portArray = (portId: string, strings: PortArray["strings"]): PortArray => ({ inputId: "i", portId, strings });
const ref = { inputId: "i", portId: "low" };
const portArrays: readonly PortArray[] = [
  portArray("low", matrixStrings("p", 3, 2)),
  portArray("high", [stringOf([newTile("q", 1)])]),
];
const shapeOf = (of: readonly PortArray[]): string =>
  of.map(({ portId, strings }) => `${portId}(${stringsShape(strings)})`).join(" ");
const stringsShape = (strings: PortArray["strings"]): string =>
  strings
    .map((string) =>
      string.items.map((item) => (item.type === "panel" ? keyOf(item) : `[${stringsShape(item.strings)}]`)).join("-"),
    )
    .join(" | ");

test.each<[string, PanelKey[], Place, string]>([
  [
    "within its row",
    ["p.1"],
    { type: "string", portArray: ref, path: [], string: 0, at: 3 },
    "low(p.2-p.3-p.1 | p.4-p.5-p.6) high(q.1)",
  ],
  [
    "to another row",
    ["p.2"],
    { type: "string", portArray: ref, path: [], string: 1, at: 0 },
    "low(p.1-p.3 | p.2-p.4-p.5-p.6) high(q.1)",
  ],
  [
    "to a row of its own",
    ["p.2", "p.5"],
    { type: "newString", portArray: ref, path: [], at: 2 },
    "low(p.1-p.3 | p.4-p.6 | p.2-p.5) high(q.1)",
  ],
  [
    "to a port nothing feeds yet",
    ["p.6"],
    { type: "newString", portArray: { inputId: "j", portId: "x" }, path: [], at: 0 },
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
  ["beside itself: nowhere", ["p.1"], { type: "beside", key: "p.1" }, shapeOf(portArrays)],
  [
    "to a row that is not there: nowhere",
    ["p.1"],
    { type: "string", portArray: ref, path: [], string: 9, at: 0 },
    shapeOf(portArrays),
  ],
])("a panel put %s", (_, keys, place, expected) => {
  const tiles = tilesOf(portArrays).filter((tile) => keys.includes(keyOf(tile)));
  expect(shapeOf(putTiles(portArrays, tiles, place))).toBe(expected);
});

test("a group dissolves when only one of its strings is left", () => {
  const grouped = putTiles(portArrays, [newTile("q", 1)], { type: "beside", key: "p.2" });
  expect(shapeOf(putTiles(grouped, [newTile("q", 1)], { type: "shelf" }))).toBe("low(p.1-p.2-p.3 | p.4-p.5-p.6)");
});

/** As many of a kind as are wired: more would have to be given. */
const stockOf = (id: string) => ({
  id,
  pieces: Array.from({ length: 6 }, (_, k) => ({ number: k + 1 })),
  given: 6,
});

test("a string split and joined again is the string it was; copied, it is made of other panels", () => {
  const at = { portArray: ref, path: [], string: 0, at: 1 };
  const split = splitString(portArrays, at);
  expect(shapeOf(split)).toBe("low(p.1 | p.2-p.3 | p.4-p.5-p.6) high(q.1)");
  expect(mergeStringUp(split, { portArray: ref, path: [], string: 1 })).toEqual(portArrays);
  expect(shapeOf(copyString(portArrays, at, stockOf))).toBe("low(p.1-p.2-p.3 | p.7-p.8-p.9 | p.4-p.5-p.6) high(q.1)");
  expect([splitString(portArrays, { ...at, at: 0 }), mergeStringUp(portArrays, at)]).toEqual([portArrays, portArrays]);
});

/** Any place, there or not. */
const anyPlace: fc.Arbitrary<Place> = fc.oneof(
  fc.record({
    type: fc.constant("string" as const),
    portArray: fc.constantFrom(ref, { inputId: "i", portId: "high" }),
    path: fc.constantFrom([], [0, 0], [0, 1]),
    string: fc.nat(3),
    at: fc.nat(4),
  }),
  fc.record({
    type: fc.constant("newString" as const),
    portArray: fc.constantFrom(ref, { inputId: "i", portId: "high" }),
    path: fc.constantFrom([], [0, 0], [0, 1]),
    at: fc.nat(3),
  }),
  fc.record({ type: fc.constant("beside" as const), key: fc.constantFrom("p.1", "p.2", "p.5", "q.1") }),
  fc.constant<Place>({ type: "shelf" }),
);

test("however panels are moved about, each is in one place or on the shelf, and every string has something in it", () => {
  const keys = tilesOf(portArrays).map(keyOf);
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.subarray(keys), anyPlace), { maxLength: 30 }), (moves) => {
      let now = portArrays;
      for (const [moved, place] of moves) {
        const tiles = moved.map((key) => newTile(key.slice(0, 1), Number(key.slice(2))));
        now = putTiles(now, tiles, place);
        const found = tilesOf(now).map(keyOf);
        expect(new Set(found).size).toBe(found.length);
        expect(
          now.every(
            ({ strings }) =>
              strings.length > 0 &&
              stringsShape(strings)
                .split(/[|\-[\]]/)
                .every((part) => part.trim() !== "" || /[[\]]/.test(stringsShape(strings))),
          ),
        ).toBe(true);
        for (const key of found) {
          const place = locate(now, key);
          const item =
            place === null ? undefined : stringAt(now, place.portArray, place.path, place.string)?.items[place.at];
          expect(item?.type === "panel" ? keyOf(item) : null).toBe(key);
        }
      }
    }),
  );
});
