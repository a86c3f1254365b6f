import {
  allLight,
  createShadows,
  type FillKind,
  fillSurface,
  type Ground,
  layoutFaults,
  type Obstacle,
  type RoofPanel,
} from "../src/core/layout/roof";
import { applyChanges, type Change, emptyPlan, plainSurface, type Plan, type Surface } from "../src/core/plan";
import { drain } from "../src/core/engine/generators";
import { shadeMap } from "../src/core/wiring/year";
import { demoPanels } from "../src/demo";
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
const parked = { headingDeg: 0, latitudeDeg: 52 };
const kinds = (count: number | null): FillKind[] =>
  [
    [1640, 992, 350],
    [1200, 540, 110],
    [780, 560, 80],
  ].map(([lengthMm = 0, widthMm = 0, watts = 0], k) => ({ panelId: `k${k}`, lengthMm, widthMm, watts, count }));

for (const count of [null, 3])
  for (const tries of [0, 100_000]) {
    const filled = () =>
      drain(fillSurface({ ground, kinds: kinds(count), seamMm: 20, kept: allLight, ways: "any" }, tries));
    const { watts, boundW, panels } = filled();
    print(
      `fill 6 x 2.2 m, 8 things, 3 kinds, ${count ?? "any"} of each, ${tries} tries: ${panels.length} panels, ${watts} of at most ${boundW.toFixed(0)} W`,
      timed(5, filled),
    );
  }

const panels: RoofPanel[] = Array.from({ length: 24 }, (_, k) => ({
  id: `p${k}`,
  xMm: 500 + 700 * (k % 3),
  yMm: 500 + 1200 * Math.floor(k / 3),
  zMm: 60,
  alongMm: 1100,
  acrossMm: 540,
  turnDeg: 0,
  tiltDeg: k % 2 === 0 ? 0 : 15,
  tiltTowardsDeg: 150,
  cellsAlong: 12,
  cellsAcross: 6,
  substrings: 3,
}));
const things: Obstacle[] = Array.from({ length: 20 }, (_, k) =>
  k % 4 === 3
    ? { type: "pole", xMm: 300 + 400 * (k % 5), yMm: 400 + 470 * k, zMm: 0, radiusMm: 30, heightMm: 2500 }
    : {
        type: "box",
        xMm: 400 + 380 * (k % 5),
        yMm: 300 + 480 * k,
        zMm: 0,
        lengthMm: 500,
        widthMm: 300,
        turnDeg: 10 * k,
        heightMm: 100 + 30 * k,
      },
);
const shadows = createShadows(panels, things);
let turn = 0;
print(
  "shadows of one instant, 24 panels of 72 cells, 20 things, a low sun",
  timed(200, () => shadows({ azimuthDeg: (turn += 7) % 360, elevationDeg: 12 + (turn % 40) })),
);

const crowded = crowdedRoof();
print(
  "shade map of a year, the same on a roof of 2.4 × 10 m",
  timed(3, () => drain(shadeMap({ plan: crowded, surfaceId: "roof", positionId: "pose-1", weather: null }))),
);
print(
  "everything wrong with that layout",
  timed(50, () => layoutFaults(crowded, crowded.space.surfaces[0] as Surface, "pose-1", parked)),
);

/** 24 panels among 20 things as a plan. */
function crowdedRoof(): Plan {
  const surface = { ...plainSurface("roof", "Roof", 2400, 10_000), headingDeg: 200 };
  const label = {
    ...demoPanels.rigid120,
    lengthMm: 1100,
    widthMm: 540,
    cellsAlong: 12,
    cellsAcross: 6,
    bypassDiodes: 3,
  };
  const bare = applyChanges(emptyPlan("Crowded"), [
    { type: "setSite", patch: { latitudeDeg: 52, longitudeDeg: 0 } },
    { type: "addPanel", id: "p", libraryId: null, label },
    { type: "setCount", panelId: "p", count: 24 },
    { type: "putInSpace", list: "surfaces", item: surface },
  ]);
  return applyChanges(bare, [
    ...things.map((thing, k): Change => {
      const { xMm, yMm, zMm } = thing;
      const shape =
        thing.type === "pole"
          ? ({ type: "pole", radiusMm: thing.radiusMm, heightMm: thing.heightMm } as const)
          : ({
              type: "box",
              lengthMm: thing.lengthMm,
              widthMm: thing.widthMm,
              heightMm: thing.heightMm,
              turnDeg: thing.turnDeg,
            } as const);
      const item = { id: `t${k}`, name: `Thing ${k}`, surfaceId: "roof", kind: "own" as const, xMm, yMm, zMm, shape };
      return { type: "putInSpace", list: "obstacles", item: { ...item, clearanceMm: 50, planned: false } };
    }),
    ...panels.map(({ xMm, yMm }, k): Change => ({
      type: "layPanel",
      place: { panelId: "p", piece: k + 1, surfaceId: "roof", xMm, yMm, turnedDeg: 0, gapMm: 60, inPositions: [] },
    })),
  ]);
}
