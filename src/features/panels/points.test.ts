import { readPoints } from "./points";

test.each<[string, string, [number, number][]]>([
  [
    "commas",
    "0,6.04\n12.5,5.9",
    [
      [0, 6.04],
      [12.5, 5.9],
    ],
  ],
  [
    "commas with spaces, and units",
    "0 V, 6.04 A\n12.5 V, 5.9 A",
    [
      [0, 6.04],
      [12.5, 5.9],
    ],
  ],
  [
    "semicolons and decimal commas",
    "0;6,04\r\n12,5;5,9\n",
    [
      [0, 6.04],
      [12.5, 5.9],
    ],
  ],
  [
    "a pasted table with its heading",
    "volts\tamps\n0\t6.04\n\n12.5\t5.9",
    [
      [0, 6.04],
      [12.5, 5.9],
    ],
  ],
  [
    "spaces",
    "0 6.04\n12.5   5.9",
    [
      [0, 6.04],
      [12.5, 5.9],
    ],
  ],
  ["nothing", " \n", []],
])("points parted by %s are read", (_, text, expected) => {
  expect(readPoints(text)).toEqual({ type: "points", points: expected.map(([v, i]) => ({ v, i })) });
});

test.each<[string, number]>([
  ["0, 6\n12.5", 2],
  ["0, 6\n1, 2, 3", 2],
  ["0, 6\n-3, 5", 2],
  ["0, 6\n5, many", 2],
  ["900, 6", 1],
])("%j is refused at its line", (text, line) => {
  expect(readPoints(text)).toMatchObject({ type: "fault", line });
});
