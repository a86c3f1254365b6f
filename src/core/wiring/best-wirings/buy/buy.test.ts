import fc from "fast-check";
import { applyChanges, emptyPlan, type PanelSheet, type Plan, plainSurface, type RoofObstacle } from "@/core/plan";
import { assess } from "@/core/assessment";
import { drain } from "@/core/engine/generators";
import { demoInputs, demoPanels } from "@/demo";
import { demoPlan, runs, number } from "@/testing";
import { buyChanges, type Purchase, whatToBuy } from ".";
import { maxOf } from "./options";

const lantern = demoPlan("The Lantern");
const few = { rigid195: demoPanels.rigid195, flexible100: demoPanels.flexible100, folding160: demoPanels.folding160 };
const panels = Object.entries(few).map(([id, sheet]) => ({ id, sheet }));
const stations = {
  lodestone: demoInputs.pressController,
  loft: demoInputs.twoPortStation,
  plain: demoInputs.pwmController,
};
const inputs = Object.entries(stations).map(([id, sheet]) => ({ id, sheet }));

type Shopping = Plan["shopping"];
const bought = (shopping: Partial<Shopping>, plan: Plan = lantern, of = panels) => {
  const asked = { ...plan, shopping: { ...plan.shopping, ...shopping } };
  const found = drain(whatToBuy({ plan: asked, wiringId: "everyday", weather: null, panels: of, inputs }));
  return { plan: asked, found, all: found.offers.map(({ purchase }) => purchase) };
};

function paid({ panel, count, money, input }: Purchase): number {
  return (money ?? 0) - count * (panel.sheet.price ?? 0) - (input?.sheet.price ?? 0);
}

test("what is bought stays within money and weight, beside what is owned, and no rule stops it", () => {
  const { plan, found, all } = bought({ budget: 450, carryKg: 12 }, lantern, panels.slice(0, 2));
  expect(all.length).toBeGreaterThan(1);
  for (const purchase of all) {
    expect(purchase.money).toBeLessThanOrEqual(450);
    expect(purchase.kg).toBeLessThanOrEqual(12);
    expect(purchase.kwh).toBeCloseTo(found.ownedKwh + purchase.moreKwh, 6);
    const after = applyChanges(plan, buyChanges(plan, "everyday", purchase));
    expect(after.panels.slice(0, lantern.panels.length).map(({ pieces }) => pieces.length)).toEqual(
      lantern.panels.map(({ pieces }) => pieces.length),
    );
    const assessment = assess(after, "everyday");
    const stops = assessment.type === "assessed" ? assessment.findings.filter(({ level }) => level === "stop") : [null];
    expect(stops).toEqual([]);
  }
  const most = all.find(
    (purchase) => purchase === found.offers.find(({ titles }) => titles.includes("maxEnergy"))?.purchase,
  );
  for (const { kwh } of all) expect(kwh).toBeLessThanOrEqual(most?.kwh ?? 0);
});

test("smallest lots, delivery and adapters are paid; a kit that plugs in needs no adapter", () => {
  const costs = { delivery: 40, adapter: 30, carryKg: 4 };
  const one = panels.slice(1, 2);
  const single = bought(costs, lantern, one).found.kinds;
  const lots = bought({ ...costs, lot: 4 }, lantern, one).found.kinds;
  const kits = bought({ ...costs, plugsIn: panels.map(({ id }) => id) }, lantern, one).found.kinds;
  for (const [k, { best }] of single.entries()) {
    const [lot, kit] = [lots[k]?.best, kits[k]?.best];
    if (best === null || lot === null || lot === undefined || kit === null || kit === undefined) continue;
    expect(paid(best)).toBeGreaterThanOrEqual(70);
    expect(paid(kit)).toBeGreaterThanOrEqual(40);
    if (kit.count === best.count) expect(kit.money ?? 0).toBeLessThan(best.money ?? 0);
    const pieces = ((lot.money ?? 0) - 40) / (lot.panel.sheet.price ?? 1);
    expect(pieces).toBeGreaterThanOrEqual(4);
  }
});

test("an area holds whole panels only; what has no room is not offered; PWM brings less than MPPT", () => {
  const { lengthMm, widthMm } = few.rigid195;
  const room = { room: "area", lengthMm: 2 * (lengthMm ?? 0) + 25, widthMm: (widthMm ?? 0) + 10 } as const;
  const { found } = bought(room, lantern, panels.slice(0, 1));
  expect(found.kinds.find(({ panel }) => panel.id === "rigid195")?.fits).toBe(2);
  // a sheet that says no size is not as small as one likes
  const unsized = { id: "unsized", sheet: { ...few.rigid195, lengthMm: null, widthMm: null } };
  const shopping = { ...lantern.shopping, room: "area", lengthMm: 400, widthMm: 400 } as const;
  expect(drain(maxOf({ ...lantern, shopping }, unsized))).toBe(0);
  const none = bought({ ...room, lengthMm: 300, widthMm: 200 }).found;
  expect([none.offers, none.kinds.map(({ fits }) => fits)]).toEqual([[], [0, 0, 0]]);
  const bare = {
    ...lantern,
    panels: [],
    inputs: [],
    mounts: [],
    wirings: lantern.wirings.map((each) => ({ ...each, portArrays: [] })),
  };
  const free = {
    ...bare,
    positions: lantern.positions.map((position) => ({ ...position, stands: [] })),
    space: { ...lantern.space, places: [] },
  };
  const begun = bought({ carryKg: 6 }, free, panels.slice(1, 2)).found;
  expect(begun.offers.every(({ purchase }) => purchase.input !== null)).toBe(true);
  const [mppt, pwm] = ["mppt", "pwm"].map((conversion) => begun.inputs.find((line) => line.conversion === conversion));
  expect(mppt?.kwh ?? 0).toBeGreaterThan(pwm?.kwh ?? 0);
  // the very same panels on both, as many as the small PWM input takes: volts above its battery's are what is lost
  const [suited] = begun.pwm;
  expect(suited).toMatchObject({ count: 1, panel: { id: "flexible100" } });
  const kept = (suited?.kwh ?? 0) / (suited?.beside?.kwh ?? Infinity);
  expect(kept).toBeGreaterThan(0.65);
  expect(kept).toBeLessThan(0.95);
});

test("a locker takes what goes into it: folded, or as it lies; a larger one or a stronger one takes no fewer", () => {
  const { rigid60, rigid195, folding160, blanket120 } = demoPanels;
  const fits = (sheet: PanelSheet, [lengthMm, widthMm, heightMm]: readonly number[], maxKg: number | null = null) => {
    const locker = { id: "l", name: "Locker", lengthMm, widthMm, heightMm, maxKg } as Plan["space"]["lockers"][number];
    const plan = { ...emptyPlan("Lockers"), space: { ...emptyPlan("Lockers").space, lockers: [locker] } };
    const shopping = { ...plan.shopping, room: "lockers" } as const;
    return drain(maxOf({ ...plan, shopping }, { id: "p", sheet }));
  };
  const bay = [1400, 420, 700] as const;
  // glass of 1.5 m does not go into 1.4 m, whichever way; a small one goes in slabs of 40 mm
  expect([
    fits(rigid195, bay),
    fits(rigid60, [1200, 300, 130]),
    fits({ ...folding160, stowedDepthMm: null }, bay),
  ]).toEqual([0, 3, 0]);
  expect(fits(folding160, [560, 540, 4 * (folding160.stowedDepthMm ?? 0)])).toBe(4);
  expect(fits(folding160, bay, 2.5 * (folding160.weightKg ?? 0))).toBe(2);
  fc.assert(
    fc.property(fc.array(number(200, 1500), { minLength: 3, maxLength: 3 }), number(0, 800), (size, more) => {
      for (const sheet of [rigid60, folding160, blanket120]) {
        const few = fits(sheet, size);
        const [long = 0, ...others] = size;
        expect(fits(sheet, [long + more, ...others])).toBeGreaterThanOrEqual(Math.min(few, 1));
        const { stowedLengthMm, stowedWidthMm, stowedDepthMm, lengthMm, widthMm } = sheet;
        const slab = [stowedLengthMm ?? lengthMm ?? 0, stowedWidthMm ?? widthMm ?? 0, stowedDepthMm ?? 40];
        const volume = (sides: readonly number[]) => sides.reduce((all, side) => all * side, 1);
        expect(few * volume(slab)).toBeLessThanOrEqual(volume(size));
      }
    }),
    { numRuns: runs(40) },
  );
});

test("a surface has room for what the fill lays there: fewer where something is in the way", () => {
  const sheet = demoPanels.rigid60;
  const roof = plainSurface("s", "Roof", 2000, 1500);
  const hatch: RoofObstacle = {
    id: "h",
    name: "Hatch",
    surfaceId: "s",
    kind: "hatch",
    xMm: 1000,
    yMm: 750,
    zMm: 0,
    shape: { type: "box", lengthMm: 900, widthMm: 900, heightMm: 50, turnDeg: 0 },
    clearanceMm: 0,
    planned: false,
  };
  const bare = emptyPlan("Surface");
  const room = (obstacles: Plan["space"]["obstacles"]) => {
    const space = { ...bare.space, surfaces: [roof], obstacles };
    const shopping = { ...bare.shopping, room: "surface", surfaceId: "s" } as const;
    return drain(maxOf({ ...bare, space, shopping }, { id: "p", sheet }));
  };
  const [free, crowded] = [room([]), room([hatch])];
  expect(free * (sheet.lengthMm ?? 0) * (sheet.widthMm ?? 0)).toBeLessThanOrEqual(2000 * 1500);
  expect(free).toBeGreaterThan(crowded);
  expect(crowded).toBeGreaterThan(0);
});
