import fc from "fast-check";
import { type SavedPlan } from "@/api";
import { demoPlan } from "@/testing";
import { createDesk } from ".";
import { type Judgement } from "./judgement";

/** A desk whose plan has been judged, and a clock that runs out when told to. */
function harness() {
  const plan = demoPlan("The Lantern");
  let due: (() => void) | null = null;
  const desk = createDesk({ id: "a", revision: 1, createdAt: "", updatedAt: "", plan } satisfies SavedPlan, (run) => {
    due = run;
    return () => (due = null);
  });
  const judged = () =>
    desk.set({
      judgement: {
        plan: desk.now().history.present,
        wiringId: plan.wirings[0]?.id ?? "",
        assessment: { type: "incomplete", missing: [] },
        sky: desk.now().sky,
        positionId: "parked",
        tiles: {},
        shade: null,
        fixes: "found",
        tried: 0,
      } satisfies Judgement,
    });
  judged();
  const shown = () => desk.store.getState().shown;
  let drawings = 0;
  desk.store.subscribe((state, before) => {
    if (state.shown !== before.shown) drawings += 1;
  });
  const name = () => shown().history.present.name;
  return {
    desk,
    shown,
    judged,
    name,
    drawings: () => drawings,
    waiting: () => due !== null,
    timeUp: () => {
      const run = due;
      due = null;
      run?.();
    },
  };
}

test("a change at one stroke is drawn once, together with its verdict", () => {
  const { desk, judged, name, drawings, waiting } = harness();
  desk.change({ type: "rename", name: "Moved" });
  desk.set({ said: "Moved." });
  expect([name() === "Moved", drawings(), waiting()]).toEqual([false, 0, true]);
  judged();
  expect([name(), drawings(), waiting()]).toEqual(["Moved", 1, false]);
});

test("another sky is shown together with what it does", () => {
  const { desk, judged, drawings, waiting } = harness();
  desk.set({ sky: "haze" });
  expect([drawings(), waiting()]).toEqual([0, true]);
  judged();
  expect([drawings(), waiting()]).toEqual([1, false]);
});

test("a verdict that takes long is not waited for, and one of an older state ends no waiting", () => {
  const { desk, judged, name, timeUp } = harness();
  desk.change({ type: "rename", name: "First" });
  timeUp();
  expect(name()).toBe("First");
  judged();
  desk.change({ type: "rename", name: "Second" });
  const { judgement } = desk.now();
  desk.set({ judgement });
  expect(name()).toBe("First");
  timeUp();
  expect(name()).toBe("Second");
});

test("typing, selecting and pointing are drawn at once", () => {
  const { desk, name, drawings, waiting } = harness();
  desk.change({ type: "rename", name: "T" }, "rename");
  expect(name()).toBe("T");
  desk.set({ selected: ["roof.1"] });
  expect([drawings(), waiting()]).toEqual([2, false]);
});

test("whatever happens in whatever order, what is drawn is a state the desk was in, and the newest once nothing is waited for", () => {
  const events = fc.array(
    fc.constantFrom("move", "type", "endTyping", "judge", "undo", "redo", "sky", "select", "timeUp"),
    { maxLength: 40 },
  );
  fc.assert(
    fc.property(events, (happened) => {
      const { desk, shown, judged, waiting, timeUp } = harness();
      const been = new Set([desk.now()]);
      desk.store.subscribe(({ now }) => been.add(now));
      let typed = "";
      happened.forEach((event, k) => {
        if (event === "move") desk.change({ type: "rename", name: `Plan ${k}` });
        else if (event === "type") desk.change({ type: "rename", name: (typed += "x") }, "rename");
        else if (event === "endTyping") desk.endGesture();
        else if (event === "judge") judged();
        else if (event === "undo") desk.undo();
        else if (event === "redo") desk.redo();
        else if (event === "sky") desk.set({ sky: k % 2 === 0 ? "haze" : "hotRoof" });
        else if (event === "select") desk.set({ selected: [`roof.${k}`] });
        else timeUp();
        expect(been.has(shown())).toBe(true);
        if (!waiting()) expect(shown()).toBe(desk.now());
      });
      timeUp();
      expect(shown()).toBe(desk.now());
    }),
  );
});
