import { demoPlan } from "@/testing";
import { runToEnd } from "@/core/steps";
import { inAll } from "@/core/year";
import { createJobs } from ".";

const plan = demoPlan("Narrowboat");

test("a year comes with a first answer near the whole, its progress only grows, and all of it can cross to another thread", () => {
  const { year } = createJobs();
  const shares: number[] = [];
  const first: number[] = [];
  const whole = structuredClone(
    runToEnd(year({ plan, wiringId: "wiring-1", weather: null, quickFirst: true }), (step) => {
      if (step === undefined) return;
      if (step.quick !== null) first.push(inAll(step.quick.months).takenKwh);
      shares.push(step.share);
    }),
  );
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  expect(first.length).toBe(1);
  expect(Math.abs((first[0] ?? 0) / inAll(whole.months).takenKwh - 1)).toBeLessThan(0.05);
});

test("a weather file that is none is told by line and field, and no year is made of it", () => {
  const { year, readWeather } = createJobs();
  const weather = { text: "LOCATION,x\nnothing" };
  expect(runToEnd(readWeather(weather))).toMatchObject({ type: "fault", line: 1 });
  expect(() => runToEnd(year({ plan, wiringId: "wiring-1", weather, quickFirst: true }))).toThrow(/line 1, /);
});
