import fc from "fast-check";
import { type SavedPlan } from "@/api";
import { demoPlan } from "@/testing";
import { createDesk, type Judgement } from ".";
import { createDrawn, drawTogether } from "./drawn";

/** A desk whose plan has been judged, and a clock that runs out when told to. */
function harness() {
  const plan = demoPlan("The Lantern");
  const desk = createDesk({ id: "a", revision: 1, createdAt: "", updatedAt: "", plan } satisfies SavedPlan);
  const judged = () =>
    desk.set({
      judgement: {
        plan: desk.store.getState().history.present,
        wiringId: plan.wirings[0]?.id ?? "",
        assessment: { type: "incomplete", missing: [] },
        sky: desk.store.getState().sky,
        poseId: "parked",
        tiles: {},
        mends: "found",
        tried: 0,
      } satisfies Judgement,
    });
  judged();
  const drawn = createDrawn(desk.store);
  let due: (() => void) | null = null;
  const stop = drawTogether(desk.store, drawn, (run) => {
    due = run;
    return () => (due = null);
  });
  let drawings = 0;
  drawn.subscribe(() => (drawings += 1));
  const name = () => drawn.getState().history.present.name;
  return {
    desk,
    drawn,
    judged,
    stop,
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
  const { judgement } = desk.store.getState();
  desk.set({ judgement });
  expect(name()).toBe("First");
  timeUp();
  expect(name()).toBe("Second");
});

test("typing, selecting and pointing are drawn at once; after the end nothing is", () => {
  const { desk, stop, name, drawings, waiting } = harness();
  desk.change({ type: "rename", name: "T" }, "rename");
  expect(name()).toBe("T");
  desk.set({ selected: ["roof.1"] });
  expect([drawings(), waiting()]).toEqual([2, false]);
  desk.endGesture();
  desk.change({ type: "rename", name: "Undone" });
  stop();
  desk.set({ said: "late" });
  expect(name()).toBe("T");
});

test("whatever happens in whatever order, what is drawn is a state the desk was in, and the newest once nothing is waited for", () => {
  const events = fc.array(
    fc.constantFrom("move", "type", "endTyping", "judge", "undo", "redo", "sky", "select", "timeUp"),
    { maxLength: 40 },
  );
  fc.assert(
    fc.property(events, (happened) => {
      const { desk, drawn, judged, waiting, timeUp } = harness();
      const been = new Set([desk.store.getState()]);
      desk.store.subscribe((state) => been.add(state));
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
        expect(been.has(drawn.getState())).toBe(true);
        if (!waiting()) expect(drawn.getState()).toBe(desk.store.getState());
      });
      timeUp();
      expect(drawn.getState()).toBe(desk.store.getState());
    }),
  );
});
