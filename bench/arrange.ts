import { arrange, type ArrangeAsk, createBench, firstLook, quickProof } from "../src/core/finder/arrange";
import { applyChanges, type Change, type DeviceSheet, emptyPlan, type PanelSheet, type Plan } from "../src/core/plan";
import { createMemory } from "../src/core/rules";
import { runToEnd } from "../src/core/steps";
import { demoInputs, demoPanels } from "../src/demo";

/** The finder on plans: first answer, proved answer, exact. */
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

function time<T>(what: string, work: () => T): T {
  const begun = performance.now();
  const value = work();
  console.log(`  ${what}: ${(performance.now() - begun).toFixed(0)} ms`);
  return value;
}

function go(name: string, plan: Plan, goal: ArrangeAsk["goal"]): void {
  console.log(`${name}, by ${goal.type}`);
  const memory = createMemory();
  const ask = { plan, wiringId: "wiring-1", weather: null, goal, withAddOns: true };
  const bench = time("read the question", () => createBench(ask, memory));
  const first = time("first answer", () => runToEnd(firstLook(bench)));
  const begun = performance.now();
  let proved = 0;
  const quick = runToEnd(arrange(bench, null, quickProof, memory), (step) => {
    if (proved === 0 && step !== undefined && step.found !== null) proved = performance.now() - begun;
  });
  console.log(
    `  best with its proof: ${proved.toFixed(0)} ms; all offers: ${(performance.now() - begun).toFixed(0)} ms`,
  );
  const exact = time("exact", () => runToEnd(arrange(bench, null, Infinity, memory)));
  console.log(`  first: ${first?.score.toFixed(2)}`);
  for (const [told, found] of [
    ["proved", quick],
    ["exact", exact],
  ] as const)
    console.log(
      `  ${told}: ${found.offers[0]?.facts.score.toFixed(3)}, gap ${found.gapPct.toFixed(2)} %, ${found.nets} nets, ${found.combos} wirings, ${found.offers.map(({ titles }) => titles.join("+")).join(", ")}`,
    );
}

const { rigid195, rigid120, rigid225 } = demoPanels;
const twelve: Owned = [
  ["a", rigid195, 4],
  ["b", rigid120, 4],
  ["c", rigid225, 4],
];
go("12 panels of 3 kinds, 2 ports", planOf(twelve, demoInputs.twoPortStation), { type: "year" });

const [, high] = demoInputs.twoPortStation.ports;
if (high !== undefined) {
  const four = {
    ...demoInputs.twoPortStation,
    ports: ["p1", "p2", "p3", "p4"].map((id) => ({ ...high, id, name: id })),
    groups: [],
  };
  go("24 equal panels, 4 ports", planOf([["a", rigid195, 24]], four), { type: "year" });
  go("24 equal panels, 4 ports", planOf([["a", rigid195, 24]], four), { type: "noon" });
}
