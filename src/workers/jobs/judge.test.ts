import { assess, type ViewState } from "@/core/assessment";
import { createSolveCache } from "@/core/plan-model";
import { equinoxNoon } from "@/core/engine/sky";
import { drain } from "@/core/engine/generators";
import { demoPlan } from "@/testing";
import { createJobs } from ".";
import { judgeJob } from "./judge";

const boat = demoPlan("Narrowboat");
const look: ViewState = { sky: "brightNoon", moment: equinoxNoon, positionId: null };

test("a wiring is judged and fixed by the jobs as by the rules and the finder; all can cross to another thread", () => {
  const { judge, fixes } = createJobs();
  const { assessment } = structuredClone(drain(judge({ plan: boat, wiringId: "wiring-1", look })));
  const alone = assess(boat, "wiring-1");
  if (assessment.type !== "assessed" || alone.type !== "assessed") throw new Error("expected verdicts");
  expect(assessment.findings).toEqual(alone.findings);
  const tried: number[] = [];
  const remedies = drain(fixes({ plan: boat, wiringId: "wiring-1", positionId: null }), (step) => {
    if (step !== undefined) tried.push(step.tried);
  });
  expect(tried).toEqual(tried.map((_, k) => k + 1));
  expect(structuredClone(remedies)).toMatchObject([
    ["coldVoc@controller/pv", { fixes: [{ kind: { type: "matrix", series: 1, strings: 2 } }], needs: null }],
  ]);
});

test("a look at another sky brings that sky's curve and panels", () => {
  const judge = judgeJob(createSolveCache());
  const { assessment, tiles } = drain(judge({ plan: boat, wiringId: "wiring-1", look: { ...look, sky: "haze" } }));
  if (assessment.type !== "assessed") throw new Error("expected a verdict");
  const skies = assessment.portArrays[0]?.skies;
  expect([skies?.haze.array.curve === null, skies?.now.array.curve === null]).toEqual([false, true]);
  const panelsW = Object.values(tiles).reduce((sum, { p }) => sum + p, 0);
  // within what a curve may be off from its panels
  expect(panelsW / (skies?.haze.operating?.p ?? Number.NaN)).toBeCloseTo(1, 2);
});
