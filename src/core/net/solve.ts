import { atCurrent, atVoltage, type Curve, inParallel, inSeries, powerPeaks, type PowerPoint, repeatInParallel, repeatInSeries, substringCurve } from "../iv";
import { atSky, type PanelModel } from "../panel";
import { type Net } from "./net";

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

/** Solves a net of any depth. Work is linear in panels; throws only on a group with no members. */
export function solveNet(net: Net): NetSolution {
  const compiler = new Compiler(largestA(net));
  const { curve } = compiler.compile(net);
  const vocV = Math.max(0, atCurrent(curve, 0).v);
  const iscA = Math.max(0, atVoltage(curve, 0).i);
  const peaks = powerPeaks(curve, vocV);
  const mpp = peaks.reduce((best, peak) => (peak.p > best.p ? peak : best), { v: 0, i: 0, p: 0 });
  return { curve, vocV, iscA, peaks, mpp };
}

/** The solution of series × strings of equal solved nets under one sky: exact, and nothing to solve again. */
export function multiplied(one: NetSolution, series: number, strings: number): NetSolution {
  const point = ({ v, i, p }: PowerPoint): PowerPoint => ({ v: v * series, i: i * strings, p: p * series * strings });
  return {
    curve: repeatInParallel(repeatInSeries(one.curve, series), strings),
    vocV: one.vocV * series,
    iscA: one.iscA * strings,
    peaks: one.peaks.map(point),
    mpp: point(one.mpp),
  };
}

/**
 * A current no branch of the net can reach: light currents add in parallel, and in series the
 * strongest rules. Curves are drawn this far in both directions.
 */
function largestA(net: Net): number {
  const bound = (node: Net): number => {
    switch (node.type) {
      case "panel":
        return node.irradianceWm2.reduce((most, s) => Math.max(most, atSky(node.model, s, node.cellTempC).lightA), 0);
      case "series":
        return node.members.reduce((most, member) => Math.max(most, bound(member)), 0);
      case "parallel":
        return node.members.reduce((sum, member) => sum + bound(member), 0);
    }
  };
  return Math.max(0.01, 1.1 * bound(net));
}

type Compiled = { readonly key: string; readonly curve: Curve };

/** Builds curves bottom up; equal branches are built once and scaled. */
class Compiler {
  private readonly modelKeys = new Map<PanelModel, string>();
  private readonly curves = new Map<string, Curve>();

  constructor(private readonly mostA: number) {}

  compile(net: Net): Compiled {
    if (net.type === "panel") return this.panel(net);
    const members = net.members.map((member) => this.compile(member));
    if (members.length === 1) return members[0] as Compiled;
    // sorted by key, so that the order of siblings cannot change even the last digit
    members.sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0));
    const key = `${net.type === "series" ? "s" : "p"}(${members.map((member) => member.key).join()})`;
    return { key, curve: this.once(key, () => this.group(members, net.type === "series")) };
  }

  private group(members: readonly Compiled[], series: boolean): Curve {
    const repeat = series ? repeatInSeries : repeatInParallel;
    const distinct = runs(members, (member) => member.key).map(({ value, count }) => repeat(value.curve, count));
    return series ? inSeries(distinct) : inParallel(distinct);
  }

  private panel(net: Extract<Net, { type: "panel" }>): Compiled {
    const id = this.modelKey(net.model);
    const parts = Math.max(1, net.model.bypassDiodes);
    const given = net.irradianceWm2;
    const light = given.length === 1 ? Array.from({ length: parts }, () => given[0] as number) : [...given].sort((a, b) => a - b);
    const key = `${id}@${net.cellTempC}:${given.length === 1 ? given[0] : light.join("/")}`;
    const substring = (irradianceWm2: number) =>
      this.once(`${id}@${net.cellTempC}/${irradianceWm2}`, () =>
        substringCurve(atSky(net.model, irradianceWm2, net.cellTempC), parts, net.model.bypassDiodes > 0, this.mostA),
      );
    const build = () => inSeries(runs(light, (s) => s).map(({ value, count }) => repeatInSeries(substring(value), count)));
    return { key, curve: this.once(key, build) };
  }

  /** Models are told apart by their numbers, not by where they first appear: order must not matter. */
  private modelKey(model: PanelModel): string {
    const known = this.modelKeys.get(model);
    if (known !== undefined) return known;
    const key = Object.values(model).join("_");
    this.modelKeys.set(model, key);
    return key;
  }

  private once(key: string, build: () => Curve): Curve {
    const known = this.curves.get(key);
    if (known !== undefined) return known;
    const built = build();
    this.curves.set(key, built);
    return built;
  }
}

/** Neighbours with equal keys, counted. */
function runs<T>(sorted: readonly T[], key: (value: T) => unknown): { value: T; count: number }[] {
  const out: { value: T; count: number }[] = [];
  for (const value of sorted) {
    const last = out[out.length - 1];
    if (last !== undefined && key(last.value) === key(value)) last.count += 1;
    else out.push({ value, count: 1 });
  }
  return out;
}
