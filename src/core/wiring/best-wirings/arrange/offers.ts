import { type SolveCache } from "@/core/plan-model";
import { type PortArray } from "@/core/engine/array";
import { type Fineness } from "../../year";
import { type About, type Bench } from "./search-context";
import { type Combo, combosOf } from "./combinations";
import { factsOf, planWired, type WiringFacts } from "./facts";
import { hasStop, judged, portArraysOf, type Placing } from "./judge";
import { mixOf } from "./nets";
import { groupsAmong, jointWh, maxTogetherWh } from "./joint";
import { type PoolPortArray, poolOf } from "./pool";
import { type Problem } from "./problem";
import { type Searched } from "./search";

/** What a wiring is the best in. */
export const titles = ["maxEnergy", "safestMargin", "fewestParts", "bestInShade", "cheapest"] as const;
export type Title = (typeof titles)[number];

/** A wiring worth telling, wired with panels of the plan. */
export type Offer = {
  readonly titles: readonly Title[];
  readonly portArrays: readonly PortArray[];
  readonly facts: WiringFacts;
};

/** A wiring that was considered: a point of the field. */
export type Point = {
  /** About what it brings, in what wirings are ranked by: kWh, or W at noon. */ readonly score: number;
  readonly marginPct: number;
  readonly money: number;
  readonly parts: number;
  readonly shadePct: number;
  readonly portArrays: readonly PortArray[];
};

/** Wirings are chosen for something else than energy from those that bring this share of the most. */
const minShareOfBest = 0.85;
/** Candidates judged for a title at most. */
const maxJudged = 60;
/** The field: one point for each of so many steps of energy and of room. */
const fieldSteps = { score: 28, margin: 14 } as const;

const least: Readonly<Record<Title, (combo: Combo) => number>> = {
  maxEnergy: ({ wh }) => -wh,
  safestMargin: ({ marginPct }) => -marginPct,
  fewestParts: ({ parts, portArrays }) => parts + portArrays.filter((portArray) => portArray !== null).length / 100,
  bestInShade: ({ shadePct }) => shadePct,
  cheapest: ({ money }) => money,
};
/** The same of what is told of a wiring in the end: some of what it was chosen by were estimates. */
const minTold: Readonly<Record<Exclude<Title, "maxEnergy">, (facts: WiringFacts) => number>> = {
  safestMargin: ({ cold }) => -(cold?.marginPct ?? 0),
  fewestParts: ({ parts }) => parts.branchPairs + parts.fuses + parts.ports / 100,
  bestInShade: ({ shadePct }) => shadePct,
  cheapest: ({ money }) => money,
};
/** Nearer than this two wirings are alike in what a title is for, and energy decides. */
const alike: Readonly<Record<Title, number>> = {
  maxEnergy: 0,
  safestMargin: 0.5,
  fewestParts: 0.005,
  bestInShade: 0.3,
  cheapest: 0.5,
};

/** What has been chosen so far, before it is worked out in full. */
export type Chosen = {
  readonly champions: readonly { readonly titles: readonly Title[]; readonly portArrays: readonly PortArray[] }[];
  /** The field of all that no rule stops: judged one by one, which takes its time. */
  readonly field: () => Generator<undefined, readonly Point[]>;
  readonly combos: number;
  /** By how much another could bring more than the best, %. */ readonly gapPct: number;
  /** What the best was found to bring while it was looked for. */ readonly bestScore: number;
};

/**
 * The best of each kind, no two alike, from all wirings of the pool. Each was judged by every rule in every position, as it would stand on
 * the board: what a rule stops is passed over.
 */
export function* choose(
  { problem, meter }: Pick<Bench, "problem" | "meter">,
  { scales, hours }: About,
  { best, book, gapPct }: Searched,
): Generator<undefined, Chosen> {
  const wattsOf = ({ kind, net }: PoolPortArray) => scales[kind]?.aboutAt(net) ?? new Float64Array(hours.length);
  const combos = yield* combosOf(problem, poolOf(problem, book), hours, wattsOf);
  const scale = scaleOf(problem);
  const verdicts = new Map<string, boolean>();
  const portArraysIn = (placings: readonly Placing[]) => portArraysOf(problem, placings);
  const isSafe = (name: string, placings: readonly Placing[]): boolean => {
    const before = verdicts.get(name);
    if (before !== undefined) return before;
    const safe = !hasStop(judged(problem, portArraysIn(placings)));
    verdicts.set(name, safe);
    return safe;
  };
  const found = new Map<string, { titles: Title[]; placings: readonly Placing[] }>();
  const give = (title: Title, placings: readonly Placing[]) => {
    const name = nameOf(placings);
    const known = found.get(name);
    if (known === undefined) found.set(name, { titles: [title], placings });
    else known.titles.push(title);
  };
  const isShared = groupsAmong(problem.ports).length > 0;
  // without common limits the best was proved; with them no wiring brings more than the best would without
  const maxPossibleWh = isShared
    ? Math.min((best?.wh ?? 0) * (1 + gapPct / 100), maxTogetherWh(problem, meter))
    : (best?.wh ?? 0) * (1 + gapPct / 100);
  let firstWh = isShared ? 0 : (best?.wh ?? 0);
  const maxWh = combos.reduce((most, { wh }) => Math.max(most, wh), 0);
  const worth = combos.filter(({ wh }) => wh >= minShareOfBest * maxWh);
  yield undefined;
  for (const title of titles) {
    // what was proved goes before what is estimated
    if (title === "maxEnergy" && best !== null && !isShared) {
      give(title, best.placings);
      continue;
    }
    for (const combo of ordered(worth, title).slice(0, maxJudged)) {
      const placings = placingsOf(problem, combo);
      const safe = isSafe(nameOf(placings), placings);
      yield undefined;
      if (!safe) continue;
      give(title, placings);
      if (title === "maxEnergy") firstWh = jointWh(problem, meter, placings).wh;
      break;
    }
  }
  return {
    bestScore: firstWh * scale,
    gapPct: firstWh > 0 ? Math.max(0, 100 * (maxPossibleWh / firstWh - 1)) : 100,
    champions: [...found.values()].map(({ titles: given, placings }) => ({
      titles: given,
      portArrays: portArraysIn(placings),
    })),
    field: function* () {
      const points: Point[] = [];
      for (const combo of field(combos)) {
        const placings = placingsOf(problem, combo);
        // what ports share is judged of all together, all else of each port array by itself
        const safe = isShared
          ? isSafe(nameOf(placings), placings)
          : combo.portArrays.every((portArray) => portArray === null || !book.isStopped(portArray.kind, portArray));
        yield undefined;
        if (!safe) continue;
        const { marginPct, money, parts, shadePct } = combo;
        points.push({ score: combo.wh * scale, marginPct, money, parts, shadePct, portArrays: portArraysIn(placings) });
      }
      return points;
    },
    combos: combos.length,
  };
}

/** From Wh to what wirings are told in: kWh, or W at noon. */
export function scaleOf({ ask }: Pick<Problem, "ask">): number {
  return ask.goal.type === "noon" ? 1 : 0.001;
}

/** Sorted for a title: the first has the least of what it is for, and of those about as good as it, most energy. */
function ordered(combos: readonly Combo[], title: Title): Combo[] {
  const of = least[title];
  const step = alike[title];
  const steps = (combo: Combo) => (step > 0 ? Math.round(of(combo) / step) : of(combo));
  return [...combos].sort((a, b) => steps(a) - steps(b) || b.wh - a.wh);
}

function placingsOf({ ports, kinds }: Problem, { portArrays }: Combo): Placing[] {
  return portArrays.flatMap((portArray, at): Placing[] => {
    const [port, nets] = [ports[at], portArray === null ? undefined : kinds[portArray.kind]?.nets];
    return port === undefined || portArray === null || nets === undefined
      ? []
      : [{ port, net: mixOf(nets, portArray.net) }];
  });
}

function nameOf(placings: readonly Placing[]): string {
  return placings.map(({ port, net }) => `${port.inputId}/${port.port.id}:${JSON.stringify(net)}`).join(" ");
}

/** Of all wirings the best in each small square of energy and room: enough to see the lie of the land. */
function field(combos: readonly Combo[]): Combo[] {
  const [maxWh, maxPct] = combos.reduce(
    ([wh, pct], combo) => [Math.max(wh, combo.wh), Math.max(pct, combo.marginPct)],
    [0, 0],
  );
  const best = new Map<string, Combo>();
  for (const combo of combos) {
    const x = Math.floor((fieldSteps.score * combo.wh) / (maxWh || 1));
    const y = Math.floor((fieldSteps.margin * Math.max(0, combo.marginPct)) / (maxPct || 1));
    const key = `${x} ${y}`;
    const known = best.get(key);
    if (known === undefined || combo.wh > known.wh || (combo.wh === known.wh && combo.parts < known.parts))
      best.set(key, combo);
  }
  return [...best.values()];
}

/** What is looked for and what is told are reckoned in two ways, which differ by less than this. */
const sameReckoning = 0.015;

/**
 * The offers once they are worked out in full, the best first: where one turned out to bring more than the one that was to bring most
 * (a tracker stuck beside its window), it takes its title, and the gap is as much wider. So with the other titles.
 */
export function ranked(
  offers: readonly Offer[],
  { bestScore, gapPct }: Pick<Chosen, "bestScore" | "gapPct">,
): { readonly offers: readonly Offer[]; readonly gapPct: number } {
  const [first] = offers;
  const best = offers.reduce<Offer | undefined>(
    (most, each) => (most === undefined || each.facts.score > most.facts.score * (1 + sameReckoning) ? each : most),
    undefined,
  );
  if (first === undefined || best === undefined) return { offers, gapPct };
  const told = best.facts.score;
  const wider =
    told < bestScore * (1 - sameReckoning) ? (100 + gapPct) * (bestScore / Math.max(told, 1e-9)) - 100 : gapPct;
  return { offers: titled(offers, best), gapPct: wider };
}

/** Each title to the offer that is the best in it as told, where another than it was given to is clearly better; `first` comes first. */
function titled(offers: readonly Offer[], first: Offer): readonly Offer[] {
  const holders = titles.flatMap((title): { readonly title: Title; readonly holder: Offer }[] => {
    const given = offers.find((each) => each.titles.includes(title));
    if (given === undefined) return [];
    if (title === "maxEnergy") return [{ title, holder: first }];
    const of = ({ facts }: Offer) => minTold[title](facts);
    const holder = offers.reduce((best, each) => (of(each) < of(best) - alike[title] ? each : best), given);
    return [{ title, holder }];
  });
  return [first, ...offers.filter((each) => each !== first)].flatMap((offer) => {
    const theirs = holders.filter(({ holder }) => holder === offer).map(({ title }) => title);
    return theirs.length === 0 ? [] : [{ ...offer, titles: theirs }];
  });
}

/** Everything that is told of a chosen wiring, worked out as if it stood on the board. */
export function* offerOf(
  { ask }: Pick<Problem, "ask">,
  { titles: given, portArrays }: Chosen["champions"][number],
  memory: SolveCache,
  fineness: Fineness = "quick",
): Generator<undefined, Offer> {
  const plan = planWired(ask.plan, ask.wiringId, portArrays);
  const facts = yield* factsOf({ ...ask, plan, fineness }, memory);
  return { titles: given, portArrays, facts };
}
