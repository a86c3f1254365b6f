import { type SavedPlan } from "@/api";
import { type Plan } from "@/core/plan";
import { allFixes } from "@/core/wiring/best-wirings";
import { assess } from "@/core/assessment";
import { demoPlans } from "@/demo";
import { createDesk, wiringOf } from "@/features/plan-session";
import { applyFirstFix } from "@/features/checks";
import { boardKeys, moveKeys } from "@/features/string-board";
import { stepShortcuts } from "./step-shortcuts";
import { removeWiring } from "./wirings";

const [lantern, boat] = demoPlans() as [Plan, Plan];

/** A desk without a page, and its keys pressed by name. */
function harness(plan: Plan) {
  const desk = createDesk(
    { id: "a", revision: 1, createdAt: "", updatedAt: "", plan } satisfies SavedPlan,
    () => () => undefined,
  );
  let made = 0;
  let compares = 0;
  const press = (name: string) =>
    stepShortcuts
      .find(({ press: keys }) => keys === name)
      ?.run({ desk, newId: () => `made-${(made += 1)}`, toggleCompare: () => (compares += 1), toggleFind: () => 0 });
  return {
    desk,
    press,
    state: () => desk.now(),
    onBoard: () => wiringOf(desk.now()).name,
    compares: () => compares,
  };
}

test("every key of the step needs Alt, answers to one action only, and none is told twice or taken from the board", () => {
  const eventOf = (press: string) =>
    ({
      altKey: true,
      ctrlKey: false,
      metaKey: false,
      shiftKey: press.includes("Shift"),
      code: `Key${press.split(" ").at(-1) ?? ""}`,
      key: (press.split(" ").at(-1) ?? "").toLowerCase(),
    }) as KeyboardEvent;
  const told = [...stepShortcuts, ...boardKeys, ...moveKeys].map(({ press }) => press);
  expect(new Set(told).size).toBe(told.length);
  for (const { press } of stepShortcuts) {
    expect(press).toMatch(/^Alt /);
    expect(stepShortcuts.filter(({ matches }) => matches(eventOf(press))).map((key) => key.press)).toEqual([press]);
    expect(stepShortcuts.some(({ matches }) => matches({ ...eventOf(press), altKey: false } as KeyboardEvent))).toBe(
      false,
    );
    expect(boardKeys.filter(({ matches }) => matches(eventOf(press)))).toEqual([]);
  }
});

test("wirings go round and round; a copy is put on the board and undo takes it away; the last one stays", () => {
  const { desk, press, state, onBoard } = harness(lantern);
  const names = lantern.wirings.map(({ name }) => name);
  const seen = names.map(() => {
    press("Alt W");
    return onBoard();
  });
  expect(seen).toEqual([...names.slice(1), names[0]]);
  press("Alt Shift W");
  expect(onBoard()).toBe(names.at(-1));
  press("Alt N");
  expect(onBoard()).toBe(`${names.at(-1) ?? ""}, copy`);
  desk.undo();
  expect(state().history.present).toEqual(lantern);
  for (let k = 0; k < 5; k++) removeWiring(desk);
  expect(state().history.present.wirings.length).toBe(1);
  expect(state().history.past.length).toBe(names.length - 1);
});

test("skies go round through all five, and come back; compare is passed on", () => {
  const { press, state, compares } = harness(lantern);
  const seen = Array.from({ length: 5 }, () => {
    press("Alt S");
    return state().sky;
  });
  expect(new Set(seen).size).toBe(5);
  expect(seen.at(-1)).toBe("brightNoon");
  press("Alt C");
  expect(compares()).toBe(1);
});

test("the first fix is applied to what is on the board, once, and never to a plan that has moved on", () => {
  const { desk, press, state } = harness(boat);
  const judged = () => {
    const plan = state().history.present;
    const wiringId = plan.wirings[0]?.id ?? "";
    const assessment = assess(plan, wiringId);
    if (assessment.type !== "assessed") throw new Error("expected a verdict");
    const remedies = allFixes(plan, wiringId);
    desk.set({
      judgement: {
        plan,
        wiringId,
        sky: "brightNoon",
        positionId: "pose-1",
        tiles: {},
        shade: null,
        fixes: "found",
        tried: 0,
        assessment: {
          ...assessment,
          findings: assessment.findings.map((finding) => ({ ...finding, ...remedies.get(finding.id) })),
        },
      },
    });
  };
  applyFirstFix(desk);
  expect(state().history.present).toBe(boat);
  judged();
  press("Alt M");
  const fixed = state().history.present;
  expect(assess(fixed, fixed.wirings[0]?.id ?? "")).not.toMatchObject({ worst: "stop" });
  // the judgement is still of the plan before
  press("Alt M");
  expect(state().history.present).toBe(fixed);
  expect(state().said).toMatch(/no fix/);
  desk.undo();
  expect(state().history.present).toEqual(boat);
});
