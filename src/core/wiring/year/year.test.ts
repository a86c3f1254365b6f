import fc from "fast-check";
import { changed, demoPlan, runs, randomPlan } from "@/testing";
import { type FilledBattery } from "../../need";
import { emptyPlan, type Plan, seasons } from "../../plan";
import { createSolveCache } from "../../plan-model";
import { drain } from "../../engine/generators";
import { acceptance, hourOfCharge } from "./charge";
import { inAll, lossNames, planYear, type PlanYear } from ".";
import { drawDays } from "./days";

/** The Lantern in the open, before anybody lived in it. */
const lantern: Plan = {
  ...demoPlan("The Lantern"),
  need: emptyPlan("").need,
  space: emptyPlan("").space,
  site: { ...demoPlan("The Lantern").site, horizon: [] },
};
const yearOf = (plan: Plan, wiringId = plan.wirings[0]?.id ?? ""): PlanYear =>
  drain(planYear({ plan, wiringId, weather: null, fineness: "quick", memory: createSolveCache() }));
const takenKwh = (plan: Plan, wiringId?: string) => inAll(yearOf(plan, wiringId).months).takenKwh;

/** The Lantern with a battery and a day's use, in the south of its country unless said otherwise. */
function lived(plan: Plan, wh: number, capacityAh = 100): Plan {
  return changed(
    plan,
    { type: "addToNeed", list: "batteries", id: "b", like: { volts: 24, capacityAh, keptWarm: true } },
    {
      type: "addToNeed",
      list: "loads",
      id: "l",
      like: { name: "All", watts: wh, hoursADay: 1, when: "evening", seasons: [...seasons] },
    },
  );
}

test("whatever the plan, what could be had less every loss is what is used, and no loss but heat is below nothing", () => {
  fc.assert(
    fc.property(fc.nat(1000), fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 1, max: 300 }), (seed, wh, ah) => {
      const year = yearOf(lived(randomPlan(seed), wh, ah));
      for (const month of [...year.months, inAll(year.months)]) {
        const lost = lossNames.reduce((sum, name) => sum + month.losses[name], 0);
        expect(Math.abs(month.couldKwh - lost - month.usedKwh)).toBeLessThanOrEqual(1e-6 * Math.max(1, month.couldKwh));
        for (const name of lossNames)
          if (name !== "heat") expect(month.losses[name]).toBeGreaterThanOrEqual(-1e-9 * month.couldKwh);
        expect(month.takenKwh).toBeLessThanOrEqual(month.offeredKwh * (1 + 1e-9));
      }
    }),
    { numRuns: runs(3) },
  );
});

test("charge stays between empty and full, no energy comes from nowhere, and lithium takes nothing below freezing", () => {
  const of = (max: number) => fc.double({ min: 0, max, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({ sunW: of(2000), loadW: of(2000), sourcesW: of(500), airTempC: fc.integer({ min: -30, max: 40 }) }),
      fc.record({ capacityWh: of(5000), usableShare: of(1), maxChargeW: of(3000), freezes: fc.boolean() }),
      of(1),
      (flows, given, charge) => {
        const battery: FilledBattery = { volts: 12, usableWh: 0, standingW: 0, ...given };
        const after = hourOfCharge(battery, charge, flows);
        expect(after.charge >= 0 && after.charge <= 1).toBe(true);
        expect(after.directWh + after.storedWh + after.leftWh).toBeCloseTo(flows.sunW, 6);
        const gainedWh = (after.charge - charge) * battery.capacityWh;
        const servedWh = flows.loadW - after.unmetWh;
        expect(after.directWh + after.storedWh + after.sourcesWh - servedWh).toBeCloseTo(gainedWh, 4);
        if (battery.freezes && flows.airTempC < 0) {
          expect(after.storedWh).toBe(0);
          expect(after.charge).toBeLessThanOrEqual(charge);
        }
      },
    ),
  );
  // by the taper: all up to 85 %, a twentieth when all but full, half-way between half-way
  expect([0.2, 0.85, 0.925, 0.999999, 1].map((share) => Number(acceptance(share).toFixed(3)))).toEqual([
    1, 1, 0.525, 0.05, 0,
  ]);
});

test("days keep their kinds in equal shares, follow their like, and are the same for the same seed", () => {
  const days = [...drawDays(30, 8, 1)];
  expect(days.length).toBe(30 * 365);
  const shares = Array.from({ length: 8 }, (_, kind) => days.filter((day) => day.kind === kind).length / days.length);
  for (const share of shares) expect(Math.abs(share - 1 / 8)).toBeLessThan(0.01);
  const mean = 3.5;
  const pairs = days.slice(1).map((day, k) => (day.kind - mean) * ((days[k]?.kind ?? 0) - mean));
  const spread = days.reduce((sum, { kind }) => sum + (kind - mean) ** 2, 0) / days.length;
  // ranks of a Gaussian walk of 0.29 are correlated a little less: 6/π·asin(0.29/2)
  expect(pairs.reduce((sum, pair) => sum + pair, 0) / pairs.length / spread).toBeCloseTo(0.278, 1);
  expect([...drawDays(1, 8, 1)]).toEqual(days.slice(0, 365));
});

describe("what comes of changes", () => {
  const facing = (turning: Plan["mounts"][number]["turning"], tiltDeg = 0): Plan =>
    changed(lantern, {
      type: "setMount",
      mount: {
        id: "roof",
        name: "Roof",
        kind: "tilted",
        tiltDeg,
        azimuthDeg: null,
        azimuthFrom: "north",
        turning,
        pieces: [1, 2, 3, 4].map((piece) => ({ panelId: "roof", piece })),
      },
    });
  const fixed = { type: "fixed" } as const;

  test("the more often a mount is turned to the sun, the more there is", () => {
    const flat = takenKwh(facing(fixed));
    const tilted = takenKwh(facing(fixed, 40));
    const seasonal = takenKwh(
      facing({
        type: "seasons",
        turns: [
          { fromDay: "04-01", tiltDeg: 25 },
          { fromDay: "10-01", tiltDeg: 65 },
        ],
      }),
    );
    const [twice, four, following] = [
      takenKwh(facing({ type: "reaimed", timesADay: 2 })),
      takenKwh(facing({ type: "reaimed", timesADay: 4 })),
      takenKwh(facing({ type: "following" })),
    ];
    const rising = [flat, tilted, seasonal, twice, four, following];
    expect([...rising].sort((a, b) => a - b)).toEqual(rising);
  });

  test("a wood to the south takes much in winter and little in summer; dirt takes its share", () => {
    const horizon = [120, 240].map((azimuthDeg) => ({ azimuthDeg, elevationDeg: 18 }));
    const walled = [...horizon, { azimuthDeg: 119, elevationDeg: 0 }, { azimuthDeg: 241, elevationDeg: 0 }];
    const [open, wooded] = [
      yearOf(lantern),
      yearOf(changed(lantern, { type: "setSite", patch: { horizon: walled } })),
    ].map(({ months }) => months.map((month) => month.takenKwh));
    const left = (month: number) => (wooded?.[month] ?? 0) / (open?.[month] ?? 1);
    expect(left(11)).toBeLessThan(0.75);
    expect(left(5)).toBeGreaterThan(0.93);
    const losses = { ...lantern.site.losses, dirtPct: 10 };
    const dirty = takenKwh(changed(lantern, { type: "setSite", patch: { losses } })) / takenKwh(lantern);
    expect(dirty).toBeCloseTo(0.9 / 0.97, 2);
  });

  test("a vehicle turned round turns what is told from its front, and nothing else", () => {
    const east = (azimuthFrom: "north" | "front", headingDeg: number) => {
      const mounted = facing(fixed, 30);
      const mounts = mounted.mounts.map((mount) => ({ ...mount, azimuthDeg: 90, azimuthFrom }));
      return takenKwh(changed({ ...mounted, mounts }, { type: "setSite", patch: { headingDeg } }));
    };
    expect(east("north", 90)).toBeCloseTo(east("north", 0), 6);
    // east of a front that points north is east; of one that points east, south
    expect(east("front", 90)).toBeGreaterThan(1.05 * east("front", 0));
  });

  test("what stands on the roof takes its share, by name, more the higher it is, and turns with the vehicle", () => {
    const roofed: Plan = { ...lantern, space: demoPlan("The Lantern").space };
    const higher: Plan = {
      ...roofed,
      space: {
        ...roofed.space,
        obstacles: roofed.space.obstacles.map((each) => ({
          ...each,
          shape: { ...each.shape, heightMm: 3 * each.shape.heightMm },
        })),
      },
    };
    const turned = changed(roofed, { type: "setSite", patch: { headingDeg: 60 } });
    const [bare, low, high, other] = [lantern, roofed, higher, turned].map((plan) => inAll(yearOf(plan).months));
    expect(bare?.losses.shade).toBe(0);
    expect(low?.losses.shade).toBeGreaterThan(0.5);
    expect(high?.losses.shade).toBeGreaterThan(1.3 * (low?.losses.shade ?? Infinity));
    expect(low?.couldKwh).toBeCloseTo(bare?.couldKwh ?? 0, 6);
    expect(Math.abs((other?.takenKwh ?? 0) - (low?.takenKwh ?? 0))).toBeGreaterThan(0.5);
    for (const year of [low, high, other]) {
      const lost = lossNames.reduce((sum, name) => sum + (year?.losses[name] ?? 0), 0);
      expect((year?.couldKwh ?? 0) - lost).toBeCloseTo(year?.usedKwh ?? 0, 6);
    }
  });

  test("a position for the morning takes its hours out of the day, and no more", () => {
    const always = { ...lantern, positions: lantern.positions.map((position) => ({ ...position, hours: null })) };
    const stowed = inAll(yearOf(lantern).months);
    expect(inAll(yearOf(always).months).losses.stowed).toBe(0);
    expect(stowed.losses.stowed).toBeGreaterThan(0);
    expect(stowed.couldKwh).toBeCloseTo(inAll(yearOf(always).months).couldKwh, 6);
  });

  test("a small battery overflows in summer, a great need is missed in winter; both are told by month", () => {
    const { months, stores } = yearOf(lived(lantern, 700, 40));
    expect(months[5]?.losses.batteryFull).toBeGreaterThan(months[11]?.losses.batteryFull ?? Infinity);
    expect(months[11]?.missedPct).toBeGreaterThan(60);
    expect(months[5]?.missedPct).toBeLessThan(months[11]?.missedPct ?? 0);
    expect(stores[0]?.darkest.length).toBe(14);
    const large = yearOf(lived(lantern, 700, 400));
    for (const [k, { missedPct }] of large.months.entries())
      expect(missedPct).toBeLessThanOrEqual((months[k]?.missedPct ?? 0) + 1e-9);
    expect(large.stores[0]?.batteryId).toBe("b");
  });

  test("ports behind one limit keep it together, hour by hour", () => {
    const [station] = lantern.inputs;
    if (station === undefined) throw new Error("the Lantern has a station");
    const withGroup = (maxW: number | null): Plan => ({
      ...lantern,
      inputs: lantern.inputs.map((input) =>
        input.id !== station.id
          ? input
          : {
              ...input,
              device: {
                ...input.device,
                groups: [
                  {
                    id: "both",
                    name: "Both",
                    portIds: input.device.ports.map(({ id }) => id),
                    maxW,
                    maxA: null,
                    nature: "drawsUpTo" as const,
                  },
                ],
              },
            },
      ),
    });
    const limited = yearOf(withGroup(300));
    for (const day of limited.days) for (const { takenW } of day) expect(takenW).toBeLessThanOrEqual(300.001);
    expect(inAll(limited.months).losses.clippedWatts).toBeGreaterThan(50);
    expect(inAll(limited.months).offeredKwh).toBeCloseTo(inAll(yearOf(withGroup(null)).months).offeredKwh, 6);
  });
});
