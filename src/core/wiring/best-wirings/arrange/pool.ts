import { isFuseStrict } from "@/core/protection/cabling";
import { operate } from "@/core/engine/pv-input";
import { besideOneAnother, createBulkSolver, type Net, type NetSolution, substringCount } from "@/core/engine/net";
import { type NetMix, type RowMix } from "../exact";
import { fusesFor, type RowFacts } from "./string-limits";
import { membersOf, mixOf } from "./nets";
import { moneyFor } from "./prices";
import { type PortKind, type Problem } from "./problem";
import { shadedShare } from "./shade-loss";
import { type LaneBook } from "./search";

/** A net before a kind of port with all that wirings are chosen by. */
export type PoolLane = {
  readonly kind: number;
  readonly net: number;
  readonly used: number;
  readonly wh: number;
  readonly rows: number;
  /** Room under the ceiling in the cold, %. */ readonly marginPct: number;
  /** Amps that the leads to the port carry, shorted. */ readonly iscA: number;
  readonly labelW: number;
  readonly branchPairs: number;
  readonly fuses: number;
  readonly money: number;
  /** Watts of bright noon, and what of them the worst shaded substring takes. */ readonly noonW: number;
  readonly shadeW: number;
};

/** Nets of the same panels that are kept for what they bring, and the share of it that others must bring to be kept. */
const maxByWh = 3;
export const worthKeeping = 0.85;

/** Of all nets those that could be in a wiring worth telling: of each set of panels the best few, the safest, the simplest, the widest. */
export function poolOf(problem: Problem, book: LaneBook): readonly (readonly PoolLane[])[] {
  const noonOf = createNoon(problem);
  const isStrict = isFuseStrict(problem.ask.plan);
  return problem.kinds.map((kind, at) =>
    [...(book.byUsed[at] ?? [])].flatMap(([used, list]): PoolLane[] => {
      const byWh = [...list].sort((a, b) => b.aboutWh - a.aboutWh || a.net - b.net);
      const bestWh = byWh[0]?.aboutWh ?? 0;
      const near = byWh.filter(({ aboutWh }) => aboutWh >= worthKeeping * bestWh);
      const rowsOf = (net: number) => membersOf(kind.nets, net).length;
      const coldOf = (net: number) => maxColdV(kind, net);
      const pick = (of: (net: number) => number) =>
        near.reduce<(typeof near)[number] | undefined>(
          (best, each) => (best === undefined || of(each.net) < of(best.net) ? each : best),
          undefined,
        );
      const kept = new Set([...byWh.slice(0, maxByWh), pick(coldOf), pick(rowsOf), pick((net) => -rowsOf(net))]);
      return [...kept].flatMap((entry) => {
        if (entry === undefined) return [];
        const wh = entry.solved?.wh ?? entry.aboutWh;
        return [laneOf(kind, at, entry.net, used, wh, noonOf, isStrict)];
      });
    }),
  );
}

function maxColdV({ nets, facts, port }: PortKind, net: number): number {
  return [...membersOf(nets, net)].reduce((most, row) => Math.max(most, voltsOf(facts[row], port.ceilingBasis)), 0);
}

function voltsOf(facts: RowFacts | undefined, basis: PortKind["port"]["ceilingBasis"]): number {
  return (basis === "vmp" ? facts?.coldRunningV : facts?.coldV) ?? 0;
}

function laneOf(
  kind: PortKind,
  at: number,
  net: number,
  used: number,
  wh: number,
  noonOf: (kind: PortKind, net: NetMix) => { noonW: number; shadeW: number },
  isStrict: boolean,
): PoolLane {
  const rows = [...membersOf(kind.nets, net)].flatMap((row) => kind.facts[row] ?? []);
  const sumA = rows.reduce((sum, { iscA }) => sum + iscA, 0);
  const fuses = fusesFor(rows, isStrict);
  const branchPairs = rows.length - 1;
  const maxV = kind.port.maxV ?? Infinity;
  return {
    kind: at,
    net,
    used,
    wh,
    rows: rows.length,
    marginPct: 100 * (1 - maxColdV(kind, net) / maxV),
    iscA: sumA,
    labelW: rows.reduce((sum, { labelW }) => sum + labelW, 0),
    branchPairs,
    fuses,
    money: moneyFor({ branchPairs, fuses, ports: 1 }),
    ...noonOf(kind, mixOf(kind.nets, net)),
  };
}

/** Bright noon of nets, with all panels lit and with one substring of one of them shaded, the worst one. */
function createNoon({ classes, noon }: Pick<Problem, "classes" | "noon">) {
  const solve = createBulkSolver();
  const known = new Map<string, NetSolution>();

  /** A row, one panel of a class in it with a shaded substring, if any is named. */
  function rowAtNoon(row: RowMix, shaded: number | null): NetSolution {
    const key = `${row.join()}/${shaded}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const members = row.flatMap((n, at): Net[] => {
      const [alike, light] = [classes[at], noon[at]];
      if (alike === undefined || light === undefined) return [];
      const { model } = alike.kind;
      const lit = { type: "panel", model, ...light } as const;
      const parts = substringCount(model);
      const irradianceWm2 = Array.from({ length: parts }, (_, k) => {
        const each = light.irradianceWm2[light.irradianceWm2.length === 1 ? 0 : k] ?? 0;
        return k === 0 ? shadedShare * each : each;
      });
      return Array.from({ length: n }, (_, k) => (at === shaded && k === 0 ? { ...lit, irradianceWm2 } : lit));
    });
    const solved = solve({ type: "series", members });
    known.set(key, solved);
    return solved;
  }

  return ({ running }: PortKind, net: NetMix) => {
    const wattsOf = (rows: readonly NetSolution[]) => {
      const [first, ...others] = rows;
      if (first === undefined) return 0;
      const whole = others.length === 0 ? first : besideOneAnother([first.curve, ...others.map(({ curve }) => curve)]);
      return operate(whole, running.window, running.tracking).p;
    };
    const lit = net.map((row) => rowAtNoon(row, null));
    const noonW = wattsOf(lit);
    let least = noonW;
    for (const [at, row] of net.entries()) {
      if (net.findIndex((other) => other.join() === row.join()) < at) continue;
      for (const [kind, n] of row.entries())
        if (n > 0) least = Math.min(least, wattsOf(lit.with(at, rowAtNoon(row, kind))));
    }
    return { noonW, shadeW: noonW - least };
  };
}
