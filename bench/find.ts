import { readFileSync } from "node:fs";
import { answerFindCase } from "../src/cases";
import {
  arrange,
  type ArrangeAsk,
  boundsOf,
  createBench,
  firstLook,
  quickProof,
} from "../src/core/wiring/best-wirings";
import { applyChanges, type Change, type DeviceSheet, emptyPlan, type PanelSheet, type Plan } from "../src/core/plan";
import { createSolveCache } from "../src/core/plan-model";
import { drain } from "../src/core/engine/generators";
import { demoInputs, demoPanels } from "../src/demo";
import { print, timed } from "./figures";

/** Every wiring of twelve panels of three kinds on two ports, by watts, as a case. */
const { case: given } = JSON.parse(readFileSync("src/core/fixtures/find/two-unlike-ports.json", "utf8")) as {
  readonly case: { readonly panels: Record<string, unknown>; readonly have: Record<string, number> };
};
const { case: other } = JSON.parse(readFileSync("src/core/fixtures/find/more-amps-below-thirty.json", "utf8")) as {
  readonly case: { readonly panels: Record<string, unknown> };
};
const asCase = {
  ...given,
  panels: { ...other.panels, ...given.panels },
  have: { rigid60: 4, rigid36: 4, plate38: 4 },
};
const answer = answerFindCase(asCase);
if (answer.type !== "answer") throw new Error(answer.problem);
print(
  `12 panels of 3 kinds, 2 ports, as a case: ${answer.answer.considered} nets before a port`,
  timed(3, () => void answerFindCase(asCase)),
);

/** The finder on plans: first answer, proved answer, exact, and how quickly bounds are told. */
type Owned = readonly (readonly [id: string, label: PanelSheet, count: number])[];

function planOf(counts: Owned, device: DeviceSheet): Plan {
  const changes: Change[] = [
    { type: "addInput", id: "i", libraryId: null, device },
    { type: "setSite", patch: { recordLowC: -14, recordHighC: 31, latitudeDeg: 57, mount: "roofGap" } },
    ...counts.map(([id, label]): Change => ({ type: "addPanel", id, libraryId: null, label })),
    ...counts.map(([panelId, , count]): Change => ({ type: "setCount", panelId, count })),
  ];
  return applyChanges(emptyPlan("Bench"), changes);
}

const say = (words: string) => process.stdout.write(`${words}\n`);

function time<T>(what: string, work: () => T): T {
  const begun = performance.now();
  const value = work();
  say(`  ${what}: ${(performance.now() - begun).toFixed(0)} ms`);
  return value;
}

function measure(name: string, plan: Plan, goal: ArrangeAsk["goal"]): void {
  say(`${name}, by ${goal.type}`);
  const memory = createSolveCache();
  const ask = { plan, wiringId: "wiring-1", weather: null, goal, withAddOns: true };
  const bench = time("read the question", () => createBench(ask, memory));
  const first = time("first answer", () => drain(firstLook(bench)));
  const begun = performance.now();
  let proved = 0;
  const quick = drain(arrange(bench, null, quickProof, memory), (step) => {
    if (proved === 0 && step !== undefined && step.found !== null) proved = performance.now() - begun;
  });
  say(
    `  best with its proof: ${proved.toFixed(0)} ms; all offers, whole years: ${(performance.now() - begun).toFixed(0)} ms`,
  );
  const exact = time("exact", () => drain(arrange(bench, null, Infinity, memory)));
  // on a bench of its own, so that nothing is known before
  const fresh = createBench(ask, createSolveCache());
  const count = fresh.problem.kinds.reduce((sum, { nets }) => sum + nets.count, 0);
  drain(fresh.about());
  drain(fresh.scales());
  const boundsBegun = performance.now();
  const tight = drain(boundsOf(fresh, { at: 0, of: 1 })).reduce(
    (sum, each) => sum + each.tight.reduce((all, one) => all + one, 0),
    0,
  );
  const perSecond = (1000 * count) / (performance.now() - boundsBegun);
  say(
    `  ${count} nets: ${perSecond.toFixed(0)} a second, ${(100 * (1 - tight / Math.max(1, count))).toFixed(1)} % pruned before all hours were looked at`,
  );
  say(`  first: ${first?.score.toFixed(2)}`);
  for (const [told, found] of [
    ["proved", quick],
    ["exact", exact],
  ] as const)
    say(
      `  ${told}: ${found.offers[0]?.facts.score.toFixed(3)}, gap ${found.gapPct.toFixed(2)} %, ${found.combos} wirings, ${found.offers.map(({ titles }) => titles.join("+")).join(", ")}`,
    );
}

const { rigid195, rigid120, rigid225 } = demoPanels;
const twelve = planOf(
  [
    ["a", rigid195, 4],
    ["b", rigid120, 4],
    ["c", rigid225, 4],
  ],
  demoInputs.twoPortStation,
);
measure("12 panels of 3 kinds, 2 ports", twelve, { type: "year" });
measure("12 panels of 3 kinds, 2 ports", twelve, { type: "noon" });
const [, high] = demoInputs.twoPortStation.ports;
if (high !== undefined) {
  const ports = ["p1", "p2", "p3", "p4"].map((id) => ({ ...high, id, name: id }));
  const four = planOf([["a", rigid195, 24]], { ...demoInputs.twoPortStation, ports, groups: [] });
  measure("24 equal panels, 4 ports", four, { type: "year" });
  measure("24 equal panels, 4 ports", four, { type: "noon" });
}
