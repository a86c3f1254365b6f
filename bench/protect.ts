import ELK from "elkjs/lib/elk.bundled.js";
import { plainRun } from "../src/core/plan";
import { diagramOf, graphOf, type LayoutAnswer, layoutAsk, protectReport } from "../src/core/protection/diagram";
import { assess } from "../src/core/assessment";
import { solvableById, createSolveCache } from "../src/core/plan-model";
import { boxWords } from "../src/messages/en";
import { crowdedPlan } from "./crowded-plan";
import { print, timed } from "./figures";

/** Protect with 24 panels of 6 kinds on 4 ports: what it is made of, its verdict with every cable said, and its drawing. */
const plan = crowdedPlan();
const wiringId = plan.wirings[0]?.id ?? "";
const memory = createSolveCache();
print(
  "what 24 panels on 4 ports take, worker warm",
  timed(40, () => void protectReport(solvableById(plan, wiringId, null, memory))),
);
const report = protectReport(solvableById(plan, wiringId, null, memory));
const [wiring] = plan.wirings;
if (wiring !== undefined) {
  const runs = report.portArrays.flatMap((portArray) =>
    portArray.runs.map(({ key, from, to }) => ({
      ...plainRun(`run-${key.replace(/[^A-Za-z0-9]+/g, "-")}`.slice(0, 64), "Cable", from, to),
      lengthMm: 4000,
    })),
  );
  const cabled = { ...plan, wirings: [{ ...wiring, runs }, ...plan.wirings.slice(1)] };
  print(
    "a verdict with every cable said, from nothing",
    timed(10, () => void assess(cabled, wiringId)),
  );
}
const graph = graphOf(report.assembly, (part) => boxWords(part, plan, report, "metric"));
const elk = new ELK();
for (let k = 0; k < 8; k++) {
  const from = performance.now();
  const diagram = diagramOf(graph, (await elk.layout(layoutAsk(graph) as never)) as LayoutAnswer);
  process.stdout.write(
    `${k === 0 ? "first " : ""}drawing of ${diagram.boxes.length} boxes and ${diagram.lines.length} lines: ${Math.round(performance.now() - from)} ms\n`,
  );
}
