import { demoPlan } from "@/testing";
import { drain } from "@/core/engine/generators";
import { inAll } from "@/core/wiring/year";
import { createJobs } from ".";

const plan = demoPlan("Narrowboat");

test("a quick year is near the whole; progress only grows, and all of it can cross to another thread", () => {
  const { year } = createJobs();
  const takenKwh = (fineness: "quick" | "full") => {
    const shares: number[] = [];
    const answer = drain(year({ plan, wiringId: "wiring-1", weather: null, fineness }), (step) =>
      shares.push(step?.share ?? Number.NaN),
    );
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    return inAll(structuredClone(answer).months).takenKwh;
  };
  expect(Math.abs(takenKwh("quick") / takenKwh("full") - 1)).toBeLessThan(0.05);
});

test("a weather file that is none is told by line and field, and no year is made of it", () => {
  const { year, readWeather } = createJobs();
  const weather = { text: "LOCATION,x\nnothing" };
  expect(drain(readWeather(weather))).toMatchObject({ type: "fault", line: 1 });
  expect(() => drain(year({ plan, wiringId: "wiring-1", weather, fineness: "full" }))).toThrow(/line 1, /);
});
