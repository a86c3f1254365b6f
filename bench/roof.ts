import {
  allLight,
  createShadows,
  type FillKind,
  fillSurface,
  type Ground,
  type Obstacle,
  type RoofPanel,
} from "../src/core/roof";
import { runToEnd } from "../src/core/steps";
import { print, timed } from "./figures";

/** A crowded roof of 6 × 2.2 m: filled with three kinds; and the shadows of one instant on 24 panels among 20 things. */
const box = (x: number, y: number, wide: number, deep: number) =>
  [
    [x, y],
    [x + wide, y],
    [x + wide, y + deep],
    [x, y + deep],
  ] as const;
const ground: Ground = {
  outline: box(0, 0, 2200, 6000).map(([xMm, yMm]) => ({ xMm, yMm })),
  taken: [
    box(700, 2800, 800, 700),
    box(300, 5200, 500, 500),
    box(1500, 400, 450, 450),
    box(1700, 4100, 300, 600),
    box(100, 1900, 300, 300),
    box(1200, 1700, 250, 250),
    box(800, 4400, 120, 120),
    box(1900, 2600, 200, 200),
  ],
  zones: [],
};
const kinds = (count: number | null): FillKind[] =>
  [
    [1640, 992, 350],
    [1200, 540, 110],
    [780, 560, 80],
  ].map(([lengthMm = 0, widthMm = 0, watts = 0], k) => ({ panelId: `k${k}`, lengthMm, widthMm, watts, count }));

for (const count of [null, 3])
  for (const tries of [0, 100_000]) {
    const filled = () =>
      runToEnd(fillSurface({ ground, kinds: kinds(count), seamMm: 20, kept: allLight, ways: "any" }, tries));
    const { watts, boundW, panels } = filled();
    print(
      `fill 6 x 2.2 m, 8 things, 3 kinds, ${count ?? "any"} of each, ${tries} tries: ${panels.length} panels, ${watts} of at most ${boundW.toFixed(0)} W`,
      timed(5, filled),
    );
  }
