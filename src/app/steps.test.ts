import { assess } from "@/core/assessment";
import { blankDevice, blankLabel, emptyPlan, type Plan, planSteps } from "@/core/plan";
import { demoPlans } from "@/demo";
import { stateOf } from "@/features/plan-session";
import { demoPlan, changed } from "@/testing";
import { stepModules } from "./steps";

const states = (plan: Plan) =>
  Object.fromEntries(
    stepModules.map((step) => [step.id, stateOf(step, plan, assess(plan, plan.wirings[0]?.id ?? ""), [])]),
  );

test("the list holds every step once, those of the job in their order", () => {
  const ids = stepModules.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.filter((id) => planSteps.some((step) => step === id))).toEqual([...planSteps]);
});

test("a new plan is empty at every stop", () => {
  expect(new Set(Object.values(states(emptyPlan("New"))))).toEqual(new Set(["empty"]));
});

test("a label half typed and an input without a ceiling are open questions", () => {
  const plan = changed(
    emptyPlan("Half"),
    { type: "addPanel", id: "p", libraryId: null, label: { ...blankLabel("P"), vocV: 20 } },
    { type: "addInput", id: "i", libraryId: null, device: blankDevice("D") },
    { type: "setNote", step: "log", text: "first sun" },
  );
  expect(states(plan)).toMatchObject({
    panels: "question",
    controller: "question",
    wiring: "empty",
    log: "notes",
    need: "empty",
  });
});

test("the demo plans show a ready wiring and a Stop", () => {
  const [lantern, boat] = demoPlans();
  expect(states(lantern as Plan)).toMatchObject({
    panels: "ready",
    controller: "ready",
    wiring: "ready",
    need: "ready",
  });
  expect(states(boat as Plan)).toMatchObject({ wiring: "stopFound" });
});

test("an unanswered ceiling leaves the wiring a question, not ready", () => {
  const plan = changed(demoPlan("The Lantern"), {
    type: "setPort",
    inputId: "station",
    portId: "high",
    patch: { maxV: null },
  });
  expect(states(plan)).toMatchObject({ controller: "question", wiring: "question" });
});

test("what the rules say with care of a step is shown at that step, and at no other", () => {
  expect(states(demoPlan("Bee-keeper"))).toMatchObject({ panels: "ready", controller: "ready", wiring: "care" });
});
