import { type InputWindow, operate, type Tracking } from "../engine/pv-input";
import { atCurrent, atVoltage, type Curve } from "../engine/iv";
import { type Net, seenFrom, solveNet, substringCount } from "../engine/net";
import { leavesOf, lightOf, type ProveLeaf, type ProveSky, type ProveTree, stringsOf } from "./tree";
import { behind, mirrored, scaled, held, tapered, joined, openOf, type Node } from "./curve-moves";

/** What is wrong with one panel. */
export type PanelFault =
  | { readonly type: "reversed" }
  | { readonly type: "open" }
  /** So many of its substrings are carried by their diodes for good. */
  | { readonly type: "bypassed"; readonly count: number }
  /** All of it, or only its first substring, gets this share of the light. */
  | { readonly type: "dim"; readonly share: number; readonly substrings: "all" | "one" }
  /** Another panel: so many times the volts, and the amps. */
  | { readonly type: "other"; readonly volts: number; readonly amps: number }
  /** It holds its volts at those of a battery. */
  | { readonly type: "regulated"; readonly volts: number }
  /** It stood in somebody's shadow while it was measured alone, and not after. */
  | { readonly type: "shadowAlone"; readonly share: number };

/** An array as it might be: under some light, with what may be wrong. */
export type FaultHypothesis = {
  readonly sky: ProveSky;
  readonly panels: ReadonlyMap<number, PanelFault>;
  /** Strings, from 1, that are not plugged in; whose panels are in parallel; that have a bad joint, Ω. */
  readonly missing: ReadonlySet<number>;
  readonly inParallel: ReadonlySet<number>;
  readonly stringOhm: ReadonlyMap<number, number>;
  /** Strings, from 1, put in the wrong way round as a whole. */ readonly turned: ReadonlySet<number>;
  /** Strings one behind another instead of in parallel. */ readonly inSeries: boolean;
  /** A bad joint in the main lead, Ω. */ readonly leadOhm: number;
  /** The share of what there is that the battery still takes; 1: all. */ readonly taken: number;
};

export function healthyArray(sky: ProveSky): FaultHypothesis {
  return {
    sky,
    panels: new Map(),
    missing: new Set(),
    inParallel: new Set(),
    stringOhm: new Map(),
    turned: new Set(),
    inSeries: false,
    leadOhm: 0,
    taken: 1,
  };
}

/** Two things wrong at once; null where they speak of the same panel. */
export function bothWrong(a: FaultHypothesis, b: FaultHypothesis): FaultHypothesis | null {
  if ([...a.panels.keys()].some((leaf) => b.panels.has(leaf))) return null;
  return {
    sky: a.sky,
    panels: new Map([...a.panels, ...b.panels]),
    missing: new Set([...a.missing, ...b.missing]),
    inParallel: new Set([...a.inParallel, ...b.inParallel]),
    stringOhm: new Map([...a.stringOhm, ...b.stringOhm]),
    turned: new Set([...a.turned, ...b.turned]),
    inSeries: a.inSeries || b.inSeries,
    leadOhm: a.leadOhm + b.leadOhm,
    taken: Math.min(a.taken, b.taken),
  };
}

/** What a meter would show at some place; null: nothing can be said. */
export type Shown = {
  readonly openV: number | null;
  readonly shortA: number | null;
  readonly runV: number | null;
  readonly runA: number | null;
};
export type Prediction = {
  readonly panels: ReadonlyMap<number, Shown>;
  readonly strings: readonly Shown[];
  readonly array: Shown;
  /** Behind the main lead. */ readonly input: Shown;
  readonly limitedBy: "none" | "current" | "watts" | "window" | "asleep" | "overVoltage";
  /** The most there is, and what is taken, W. */ readonly freeW: number;
  readonly takenW: number;
};

export type Bench = ReturnType<typeof createBench>;

/** Predicts readings of one array in many worlds of one air; curves of panels and strings are made once for each light and fault. */
export function createBench(tree: ProveTree, window: InputWindow | null, tracking: Tracking = { type: "scan" }) {
  const leaves = leavesOf(tree);
  const strings = stringsOf(tree);
  const models = [...new Set(leaves.map(({ model }) => model))];
  const known = new Map<string, Curve | null>();
  const knownStrings = new Map<string, Node>();

  /** Equal panels under equal light with the same fault are one curve. */
  function leafKey({ model, light, rossK }: ProveLeaf, sky: ProveSky, fault: PanelFault | null): string {
    return `${models.indexOf(model)} ${light} ${rossK ?? ""} ${sky.irradianceWm2} ${fault === null ? "" : Object.values(fault).join()}`;
  }

  function leafCurve(leaf: ProveLeaf, sky: ProveSky, fault: PanelFault | null, isAlone: boolean): Curve | null {
    const key = `${leafKey(leaf, sky, fault)} ${isAlone}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const made = curveOf(leaf, sky, fault, isAlone);
    known.set(key, made);
    return made;
  }

  function curveOf(leaf: ProveLeaf, sky: ProveSky, fault: PanelFault | null, isAlone: boolean): Curve | null {
    const { model } = leaf;
    const { irradianceWm2: falls, cellTempC } = lightOf(leaf, sky);
    const parts = substringCount(model);
    const light = (share: number, one: boolean) =>
      Array.from({ length: parts }, (_, k) => falls * (one && k > 0 ? 1 : share));
    const lit = (irradianceWm2: readonly number[]): Net => ({ type: "panel", model, cellTempC, irradianceWm2 });
    const solved = (irradianceWm2: readonly number[]) => solveNet(lit(irradianceWm2)).curve;
    const plain = () => solved(light(1, false));
    switch (fault?.type) {
      case undefined:
        return plain();
      case "open":
        return null;
      case "reversed":
        // measured at its own ends it is a panel like any other
        return isAlone ? plain() : mirrored(plain());
      case "bypassed":
        return scaled(plain(), parts < 2 ? 0.5 : Math.max(0.02, (parts - fault.count) / parts), 1);
      case "dim":
        return solved(light(fault.share, fault.substrings === "one"));
      case "other":
        return scaled(plain(), fault.volts, fault.amps);
      case "regulated":
        return held(plain(), fault.volts);
      case "shadowAlone":
        return isAlone ? solved(light(fault.share, false)) : plain();
    }
  }

  function nodeOf(part: ProveTree, world: FaultHypothesis, sideBySide = false): Node {
    if (part.type === "panel")
      return {
        type: "leaf",
        leaf: part.id,
        members: [],
        curve: leafCurve(part, world.sky, world.panels.get(part.id) ?? null, false),
      };
    const type = sideBySide ? "parallel" : part.type;
    return joined(
      type,
      part.members.map((member) => nodeOf(member, world)),
    );
  }

  function stringNode(part: ProveTree, n: number, world: FaultHypothesis): Node {
    const ohm = world.stringOhm.get(n) ?? 0;
    const faults = leavesOf(part).map((leaf) => leafKey(leaf, world.sky, world.panels.get(leaf.id) ?? null));
    const key = `${n} ${ohm} ${world.inParallel.has(n)} ${faults.join("|")}`;
    const before = knownStrings.get(key);
    if (before !== undefined) return before;
    const node = nodeOf(part, world, world.inParallel.has(n));
    const made: Node =
      ohm === 0 || node.curve === null
        ? node
        : { type: "series", leaf: null, members: [node], curve: behind(node.curve, ohm) };
    knownStrings.set(key, made);
    return made;
  }

  function predict(world: FaultHypothesis): Prediction {
    const nodes = strings.map((part, k) => {
      const node = stringNode(part, k + 1, world);
      return world.turned.has(k + 1) && node.curve !== null ? { ...node, curve: mirrored(node.curve) } : node;
    });
    const plugged = nodes.map((node, k) => (world.missing.has(k + 1) ? { ...node, curve: null } : node));
    const root =
      strings.length === 1 && plugged[0] !== undefined
        ? plugged[0]
        : joined(world.inSeries ? "series" : "parallel", plugged);
    const seen = seenFrom(root.curve);
    const atInput = root.curve === null ? seen : world.leadOhm > 0 ? seenFrom(behind(root.curve, world.leadOhm)) : seen;
    const point = window === null ? { ...atInput.mpp, limitedBy: "none" as const } : operate(atInput, window, tracking);
    const takes = point.p > 0;
    const run = !takes
      ? { v: seen.vocV, i: 0 }
      : world.taken >= 1
        ? { v: point.v, i: point.i }
        : tapered(atInput.curve, point, world.taken, atInput.vocV);
    const arrayV = run.v + run.i * world.leadOhm;
    const flows = new Map<number, { v: number; i: number }>();
    const stringFlows: { v: number; i: number }[] = [];
    if (world.inSeries && strings.length > 1)
      for (const [k, node] of nodes.entries()) stringFlows[k] = descendAt(node, run.i, flows);
    else
      for (const [k, node] of nodes.entries()) {
        const isOut = world.missing.has(k + 1);
        const v = isOut ? openOf(node.curve) : arrayV;
        const i = isOut || node.curve === null ? 0 : atVoltage(node.curve, v).i;
        descend(node, v, i, flows);
        stringFlows[k] = { v, i };
      }
    const flowOf = (k: number) => {
      const flow = stringFlows[k];
      return flow !== undefined && world.turned.has(k + 1) ? { v: -flow.v, i: -flow.i } : flow;
    };
    const shown = (curve: Curve | null, flow: { v: number; i: number } | undefined): Shown => ({
      openV: openOf(curve),
      shortA: curve === null ? 0 : atVoltage(curve, 0).i,
      runV: flow?.v ?? null,
      runA: flow?.i ?? null,
    });
    return {
      panels: new Map(
        leaves.map((leaf) => [
          leaf.id,
          shown(leafCurve(leaf, world.sky, world.panels.get(leaf.id) ?? null, true), flows.get(leaf.id)),
        ]),
      ),
      // at its own ends a string reads plus, whichever way round it is put in
      strings: nodes.map((node, k) =>
        shown(world.turned.has(k + 1) && node.curve !== null ? mirrored(node.curve) : node.curve, flowOf(k)),
      ),
      array: shown(root.curve, { v: arrayV, i: run.i }),
      input: { openV: atInput.vocV, shortA: atInput.iscA, runV: run.v, runA: run.i },
      limitedBy: point.limitedBy === "battery" || point.limitedBy === "lowPeak" ? "none" : point.limitedBy,
      freeW: atInput.mpp.p,
      takenW: run.v * run.i,
    };
  }

  return { predict, leaves, strings, window };
}

/** What every panel of a part does while its ends stand at a voltage and so much flows. */
function descend(node: Node, v: number, i: number, flows: Map<number, { v: number; i: number }>): void {
  if (node.leaf !== null) {
    flows.set(node.leaf, { v, i });
    return;
  }
  if (node.type === "parallel") {
    for (const member of node.members)
      descend(member, v, member.curve === null ? 0 : atVoltage(member.curve, v).i, flows);
    return;
  }
  const open = node.members.some(({ curve }) => curve === null);
  for (const member of node.members) descendAt(member, open ? 0 : i, flows);
}

/** The same where the current is known; gives its volts. */
function descendAt(node: Node, i: number, flows: Map<number, { v: number; i: number }>): { v: number; i: number } {
  const v = node.curve === null ? 0 : atCurrent(node.curve, i).v;
  descend(node, v, i, flows);
  return { v, i };
}
