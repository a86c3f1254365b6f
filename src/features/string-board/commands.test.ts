import { besideBefore, movesOf, moveTo, nudge, put, toPortArray } from "./move-commands";
import { setStands, tiltBy, toggleShade, toggleStowed, toggleTakenOut } from "./stand-commands";
import fc from "fast-check";
import { applyChange, type Plan, readPlan, record, redo, startHistory, undo, positionIn } from "@/core/plan";
import { assessReady, lookInto } from "@/core/assessment";
import { solvableById, createSolveCache } from "@/core/plan-model";
import { keyOf, type Place, tilesOf, type PanelKey } from "@/core/engine/array";
import { demoPlan, runs } from "@/testing";
import {
  type Board,
  copy,
  diode,
  fill,
  fillWords,
  portArrayRefs,
  merge,
  type Outcome,
  shelfOf,
  split,
} from "./commands";
import { boardKeys, moveKeys } from "./shortcuts";

const lantern = demoPlan("The Lantern");
const boardOf = (plan: Plan): Board => {
  const [wiring] = plan.wirings as [Plan["wirings"][number]];
  const positionId = wiring.positionIds[0] ?? "";
  return { plan, wiring, positionId, position: positionIn(plan, positionId) };
};
const done = (plan: Plan, outcome: Outcome): Plan =>
  outcome === null || outcome.change === null ? plan : applyChange(plan, outcome.change);
const keys = ["roof.1", "roof.2", "roof.3", "roof.4", "bookbay.1", "bookbay.2"];
const anyKey = fc.constantFrom(...keys);
const anyKeys = fc.subarray(keys, { minLength: 1, maxLength: 3 });

const anyPlace: fc.Arbitrary<Place> = fc.oneof(
  fc.record({
    type: fc.constant("string" as const),
    portArray: fc.constantFrom(...portArrayRefs(boardOf(lantern))),
    path: fc.constantFrom([], [0, 0]),
    string: fc.nat(2),
    at: fc.nat(4),
  }),
  fc.record({
    type: fc.constant("newString" as const),
    portArray: fc.constantFrom(...portArrayRefs(boardOf(lantern))),
    path: fc.constant([]),
    at: fc.nat(2),
  }),
  fc.record({ type: fc.constant("beside" as const), key: anyKey }),
  fc.constant<Place>({ type: "shelf" }),
);

/** Every action of the board, on panels that may be anywhere. */
const anyAction: fc.Arbitrary<(board: Board) => Outcome> = fc.oneof(
  fc.tuple(anyKeys, anyPlace).map(
    ([some, place]) =>
      (board: Board) =>
        put(board, some, place),
  ),
  fc.tuple(anyKey, fc.constantFrom("left" as const, "right" as const, "up" as const, "down" as const)).map(
    ([key, step]) =>
      (board: Board) =>
        nudge(board, key, step),
  ),
  fc.tuple(anyKeys, fc.constantFrom(1 as const, -1 as const)).map(
    ([some, by]) =>
      (board: Board) =>
        toPortArray(board, some, by),
  ),
  anyKey.map((key) => (board: Board) => besideBefore(board, key)),
  anyKey.map((key) => (board: Board) => split(board, key)),
  anyKey.map((key) => (board: Board) => merge(board, key)),
  anyKey.map((key) => (board: Board) => diode(board, key)),
  anyKey.map((key) => (board: Board) => copy(board, key)),
  anyKeys.map((some) => (board: Board) => toggleStowed(board, some)),
  anyKeys.map((some) => (board: Board) => toggleTakenOut(board, some)),
  fc.tuple(anyKey, fc.nat(3)).map(
    ([key, part]) =>
      (board: Board) =>
        toggleShade(board, key, part, 2),
  ),
  fc.tuple(anyKeys, fc.constantFrom(15, -15, 90)).map(
    ([some, by]) =>
      (board: Board) =>
        tiltBy(board, some, by),
  ),
  anyKeys.map((some) => (board: Board) => setStands(board, some, { light: [0.5] }, "dimmed")),
  fc.tuple(anyKeys, fc.nat(12)).map(
    ([some, k]) =>
      (board: Board) =>
        moveTo(board, some, movesOf(board, some)[k]?.id ?? ""),
  ),
  fc
    .record({
      portArray: fc.constantFrom(...portArrayRefs(boardOf(lantern))),
      panelId: fc.constantFrom("roof", "bookbay"),
      series: fc.integer({ min: 1, max: 4 }),
      strings: fc.integer({ min: 1, max: 3 }),
    })
    .map(
      ({ portArray, ...strings }) =>
        (board: Board) =>
          fill(board, { ...portArray, ...strings }, 0),
    ),
);

test("whatever is done on the board, a verdict from memory is the one worked out anew", () => {
  fc.assert(
    fc.property(fc.array(anyAction, { minLength: 12, maxLength: 12 }), (actions) => {
      const memory = createSolveCache();
      let plan = lantern;
      for (const action of actions) {
        const outcome = action(boardOf(plan));
        // going back and forth asks for port arrays seen before
        for (const asked of [done(plan, outcome), plan]) {
          const [remembered, anew] = [solvableById(asked, "everyday", null, memory), solvableById(asked, "everyday")];
          expect(assessReady(remembered)).toEqual(assessReady(anew));
          expect(lookInto(remembered)).toEqual(lookInto(anew));
        }
        plan = done(plan, outcome);
      }
    }),
    { numRuns: runs(4) },
  );
});

test("200 board actions leave a plan that reads at every step, and 200 undos bring it back byte for byte", () => {
  const before = JSON.stringify(lantern);
  fc.assert(
    fc.property(fc.array(anyAction, { minLength: 200, maxLength: 200 }), (actions) => {
      let history = startHistory(lantern);
      for (const action of actions) {
        const outcome = action(boardOf(history.present));
        if (outcome === null) continue;
        history = record(history, done(history.present, outcome), null);
        expect(outcome.said).not.toMatch(/undefined|null|nothing /);
        // nothing is bought, or given away, by wiring
        expect(history.present.panels).toEqual(lantern.panels);
      }
      const after = JSON.stringify(history.present);
      expect(readPlan(JSON.parse(after))).toEqual({ type: "plan", plan: history.present });
      const wired = tilesOf(history.present.wirings[0]?.portArrays ?? []).map(keyOf);
      const shelved = shelfOf(boardOf(history.present)).flatMap(({ tiles }) => tiles.map(keyOf));
      // every panel the plan has is wired or on the shelf, and none is both
      expect([...wired, ...shelved].length).toBe(
        history.present.panels.reduce((sum, panel) => sum + panel.pieces.length, 0),
      );
      expect(new Set<PanelKey>([...wired, ...shelved]).size).toBe(wired.length + shelved.length);
      while (history.past.length > 0) history = undo(history);
      expect(JSON.stringify(history.present)).toBe(before);
      while (history.future.length > 0) history = redo(history);
      expect(JSON.stringify(history.present)).toBe(after);
    }),
    { numRuns: runs(40) },
  );
});

test("strings that ask for more panels than are free wait for the word; said, they are bought and laid", () => {
  const board = boardOf(lantern);
  const [high] = board.wiring.portArrays;
  const filling = {
    inputId: high?.inputId ?? null,
    portId: high?.portId ?? null,
    panelId: "roof",
    series: 3,
    strings: 2,
  };
  expect(fillWords(board, filling)).toBe(
    "3 in series × 2 strings in parallel needs 6 × Mossgate MG-195, 2 more than are free",
  );
  expect(fill(board, filling, 0)).toBeNull();
  const bought = done(lantern, fill(board, filling, 2));
  expect(bought.panels.map(({ pieces }) => pieces.length)).toEqual([6, 2]);
  expect(fillWords(board, { ...filling, panelId: "bookbay", series: 1, strings: 1 })).toMatch(
    /1 more than are free, 4 × Mossgate MG-195 to the shelf$/,
  );
  expect(copy(board, "roof.1")).toEqual({ change: null, said: expect.stringMatching(/lacks 4 × .*MG-195/) as unknown });
});

test("a panel may join the end of any string but its own, on any port array", () => {
  const board = boardOf(lantern);
  const joins = movesOf(board, ["bookbay.1"]).filter(({ words }) => /end of string/.test(words));
  expect(
    joins.map(({ place }) => (place.type === "string" ? [place.portArray.portId, place.string, place.at] : [])),
  ).toEqual([
    ["low", 0, 2],
    ["high", 0, 4],
  ]);
  const joined = done(lantern, moveTo(board, ["bookbay.1"], joins[1]?.id ?? ""));
  const high = joined.wirings[0]?.portArrays.find(({ portId }) => portId === "high");
  expect(tilesOf(high === undefined ? [] : [high]).map(keyOf)).toEqual([
    "roof.1",
    "roof.2",
    "roof.3",
    "roof.4",
    "bookbay.1",
  ]);
});

test("a panel walked down step by step goes from string to string, into a string of its own, to the next port array and at last the shelf", () => {
  let plan = lantern;
  const places: string[] = [];
  for (let step = 0; step < 9; step++) {
    const board = boardOf(plan);
    const portArray = board.wiring.portArrays.find(({ strings }) =>
      tilesOf([{ inputId: null, portId: null, strings }]).some((tile) => keyOf(tile) === "bookbay.2"),
    );
    places.push(
      portArray === undefined
        ? "shelf"
        : `${portArray.portId} ${portArray.strings.findIndex((string) => tilesOf([{ inputId: null, portId: null, strings: [string] }]).some((tile) => keyOf(tile) === "bookbay.2")) + 1}/${portArray.strings.length}`,
    );
    const outcome = nudge(board, "bookbay.2", "down");
    if (outcome === null) break;
    plan = done(plan, outcome);
  }
  expect(places).toEqual(["low 1/1", "low 2/2", "high 2/2", "pv 1/1", "shelf"]);
});

test("every key is told once, and no two actions answer to the same press", () => {
  const told = [...boardKeys, ...moveKeys].map(({ press }) => press);
  expect(new Set(told).size).toBe(told.length);
  const presses = boardKeys.map(({ press }) => {
    const shift = press.includes("Shift");
    const alt = press.includes("Alt");
    const last = press.split(" ").at(-1) ?? "";
    const key =
      { "←": "ArrowLeft", "→": "ArrowRight", "↑": "ArrowUp", "↓": "ArrowDown" }[last] ??
      (press === "1 … 9" ? "4" : last === "−" ? "-" : last.length === 1 ? last.toLowerCase() : last);
    return { key, shiftKey: shift, altKey: alt, ctrlKey: false, metaKey: false } as KeyboardEvent;
  });
  for (const [k, event] of presses.entries())
    expect(boardKeys.map(({ matches }, other) => (matches(event) ? other : -1)).filter((other) => other >= 0)).toEqual([
      k,
    ]);
});
