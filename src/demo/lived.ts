import { mountReport, reportClock, mountingMethods } from "@/core/mounting";
import { type Fixing, type Gate, type Plan } from "@/core/plan";
import { mountEnvironment } from "@/core/plan-model";

/** The Saturday and Sunday on which it was done. */
const beganMs = Date.UTC(2025, 9, 11, 7, 30);

/** The plan as it stands in the year of its log: what is fixed for good is done, and was measured twice. What is stowed is set up each time. */
export function withDemoHistory(plan: Plan): Plan {
  const list = plan.fixings.list.map((fixing) =>
    mountingMethods[fixing.method].comesIn !== "never" ? fixing : finished(plan, fixing),
  );
  return { ...plan, fixings: { ...plan.fixings, list } };
}

/** By the sun of October, there. */
function isLight(ms: number): boolean {
  const hour = new Date(ms).getUTCHours();
  return hour >= 7 && hour < 17;
}

/** Holes in a frame are no place on a surface. */
const inFrame = { fromLeftMm: 180, fromBackMm: 18 };

function finished(plan: Plan, fixing: Fixing): Fixing {
  const report = mountReport(plan, { ...fixing, ticks: [] }, mountEnvironment(plan));
  const { steps } = reportClock(report, beganMs, isLight);
  return {
    ...fixing,
    ticks: steps.map(({ step, toMs }) => ({ step, atUtc: new Date(toMs).toISOString() })),
    gates: report.gates.flatMap(({ gate, planned }, k): Gate[] => {
      const known = fixing.gates.find((each) => each.gate === gate);
      if (known !== undefined) return [known];
      const at = planned ?? inFrame;
      const measured = (by: string, offMm: number, minutes: number) => ({
        fromLeftMm: Math.round(at.fromLeftMm + offMm),
        fromBackMm: Math.round(at.fromBackMm - offMm),
        by,
        atUtc: new Date(beganMs + (60 + 20 * k + minutes) * 60_000).toISOString(),
      });
      return [{ gate, first: measured("Ines", 1, 0), second: measured("Tam", -1, 6), passedOver: null }];
    }),
  };
}
