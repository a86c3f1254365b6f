import fc from "fast-check";
import { changed, demoPlan } from "@/testing";
import { emptyPlan, plainSurface, type Plan } from "../../plan";
import { footprintOf, type LayoutFault, layoutFaults, type RoofPanel } from ".";
import { sharedMm2 } from "./check";

const outline = (...points: readonly (readonly [number, number])[]) => points.map(([xMm, yMm]) => ({ xMm, yMm }));
const surface = plainSurface("roof", "Roof", 2000, 5000);
const facing = { headingDeg: 0, latitudeDeg: 50 };
const bare = { ...demoPlan("The Lantern"), space: emptyPlan("").space };
const roofed = changed(bare, { type: "putInSpace", list: "surfaces", item: surface });
const lay = (plan: Plan, piece: number, xMm: number, yMm: number, turnedDeg = 0) =>
  changed(plan, {
    type: "layPanel",
    place: { panelId: "roof", piece, surfaceId: "roof", xMm, yMm, turnedDeg, gapMm: 40, inPositions: [] },
  });
const faultsIn = (plan: Plan, on = surface): LayoutFault[] => layoutFaults(plan, on, "parked", facing);
const typesIn = (plan: Plan, on = surface) => faultsIn(plan, on).map(({ type }) => type);

test("side by side they fit; over one another, over the edge, on a hatch or in its way they do not", () => {
  const two = lay(lay(roofed, 1, 500, 900), 2, 1500, 900);
  expect(typesIn(two)).toEqual([]);
  expect(typesIn(lay(two, 2, 900, 900))).toEqual(["overlap"]);
  expect(typesIn(lay(two, 2, 1900, 900))).toEqual(["overEdge"]);
  const hatch = (yMm: number): Plan["space"]["obstacles"][number] => ({
    id: "hatch",
    name: "Hatch",
    surfaceId: "roof",
    kind: "hatch",
    xMm: 500,
    yMm,
    zMm: 0,
    shape: { type: "box", lengthMm: 400, widthMm: 400, heightMm: 80, turnDeg: 0 },
    clearanceMm: 300,
    planned: false,
  });
  const withHatch = (yMm: number) => typesIn(changed(two, { type: "putInSpace", list: "obstacles", item: hatch(yMm) }));
  expect([withHatch(900), withHatch(2000), withHatch(3500)]).toEqual([["onObstacle"], ["clearance"], []]);
  const walkway = {
    id: "w",
    name: "Walkway",
    surfaceId: "roof",
    kind: "walkway" as const,
    outline: outline([1700, 0], [2000, 0], [2000, 5000], [1700, 5000]),
  };
  expect(typesIn(changed(two, { type: "putInSpace", list: "zones", item: walkway }))).toEqual(["inZone"]);
});

test("an outline with a corner cut out of it is no roof there", () => {
  const notched = {
    ...surface,
    outline: outline([0, 0], [2000, 0], [2000, 2000], [1000, 2000], [1000, 5000], [0, 5000]),
  };
  expect(typesIn(lay(roofed, 1, 500, 3500), notched)).toEqual([]);
  const [fault] = faultsIn(lay(roofed, 1, 1000, 3500), notched);
  expect(fault?.type === "overEdge" ? fault.areaMm2 : 0).toBeGreaterThan(400_000);
});

test("what two panels share is the same whichever is asked first, and never more than either", () => {
  const some: fc.Arbitrary<RoofPanel> = fc.record({
    id: fc.constant("p"),
    xMm: fc.integer({ min: -500, max: 500 }),
    yMm: fc.integer({ min: -500, max: 500 }),
    zMm: fc.constant(40),
    alongMm: fc.integer({ min: 100, max: 2000 }),
    acrossMm: fc.integer({ min: 100, max: 1200 }),
    turnDeg: fc.integer({ min: 0, max: 359 }),
    tiltDeg: fc.integer({ min: 0, max: 60 }),
    tiltTowardsDeg: fc.integer({ min: 0, max: 359 }),
    cellsAlong: fc.constant(1),
    cellsAcross: fc.constant(1),
    substrings: fc.constant(1),
  });
  fc.assert(
    fc.property(some, some, (a, b) => {
      const [one, other] = [footprintOf(a), footprintOf(b)];
      const shared = sharedMm2(one, other);
      expect(shared).toBeCloseTo(sharedMm2(other, one), 2);
      expect(shared).toBeGreaterThan(-1e-3);
      // seen from above a tilted panel covers its area times the cosine of its tilt
      expect(sharedMm2(one, one)).toBeCloseTo(a.alongMm * a.acrossMm * Math.cos((a.tiltDeg * Math.PI) / 180), 0);
    }),
  );
});
