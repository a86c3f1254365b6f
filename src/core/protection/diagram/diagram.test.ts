import ELK from "elkjs/lib/elk.bundled.js";
import { type Plan } from "../../plan";
import { usedIn } from "../../engine/array";
import { createRandom, runs, randomPlan, rebuilt, toldOfStrings, withCopper } from "@/testing";
import { type Assembly, type Diagram, diagramOf, graphOf, type LayoutAnswer, layoutAsk, type Part } from ".";
import { assemblyOf } from "./assembly";
import { letterWide, lineHigh, titleHigh } from "./graph";

/** Plans of any shape: nested groups, panels taken out, diodes, several ports and inputs, controllers with batteries. */
const plans = Array.from({ length: runs(200) }, (_, seed) =>
  withCopper(randomPlan(seed + 1), createRandom(seed + 9000)),
);
const assemblyIn = (plan: Plan): Assembly => {
  const [wiring] = plan.wirings;
  if (wiring === undefined) throw new Error("a plan has a wiring");
  return assemblyOf(plan, wiring, {
    isFused: (string) => wiring.guards.some(({ at }) => at.type === "string" && at.stringId === string.id),
    isSwitched: () => true,
  });
};

test("the net that a wiring is comes back from its parts and leads alone", () => {
  let ports = 0;
  for (const plan of plans) {
    const assembly = assemblyIn(plan);
    for (const { inputId, portId, strings } of plan.wirings[0]?.portArrays ?? []) {
      if (usedIn(strings).length === 0) continue;
      const part = `input ${inputId ?? ""}`;
      const found = rebuilt(assembly, { part, at: `${portId ?? ""}+` }, { part, at: `${portId ?? ""}-` });
      expect(found).toEqual(toldOfStrings(strings));
      ports += 1;
    }
  }
  expect(ports).toBeGreaterThan(plans.length / 2);
});

test("in no drawing does a line run through a box, or do two texts or boxes lie over each other", async () => {
  const elk = new ELK();
  for (const plan of plans.slice(0, runs(60))) {
    const graph = graphOf(assemblyIn(plan), textOf);
    if (graph.boxes.length === 0) continue;
    const answer = (await elk.layout(layoutAsk(graph) as never)) as LayoutAnswer;
    const diagram = diagramOf(graph, answer);
    expect(faultsIn(diagram)).toEqual([]);
    expect(faultsIn(spoiled(diagram)).length).toBeGreaterThan(1);
  }
}, 120_000);

/** With its first box laid on its last, and its first line straight through a box. */
function spoiled(diagram: Diagram): Diagram {
  const [box, line] = [diagram.boxes.at(-1), diagram.lines[0]];
  if (box === undefined || line === undefined) throw new Error("a drawing has boxes and lines");
  const middle = box.top + box.high / 2;
  return {
    ...diagram,
    boxes: diagram.boxes.map((each, k) => (k === 0 ? { ...each, left: box.left, top: box.top } : each)),
    lines: [
      {
        ...line,
        points: [
          [box.left - 5, middle],
          [box.left + box.wide + 5, middle],
        ],
      },
    ],
  };
}

/** As long as texts get. */
function textOf(part: Part) {
  return { title: `${part.type} with a long name`, lines: [part.id, "10 AWG · 12 345 mm · 30 A"] };
}

type Rect = {
  readonly what: string;
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
};

function faultsIn({ boxes, lines, wide, high }: Diagram): string[] {
  const rects = boxes.map(({ id, left, top, wide: w, high: h }): Rect => ({
    what: id,
    left,
    top,
    right: left + w,
    bottom: top + h,
  }));
  const faults: string[] = [];
  for (const [k, a] of rects.entries()) {
    if (a.left < 0 || a.top < 0 || a.right > wide + 0.01 || a.bottom > high + 0.01)
      faults.push(`${a.what} is off the sheet`);
    for (const b of rects.slice(k + 1)) if (overlap(a, b)) faults.push(`${a.what} lies over ${b.what}`);
  }
  // texts lie within their boxes: then none can lie over another
  for (const { text, wide: w, id } of boxes) {
    const widest = Math.max(
      text.title.length * titleHigh * letterWide,
      ...text.lines.map((each) => each.length * lineHigh * letterWide),
    );
    if (widest > w) faults.push(`the text of ${id} is wider than its box`);
  }
  for (const { id, points } of lines)
    for (const [k, to] of points.slice(1).entries()) {
      const from = points[k] ?? to;
      const line: Rect = {
        what: id,
        left: Math.min(from[0], to[0]),
        right: Math.max(from[0], to[0]),
        top: Math.min(from[1], to[1]),
        bottom: Math.max(from[1], to[1]),
      };
      for (const rect of rects) if (overlap(shrunk(rect), line)) faults.push(`${id} runs through ${rect.what}`);
    }
  return faults;
}

function overlap(a: Rect, b: Rect): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom
    ? true
    : // a line has no width of its own
      a.left < b.right &&
        b.left <= a.right &&
        a.top <= b.bottom &&
        b.top < a.bottom &&
        (b.left === b.right || b.top === b.bottom);
}
function shrunk(rect: Rect): Rect {
  const by = 0.5;
  return { ...rect, left: rect.left + by, top: rect.top + by, right: rect.right - by, bottom: rect.bottom - by };
}
