import { row } from "@/testing";
import { shapeOf } from "./shape-of";

const lanes = (...rows: readonly (readonly [panelId: string, piece: number][])[]) => [
  { inputId: "i", portId: "high", rows: rows.map((tiles) => row(...tiles)) },
  { inputId: "i", portId: "low", rows: [] },
];

test("panels that are alike may change places, and rows theirs; one in the shade may not, nor a panel its row", () => {
  const alike = [["a.1", "a.2", "a.3"], ["a.4"]];
  const shape = (...rows: Parameters<typeof lanes>) => shapeOf(lanes(...rows), alike);
  const first = shape(
    [
      ["a", 1],
      ["a", 2],
    ],
    [
      ["a", 3],
      ["a", 4],
    ],
  );
  expect(
    shape(
      [
        ["a", 4],
        ["a", 1],
      ],
      [
        ["a", 2],
        ["a", 3],
      ],
    ),
  ).toBe(first);
  expect(
    shape(
      [
        ["a", 1],
        ["a", 2],
      ],
      [["a", 3]],
      [["a", 4]],
    ),
  ).not.toBe(first);
  const [withShaded, without] = [
    shape([
      ["a", 1],
      ["a", 4],
    ]),
    shape([
      ["a", 1],
      ["a", 2],
    ]),
  ];
  expect(withShaded).not.toBe(without);
  // of a panel that nobody has told of it counts which it is
  expect(shape([["a", 5]])).not.toBe(shape([["a", 6]]));
});
