import { mountReport } from "@/core/mounting";
import { readPlan } from "@/core/plan";
import { assess } from "@/core/assessment";
import { mountEnvironment } from "@/core/plan-model";
import { recordSchema } from "@/core/measurements";
import { demoPlan } from "@/testing";
import { demoReadings, withDemoHistory } from ".";

test("the Lantern is whole from Need to Log: made, measured twice, proved fine, and may be connected", () => {
  const lantern = withDemoHistory(demoPlan("The Lantern"));
  expect(readPlan(lantern).type).toBe("plan");
  const assessment = assess(lantern, "everyday");
  if (assessment.type !== "assessed") throw new Error("it is whole");
  expect(assessment.findings.filter(({ level }) => level === "stop" || level === "open")).toEqual([]);
  const [roof] = lantern.fixings.list;
  if (roof === undefined) throw new Error("it is fixed");
  const { steps, gates } = mountReport(lantern, roof, mountEnvironment(lantern));
  expect(roof.ticks.map(({ step }) => step)).toEqual(steps);
  expect(gates.map(({ state }) => state)).toEqual(gates.map(() => "agrees"));
  const readings = demoReadings(lantern, "everyday");
  expect(readings.map((each) => recordSchema.parse(each))).toEqual(readings);
  const proved = readings.flatMap((each) => (each.kind === "prove" && each.due !== null ? [each] : []));
  expect(proved.length).toBeGreaterThan(8);
  expect(proved.every(({ value, due }) => due !== null && value >= due.low && value <= due.high)).toBe(true);
});
