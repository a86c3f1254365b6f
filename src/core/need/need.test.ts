import fc from "fast-check";
import { changed } from "@/testing";
import { emptyPlan, type Load, type Plan, seasons } from "../plan";
import { computedW, dailyNeed, monthsOf, needByHour, otherSourcesWh, quickRuleW, seasonOf, sourcesByHour } from ".";

function withLoads(...loads: readonly Partial<Load>[]): Plan {
  return loads.reduce<Plan>(
    (plan, like, k) => changed(plan, { type: "addToNeed", list: "loads", id: `l${k}`, like }),
    changed(emptyPlan("Van"), { type: "addToNeed", list: "batteries", id: "b", like: { volts: 24, capacityAh: 100 } }),
  );
}
const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0);

test("a day adds up: loads, what mains costs, what is always on; Ah at the battery's volts", () => {
  const { need } = withLoads(
    { watts: 45, hoursADay: 8 },
    { amps: 2, hoursADay: 3, count: 2 },
    { use: "times", timesADay: 3, timesWh: 90, supply: "mains" },
    { watts: 500, hoursADay: 1, seasons: ["summer"] },
  );
  // 45·8 + 2·2·24·3 = 648 from the battery; 270 of mains at 88 % cost 36.8, and an hour of the inverter 8; 24 h at 1 W
  const winter = dailyNeed(need, "winter", "b");
  expect(winter).toMatchObject({ dcWh: 648, mainsWh: 270, standingWh: 24 });
  expect(winter.inverterWh).toBeCloseTo(270 / 0.88 - 270 + 8, 9);
  expect(winter.totalWh).toBeCloseTo(648 + 270 / 0.88 + 8 + 24, 9);
  expect(winter.ah).toBeCloseTo(winter.totalWh / 24, 9);
  expect(dailyNeed(need, "summer", "b").totalWh - winter.totalWh).toBeCloseTo(500, 9);
  // the quick rule: 60 Ah at 12 V want 120 W, whatever the battery's volts
  expect(quickRuleW(720)).toBe(120);
  expect([computedW(720, 3), computedW(720, 0)]).toEqual([240, null]);
});

test("one line is the day's use as it is, in Wh or in Ah at the battery's volts", () => {
  const line = (patch: { wh: number | null; ah: number | null }) =>
    dailyNeed(
      changed(withLoads({ watts: 9, hoursADay: 9 }), { type: "setNeed", patch: { by: "line", line: patch } }).need,
      "spring",
      "b",
    );
  expect(line({ wh: 1000, ah: null }).totalWh).toBe(1000);
  expect(line({ wh: null, ah: 50 })).toMatchObject({ totalWh: 1200, ah: 50 });
});

test("whatever runs whenever, the hours of a day hold the day's need, and the sources what they bring", () => {
  const load = fc.record({
    watts: fc.integer({ min: 0, max: 2000 }),
    hoursADay: fc.double({ min: 0, max: 24, noNaN: true }),
    when: fc.constantFrom("allDay" as const, "day" as const, "evening" as const, "night" as const),
    supply: fc.constantFrom("dc" as const, "mains" as const),
    seasons: fc.subarray([...seasons]),
  });
  fc.assert(
    fc.property(
      fc.array(load, { maxLength: 6 }),
      fc.constantFrom(...seasons),
      fc.double({ min: 0, max: 24, noNaN: true }),
      (loads, season, hours) => {
        const plan = changed(withLoads(...loads), {
          type: "addToNeed",
          list: "sources",
          id: "s",
          like: { kind: "shore", watts: 400, hoursADay: hours, daysAWeek: 3.5 },
        });
        const byHour = needByHour(plan.need, season, "b");
        expect(Math.min(...byHour)).toBeGreaterThanOrEqual(0);
        expect(sum(byHour)).toBeCloseTo(dailyNeed(plan.need, season, "b").totalWh, 6);
        expect(sum(sourcesByHour(plan.need, season))).toBeCloseTo(otherSourcesWh(plan.need, season), 6);
        expect(otherSourcesWh(plan.need, season)).toBeCloseTo(200 * hours, 9);
      },
    ),
  );
});

test("winter is where the sun is low: December in the north, June in the south", () => {
  expect(monthsOf("winter", 57)).toEqual([1, 2, 12]);
  expect(monthsOf("winter", -34)).toEqual([6, 7, 8]);
  expect([seasonOf(4, 50), seasonOf(4, -50), seasonOf(9, 50)]).toEqual(["spring", "autumn", "autumn"]);
});

test("a battery that goes takes nothing along that runs from it; an input that goes charges nothing more", () => {
  const plan = withLoads({ watts: 5, hoursADay: 1, batteryId: "b" });
  const without = changed(plan, { type: "removeFromNeed", list: "batteries", id: "b" });
  expect(without.need.loads.map(({ batteryId }) => batteryId)).toEqual([null]);
  expect(dailyNeed(without.need, "winter", null).totalWh).toBe(5);
});
