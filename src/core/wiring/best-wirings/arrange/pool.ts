import { isFuseStrict } from "@/core/protection/cabling";
import { operate } from "@/core/engine/pv-input";
import { besideOneAnother, createBulkSolver, type Net, type NetSolution, substringCount } from "@/core/engine/net";
import { type NetMix, type StringMix } from "../exact";
import { fusesFor, type StringFacts } from "./string-limits";
import { membersOf, mixOf } from "./nets";
import { moneyFor } from "./prices";
import { type PortKind, type Problem } from "./problem";
import { shadedShare } from "./shade-loss";
import { type PortArrayBook } from "./search";

/** A net before a kind of port with all that wirings are chosen by. */
export type PoolPortArray = {
  readonly kind: number;
  readonly net: number;
  readonly used: number;
  readonly wh: number;
  readonly strings: number;
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
export function poolOf(problem: Problem, book: PortArrayBook): readonly (readonly PoolPortArray[])[] {
  const noonOf = createNoon(problem);
  const isStrict = isFuseStrict(problem.ask.plan);
  return problem.kinds.map((kind, at) =>
    [...(book.byUsed[at] ?? [])].flatMap(([used, list]): PoolPortArray[] => {
      const byWh = [...list].sort((a, b) => b.aboutWh - a.aboutWh || a.net - b.net);
      const bestWh = byWh[0]?.aboutWh ?? 0;
      const near = byWh.filter(({ aboutWh }) => aboutWh >= worthKeeping * bestWh);
      const stringsOf = (net: number) => membersOf(kind.nets, net).length;
      const coldOf = (net: number) => maxColdV(kind, net);
      const pick = (of: (net: number) => number) =>
        near.reduce<(typeof near)[number] | undefined>(
          (best, each) => (best === undefined || of(each.net) < of(best.net) ? each : best),
          undefined,
        );
      const kept = new Set([...byWh.slice(0, maxByWh), pick(coldOf), pick(stringsOf), pick((net) => -stringsOf(net))]);
      return [...kept].flatMap((entry) => {
        if (entry === undefined) return [];
        const wh = entry.solved?.wh ?? entry.aboutWh;
        return [portArrayOf(kind, at, entry.net, used, wh, noonOf, isStrict)];
      });
    }),
  );
}

function maxColdV({ nets, facts, port }: PortKind, net: number): number {
  return [...membersOf(nets, net)].reduce(
    (most, string) => Math.max(most, voltsOf(facts[string], port.ceilingBasis)),
    0,
  );
}

function voltsOf(facts: StringFacts | undefined, basis: PortKind["port"]["ceilingBasis"]): number {
  return (basis === "vmp" ? facts?.coldRunningV : facts?.coldV) ?? 0;
}

function portArrayOf(
  kind: PortKind,
  at: number,
  net: number,
  used: number,
  wh: number,
  noonOf: (kind: PortKind, net: NetMix) => { noonW: number; shadeW: number },
  isStrict: boolean,
): PoolPortArray {
  const strings = [...membersOf(kind.nets, net)].flatMap((string) => kind.facts[string] ?? []);
  const sumA = strings.reduce((sum, { iscA }) => sum + iscA, 0);
  const fuses = fusesFor(strings, isStrict);
  const branchPairs = strings.length - 1;
  const maxV = kind.port.maxV ?? Infinity;
  return {
    kind: at,
    net,
    used,
    wh,
    strings: strings.length,
    marginPct: 100 * (1 - maxColdV(kind, net) / maxV),
    iscA: sumA,
    labelW: strings.reduce((sum, { labelW }) => sum + labelW, 0),
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

  /** A string, one panel of a class in it with a shaded substring, if any is named. */
  function stringAtNoon(string: StringMix, shaded: number | null): NetSolution {
    const key = `${string.join()}/${shaded}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const members = string.flatMap((n, at): Net[] => {
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
    const wattsOf = (strings: readonly NetSolution[]) => {
      const [first, ...others] = strings;
      if (first === undefined) return 0;
      const whole = others.length === 0 ? first : besideOneAnother([first.curve, ...others.map(({ curve }) => curve)]);
      return operate(whole, running.window, running.tracking).p;
    };
    const lit = net.map((string) => stringAtNoon(string, null));
    const noonW = wattsOf(lit);
    let least = noonW;
    for (const [at, string] of net.entries()) {
      if (net.findIndex((other) => other.join() === string.join()) < at) continue;
      for (const [kind, n] of string.entries())
        if (n > 0) least = Math.min(least, wattsOf(lit.with(at, stringAtNoon(string, kind))));
    }
    return { noonW, shadeW: noonW - least };
  };
}
