import { assess } from "@/core/rules";
import { blankDevice, blankLabel, emptyPlan, type Plan, stops } from "@/core/plan";
import { demoPlans } from "@/demo";
import { demoPlan, changed } from "@/testing";
import { saveWords } from "@/features/keep";
import { changedWords } from "./messages";
import { stopState } from "./stop-state";

const states = (plan: Plan) =>
  Object.fromEntries(stops.map((stop) => [stop, stopState(stop, plan, assess(plan, plan.wirings[0]?.id ?? ""))]));

test("a new plan is empty at every stop", () => {
  expect(new Set(Object.values(states(emptyPlan("New"))))).toEqual(new Set(["empty"]));
});

test("a label half typed and an input without a ceiling are open questions", () => {
  const plan = changed(
    emptyPlan("Half"),
    { type: "addPanel", id: "p", libraryId: null, label: { ...blankLabel("P"), vocV: 20 } },
    { type: "addInput", id: "i", libraryId: null, device: blankDevice("D") },
    { type: "setNote", stop: "log", text: "first sun" },
  );
  expect(states(plan)).toMatchObject({
    panels: "question",
    input: "question",
    wire: "empty",
    log: "notes",
    need: "empty",
  });
});

test("the demo plans show a ready wiring and a Stop", () => {
  const [lantern, boat] = demoPlans();
  expect(states(lantern as Plan)).toMatchObject({ panels: "ready", input: "ready", wire: "ready", need: "notes" });
  expect(states(boat as Plan)).toMatchObject({ wire: "stopFound" });
});

test("an unanswered ceiling leaves the wiring a question, not ready", () => {
  const plan = changed(demoPlan("The Lantern"), {
    type: "setPort",
    inputId: "station",
    portId: "high",
    patch: { maxV: null },
  });
  expect(states(plan)).toMatchObject({ input: "question", wire: "question" });
});

test("what changed elsewhere is named as the thing it is, once", () => {
  expect(changedWords(["site.recordLowC", "site.mount", "wirings.0.lanes.0.rows"])).toBe("the site, the wiring");
  expect(changedWords(null)).toBe("something in it");
});

test("how a plan is saved is always said", () => {
  expect(saveWords({ type: "saved" }, 4)).toBe("Saved, revision 4");
  expect(saveWords({ type: "unreachable", message: "" }, 4)).toMatch(/Not saved.*kept in this browser/);
});
