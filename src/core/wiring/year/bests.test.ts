import { changed, demoPlan } from "@/testing";
import { climateKinds } from "../../site/climate";
import { type Plan } from "../../plan";
import { createSolveCache } from "../../plan-model";
import { drain } from "../../engine/generators";
import { outsideMonthWhM2 } from "../../engine/weather";
import { bestTilts, gainsOf, likeliestKind, monthsOfKind, remindersOf, typicalMonthsOf } from ".";
import { createYields, yearOf } from "./yield";

const lantern = demoPlan("The Lantern");
const openSky: Plan = { ...lantern, site: { ...lantern.site, horizon: [] } };
const at = (latitudeDeg: number): Plan => changed(openSky, { type: "setSite", patch: { latitudeDeg } });

describe("tilts", () => {
  test("none of the tilts between beats the best, two beat one, and following beats both", () => {
    const { flat, fixed, two, following } = bestTilts(openSky, null, "tilted");
    const rising = [flat.kwhPerW, fixed.kwhPerW, two.kwhPerW, following];
    expect([...rising].sort((a, b) => a - b)).toEqual(rising);
    const yields = createYields(openSky, null);
    for (let tiltDeg = 0; tiltDeg <= 75; tiltDeg += 5) {
      const facing = { tiltDeg, azimuthDeg: null, azimuthFrom: "north", turning: { type: "fixed" } } as const;
      expect(yearOf(yields.of(facing, "tilted"))).toBeLessThanOrEqual(fixed.kwhPerW + 1e-12);
    }
  });

  test("near the equator they lie flat, in the north they stand; the south does as the north half a year on", () => {
    expect(bestTilts(at(2), null, "tilted").fixed.tiltDeg).toBeLessThanOrEqual(10);
    expect(bestTilts(at(57), null, "tilted").fixed.tiltDeg).toBeGreaterThanOrEqual(30);
    const { turns } = bestTilts(at(-38), null, "tilted").two;
    const [first] = turns;
    const steep = Math.max(...turns.map(({ tiltDeg }) => tiltDeg));
    expect([first.tiltDeg === steep, first.fromMonth >= 3 && first.fromMonth <= 5]).toEqual([true, true]);
  });
});

test("a kind of climate confirmed is the same year as the same kind assumed", () => {
  const kind = likeliestKind(57);
  const confirmed = changed(openSky, { type: "setSite", patch: { climate: monthsOfKind(kind, 57) } });
  const [a, b] = [typicalMonthsOf(openSky), typicalMonthsOf(confirmed)];
  expect([a.source.type, b.source.type]).toEqual(["assumed", "months"]);
  for (const [k, clearness] of a.months.clearness.entries()) {
    expect(b.months.clearness[k]).toBeCloseTo(clearness, 6);
    expect(b.months.airTempC[k]).toBe(a.months.airTempC[k]);
  }
  // light on the flat: clearness of the kind times what there is outside the air
  const [january] = monthsOfKind(kind, 57).months;
  expect(january?.ghiKwhM2).toBeCloseTo(((kind.clearness[0] ?? 0) * outsideMonthWhM2(57, 1)) / 1000, 9);
  expect(climateKinds.some(({ id }) => id === likeliestKind(85).id)).toBe(true);
});

test("what changes would bring: each at most once, a clean roof never less, a Stop told as one", () => {
  const gains = drain(gainsOf({ plan: lantern, wiringId: "everyday", weather: null, memory: createSolveCache() }));
  const kinds = gains.map(({ kind }) => kind.type);
  expect(kinds).toEqual(
    expect.arrayContaining(["onePanel", "tilt", "clean", "battery", "otherWiring", "parallelInstead"]),
  );
  expect(gains.map(({ usedKwh }) => usedKwh)).toEqual(gains.map(({ usedKwh }) => usedKwh).sort((a, b) => b - a));
  expect(gains.find(({ kind }) => kind.type === "clean")?.takenKwh).toBeGreaterThan(0);
  expect(gains.find(({ kind }) => kind.type === "battery")?.usedKwh).toBeGreaterThanOrEqual(0);
  const fifth = gains.find(({ kind }) => kind.type === "onePanel" && kind.panelName.startsWith("Mossgate"));
  // five of them reach 150 V in the cold, where the port takes 142
  expect(fifth).toMatchObject({ stopped: true, price: { amount: expect.any(Number) as number } });
  expect(fifth?.takenKwh).toBeGreaterThan(0);
});

test("reminders: the mounts' own changes of tilt, or those advised where they have none; half a year on in the south", () => {
  const tilts = bestTilts(openSky, null, "tilted");
  const advised = remindersOf(openSky, tilts);
  expect(advised.map(({ type }) => type)).toEqual(["tilt", "tilt", "clean", "clean"]);
  expect(advised[0]).toMatchObject({ day: 1, month: tilts.two.turns[0].fromMonth, mountName: null });
  const boat = remindersOf(demoPlan("Narrowboat"), tilts);
  expect(boat.slice(0, 2)).toMatchObject([
    { type: "tilt", month: 4, day: 1, tiltDeg: 25, mountName: "Tilted at the mooring" },
    { type: "tilt", month: 10, day: 1, tiltDeg: 60 },
  ]);
  expect(remindersOf(at(-38), null).map(({ month }) => month)).toEqual([9, 12]);
});
