import { atCurrent, atVoltage, cableCurve, type Curve, inParallel, inSeries, powerPeaks, type PowerPoint } from "../iv";
import { Compiler, largestA } from "./compile";
import { type Net } from "./net";
import { type BranchState, stateAt } from "./state";

/** The solved net as seen from its two ends. */
export type NetSolution = {
  readonly curve: Curve;
  readonly vocV: number;
  readonly iscA: number;
  /** Every local maximum of power between 0 V and Voc, in order of voltage. */
  readonly peaks: readonly PowerPoint[];
  /** The greatest of them; all zero in the dark. */
  readonly mpp: PowerPoint;
};

/** A solution that can also be looked into. */
export type InspectableSolution = NetSolution & {
  /** What every part of the net does while the net stands at a voltage. */
  readonly stateAt: (v: number) => BranchState;
};

/** The curve of a net through which nothing flows: a sliver around 0 A, so that it can be read like any other. */
const openCurve: Curve = {
  v: Float64Array.of(-1e-3, 1e-3),
  i: Float64Array.of(1e-12, -1e-12),
  g: Float64Array.of(1e-9, 1e-9),
};

/** Solves a net of any depth. Work is linear in panels; throws only on a group with no members. */
export function solveNet(net: Net): InspectableSolution {
  return solveWith(new Compiler(largestA(net)), net);
}

/**
 * A solver for many nets of the same panels, such as the wirings that might fix one: parts they share are
 * built once. `widest` is a net whose current none of them can exceed, usually all panels in parallel.
 */
export function createSolver(widest: Net): (net: Net) => InspectableSolution {
  const compiler = new Compiler(largestA(widest));
  return (net) => solveWith(compiler, net);
}

function solveWith(compiler: Compiler, net: Net): InspectableSolution {
  return { ...seenFrom(compiler.branch(net).curve), stateAt: (v) => stateAt(compiler, net, v) };
}

/** Branches side by side, by the curves each was solved to: the same as solving the net of them, and nothing is remembered. */
export function besideOneAnother(curves: readonly [Curve, ...Curve[]]): NetSolution {
  return seenFrom(curves.length === 1 ? curves[0] : inParallel(curves));
}

/** What is left of a solved net at the far end of a cable. */
export function behindCable({ curve, iscA }: NetSolution, ohm: number): NetSolution {
  // a straight line goes on beyond its ends
  return seenFrom(inSeries([curve, cableCurve(ohm, Math.max(iscA, 0.01))]));
}

/** What a net with this curve gives at its ends; null: nothing flows through it. */
export function seenFrom(built: Curve | null): NetSolution {
  const curve = built ?? openCurve;
  const vocV = built === null ? 0 : Math.max(0, atCurrent(curve, 0).v);
  const iscA = built === null ? 0 : Math.max(0, atVoltage(curve, 0).i);
  const peaks = powerPeaks(curve, vocV);
  const mpp = peaks.reduce((best, peak) => (peak.p > best.p ? peak : best), { v: 0, i: 0, p: 0 });
  return { curve, vocV, iscA, peaks, mpp };
}
