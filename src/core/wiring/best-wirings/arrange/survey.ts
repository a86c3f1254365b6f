import { type NetList } from "./nets";
import { type Problem } from "./problem";
import { type Fineness, type Scale } from "./bounds";

/** What all nets before a kind of port are worth: about, and at most; `tight` where no less could be said. */
export type Survey = {
  readonly aboutWh: Float64Array;
  readonly maxWh: Float64Array;
  readonly tight: Uint8Array;
};

/** About what each net is worth, Wh, by a few of the hours; of nets of more unlike strings than asked for nothing is said: 0. */
export function* surveyAbout(
  nets: NetList,
  scale: Scale,
  unlikeStrings = Infinity,
): Generator<undefined, Float64Array> {
  const aboutWh = new Float64Array(nets.count);
  for (let net = 0; net < nets.count; net++) {
    if (unlikeIn(nets, net) <= unlikeStrings) aboutWh[net] = scale.about(net);
    if (net % 256 === 0) yield undefined;
  }
  return aboutWh;
}

function unlikeIn({ from, members }: NetList, net: number): number {
  let unlike = 0;
  for (let k = from[net] as number; k < (from[net + 1] as number); k++)
    if (k === from[net] || members[k] !== members[k - 1]) unlike += 1;
  return unlike;
}

/** A net that is worth no more than this share of another of the same panels is not looked at further. */
const hopeless = 0.95;

/** One part of the nets of a kind of port: every so many-th of them, those that look best first. */
export type Part = { readonly at: number; readonly of: number };

/**
 * What nets are worth at most, Wh. Of nets of the same panels the ones that look best are weighed first; a net that is soon seen to
 * be worth clearly less than the best of them keeps the bound it has then.
 */
export function* surveyMax(
  nets: NetList,
  scale: Scale,
  aboutWh: Float64Array,
  { at, of }: Part,
): Generator<undefined, Pick<Survey, "maxWh" | "tight">> {
  const order = Uint32Array.from({ length: nets.count }, (_, net) => net).sort(
    (a, b) => (aboutWh[b] as number) - (aboutWh[a] as number) || a - b,
  );
  const maxWh = new Float64Array(nets.count);
  const tight = new Uint8Array(nets.count);
  const best = new Map<number, number>();
  for (let n = at; n < order.length; n += of) {
    const net = order[n] as number;
    const used = nets.used[net] as number;
    const enough = hopeless * (best.get(used) ?? 0);
    const most = scale.most(net, enough);
    maxWh[net] = most;
    if (most > enough) {
      tight[net] = 1;
      if (most > (best.get(used) ?? 0)) best.set(used, most);
    }
    if (n % 64 === at % 64) yield undefined;
  }
  return { maxWh, tight };
}

/** What several parts found, as one. */
export function together(parts: readonly Pick<Survey, "maxWh" | "tight">[]): Pick<Survey, "maxWh" | "tight"> {
  const [first] = parts;
  if (first === undefined) throw new Error("a survey has a part");
  const maxWh = first.maxWh.map((_, net) => parts.reduce((sum, part) => sum + (part.maxWh[net] ?? 0), 0));
  return { maxWh, tight: first.tight.map((_, net) => parts.reduce((sum, part) => sum + (part.tight[net] ?? 0), 0)) };
}

/** How finely nets are looked at: for a first answer, and for a bound. */
export function coarse(problem: Problem, few: Pick<Fineness, "at" | "hours">): Fineness {
  return problem.hours.length <= few.hours.length ? fine(problem) : { ...few, steps: 32 };
}
export function fine({ hours }: Pick<Problem, "hours">): Fineness {
  return { at: null, hours, steps: 48 };
}
