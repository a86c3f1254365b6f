import { changed, demoPlan } from "@/testing";
import { type Change, type Plan } from "../../plan";
import { createSolveCache } from "../../plan-model";
import { drain } from "../../engine/generators";
import { inAll, keptLightOf, planYear, type ShadeMap, shadeMap } from ".";

const lantern = demoPlan("The Lantern");
const mapOf = (plan: Plan, surfaceId = "roof"): ShadeMap =>
  drain(shadeMap({ plan, surfaceId, positionId: "parked", weather: null }));
const without = (plan: Plan, ...ids: readonly string[]) =>
  changed(plan, ...ids.map((id): Change => ({ type: "removeFromSpace", list: "obstacles", id })));
const openSky: Change = { type: "setSite", patch: { horizon: [] } };
const spotAt = ({ spotMm, columns, lostKwhM2 }: ShadeMap, xMm: number, yMm: number) =>
  lostKwhM2[Math.floor(yMm / spotMm) * columns + Math.floor(xMm / spotMm)] ?? NaN;

test("with nothing on the roof nothing is lost; beside the cupola more is than far from it, and under it all that comes straight", () => {
  const bare = mapOf(without(lantern, "hatch", "cupola", "rack"));
  expect(Math.max(...bare.lostKwhM2)).toBe(0);
  expect(bare.panels.map(({ lostKwh }) => lostKwh)).toEqual([0, 0, 0, 0].map(() => expect.closeTo(0, 6) as unknown));
  const map = mapOf(lantern);
  expect(map.openKwhM2).toBeCloseTo(bare.openKwhM2, 6);
  const [under, beside, far] = [spotAt(map, 750, 5850), spotAt(map, 750, 5300), spotAt(map, 500, 800)];
  expect(under).toBeGreaterThan(beside);
  expect(beside).toBeGreaterThan(far);
  expect(under).toBeLessThan(map.openKwhM2);
  const kept = keptLightOf(map);
  expect(kept(350, 1150, 5500, 6200)).toBeLessThan(0.75);
  expect(kept(200, 800, 300, 1300)).toBeGreaterThan(0.98);
});

test("shadows are those of the way the vehicle stands: turned round, what lay in the morning's shade lies in the evening's", () => {
  const tower = changed(without(lantern, "hatch", "rack"), openSky);
  const heading = (headingDeg: number) => mapOf(changed(tower, { type: "setSite", patch: { headingDeg } }));
  const [east, west] = [heading(90), heading(270)];
  // the cupola stands at x 750; heading east, its right is the south: its shadow falls to the left, and the other way round
  expect(spotAt(east, 200, 5850)).toBeGreaterThan(spotAt(east, 1500, 5850));
  expect(spotAt(west, 200, 5850)).toBeLessThan(spotAt(west, 1500, 5850));
});

test("what the map says panels lose is what the year of the whole wiring says, about", () => {
  const one = changed(
    without(lantern, "rack"),
    openSky,
    { type: "liftPanels", refs: [1, 2, 3].map((piece) => ({ panelId: "roof", piece })) },
    { type: "setCount", panelId: "roof", count: 4 },
  );
  const year = drain(
    planYear({ plan: one, wiringId: "everyday", weather: null, fineness: "full", memory: createSolveCache() }),
  );
  const { losses } = inAll(year.months);
  const map = mapOf(one);
  const lost = map.panels.reduce((sum, { lostKwh }) => sum + lostKwh, 0);
  expect(lost).toBeGreaterThan(5);
  expect(Math.abs(lost / losses.shade - 1)).toBeLessThan(0.12);
});

test("panels that a mount tilts up by season throw the shadows of how they then stand, one on the other behind it", () => {
  const bare = changed(
    without(lantern, "hatch", "cupola", "rack"),
    openSky,
    { type: "setSite", patch: { headingDeg: 0 } },
    { type: "liftPanels", refs: [1, 2].map((piece) => ({ panelId: "roof", piece })) },
  );
  const rows = changed(
    bare,
    ...[3, 4].map((piece, k): Change => ({
      type: "patchPlaces",
      refs: [{ panelId: "roof", piece }],
      positionId: null,
      patch: { xMm: 1000, yMm: 1000 + 1600 * k },
    })),
  );
  const shadeOf = (turns: readonly { fromDay: string; tiltDeg: number }[]) => {
    const plan = changed(rows, {
      type: "setMount",
      mount: {
        id: "up",
        name: "Legs",
        kind: "tilted",
        tiltDeg: 0,
        azimuthDeg: null,
        azimuthFrom: "north",
        turning: { type: "seasons", turns: [...turns] },
        pieces: [3, 4].map((piece) => ({ panelId: "roof", piece })),
      },
    });
    const year = drain(
      planYear({ plan, wiringId: "pressday", weather: null, fineness: "quick", memory: createSolveCache() }),
    );
    return year.months.map(({ losses }) => losses.shade);
  };
  const flat = shadeOf([{ fromDay: "01-01", tiltDeg: 0 }]);
  expect(Math.max(...flat)).toBeLessThan(0.05);
  // up from October to March only
  const up = shadeOf([
    { fromDay: "04-01", tiltDeg: 0 },
    { fromDay: "10-01", tiltDeg: 60 },
  ]);
  expect(Math.min(...[0, 1, 10, 11].map((month) => up[month] ?? 0))).toBeGreaterThan(0.2);
  expect(Math.max(...[4, 5, 6, 7].map((month) => up[month] ?? 0))).toBeLessThan(0.05);
});
