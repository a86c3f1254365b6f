import { type InputWindow, type Tracking } from "../engine/pv-input";
import { type DiagnosisId } from "../measurements";
import { hypothesesFor, slipsAmong, bothOf, type Hypothesis } from "./hypotheses";
import { type ProveTree } from "./tree";
import { quantities, type Quantity, type Reading } from "./reading";
import { type Bench, createBench, type Prediction, healthyArray } from "./world";
import {
  type SkyGuess,
  guessOf,
  skyWith,
  lightsFrom,
  clampLight,
  typicalOhm,
  aloneShares,
  allSharesOf,
  weakWm2,
  dirtyShare,
} from "./sky-guess";
import { maxMiss, looseShare, missedBy, sharedVolts, missOf } from "./miss";

/** What a log says before anything is read: so much less than due, %, as watts under whatever light. */
export type Suspicion = { readonly lossPct: number };
/** A loss out of a log is known within so much, percentage points, one sigma. */
const lossSigma = 3;

export type Cause = { readonly id: DiagnosisId; readonly at: string; readonly share: number };
/** From here on a battery takes less and less. */
const taperSoc = 85;

/** What a world is made of, with how likely it is, and what meters would then show. Of two things wrong at once the first tells more. */
export type RankedWorld = {
  readonly causes: readonly Pick<Cause, "id" | "at">[];
  readonly share: number;
  readonly prediction: Prediction;
};

/**
 * What may be wrong with an array, likeliest first. Each thing that may be is a world; where no single one fits, pairs are; in each, all
 * readings are worked out by the engine and held against those taken. What readings share is fitted anew in each: the light, and how far
 * labels, air and meter are off in volts. What nobody read cannot count. `mayBeFine` false: something forbids that nothing is wrong.
 */
export function rankWorlds(
  tree: ProveTree,
  sky: SkyGuess,
  readings: readonly Reading[],
  window: InputWindow | null,
  tracking: Tracking = { type: "scan" },
  suspicion: Suspicion | null = null,
  mayBeFine = true,
): readonly RankedWorld[] {
  const bench = createBench(tree, window, tracking);
  const guess = guessOf(sky);
  const lights = lightsFrom(bench, sky, readings, guess.wm2);
  const first = skyWith(sky, lights.middle);
  const soc = readings.find(({ batterySoc }) => batterySoc !== null)?.batterySoc ?? null;
  const atFirst = bench.predict(healthyArray(first));
  const hypotheses = [
    ...hypothesesFor(
      bench,
      (n) => typicalOhm(atFirst, n),
      (leaf) => aloneShares(atFirst, readings, leaf, first.irradianceWm2),
      (leaf) => readings.find(({ at }) => at.type === "panel" && at.id === leaf)?.openV ?? null,
      allSharesOf(atFirst, readings),
    ),
    ...slipsAmong(atFirst, readings),
  ].filter(
    ({ id, at }) =>
      (id !== "tapering" || soc === null || soc >= taperSoc) &&
      // nobody can tell dirt on all from a dull sky without knowing the sky
      (id !== "dirty" || at !== "array" || sky.irradianceWm2 !== null),
  );
  const weigh = weigher(bench, sky, guess, readings, suspicion);
  // all by a few lights; the light is sought only for those that could be it
  const roughLights = [
    ...roughSteps.map((step) => step * lights.middle),
    ...lights.ends,
    ...(sky.irradianceWm2 === null ? [] : [guess.wm2]),
  ];
  const rough = hypotheses.map((hypothesis) => weigh([hypothesis], roughLights)).sort((a, b) => a.miss - b.miss);
  const count = readings.reduce((sum, each) => sum + quantities.filter((name) => each[name] !== null).length, 0);
  const singles = sought(rough);
  const pairs = (singles[0]?.miss ?? 0) > pairsFrom + count ? sought(pairsOf(rough)) : [];
  const none = weigh([nothingKnown], [lights.middle]);
  const scored = [...singles, ...pairs]
    .filter((each) => mayBeFine || !isFine(each, sky))
    .filter((each) => !isFine(each, sky) || fits(each, guess, sky, readings));
  const least = Math.min(...scored.map(({ miss }) => miss), noneMiss(count));
  const weighed = [
    ...scored.map((each) => ({
      causes: each.hypotheses.map((hypothesis) => named(hypothesis, each, sky)),
      prediction: each.prediction,
      miss: each.miss,
    })),
    { causes: [{ id: "none" as const, at: "array" }], prediction: none.prediction, miss: noneMiss(count) },
  ].map((each) => ({ ...each, weight: Math.exp(-(each.miss - least) / 2) }));
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ causes, prediction, weight }) => ({ causes, prediction, share: weight / all }))
    .sort((a, b) => b.share - a.share);

  /** The best strength of each cause at each place, its light sought finely. */
  function sought(found: readonly Scored[]): readonly Scored[] {
    const fine = found.map((each, k) =>
      k < maxWeighed
        ? weigh(
            each.hypotheses,
            fineSteps.map((step) => step * each.light),
            each,
          )
        : each,
    );
    const best = new Map<string, Scored>();
    for (const each of fine) {
      const key = each.hypotheses.map(({ id, at }) => `${id} ${at}`).join();
      const before = best.get(key);
      if (before === undefined || each.miss < before.miss) best.set(key, each);
    }
    return [...best.values()].sort((a, b) => a.miss - b.miss);
  }

  /** The likeliest single things, each with every other. */
  function pairsOf(found: readonly Scored[]): readonly Scored[] {
    const isOne = ({ hypotheses: [one] }: Scored) => one !== undefined && one.id !== "fine";
    const seconds = found.filter(isOne).slice(0, maxSeconds);
    const firsts = seconds
      .filter(
        ({ hypotheses: [one] }, k) =>
          seconds.findIndex(({ hypotheses: [other] }) => other?.id === one?.id && other?.at === one?.at) === k,
      )
      .slice(0, maxFirsts);
    return firsts
      .flatMap((one) =>
        seconds.flatMap((other): Scored[] => {
          const [a, b] = [one.hypotheses[0], other.hypotheses[0]];
          if (a === undefined || b === undefined || (a.id === b.id && a.at === b.at)) return [];
          if (bothOf(a, b).worldIn(first) === null) return [];
          return [weigh([a, b], [one.light, other.light])];
        }),
      )
      .sort((a, b) => a.miss - b.miss);
  }
}

/** How likely each cause is: in all worlds of which it is a part. */
export function causesOf(worlds: readonly RankedWorld[]): readonly Cause[] {
  const found = new Map<string, Cause>();
  for (const { causes, share } of worlds)
    for (const { id, at } of causes) {
      const key = `${id} ${at}`;
      found.set(key, { id, at, share: (found.get(key)?.share ?? 0) + share });
    }
  return [...found.values()].sort((a, b) => b.share - a.share);
}

type Scored = {
  readonly hypotheses: readonly Hypothesis[];
  readonly miss: number;
  readonly light: number;
  readonly prediction: Prediction;
};

/** From so much over one for each reading on no single cause fits well, and pairs are tried. */
const pairsFrom = 12;
const maxFirsts = 8;
const maxSeconds = 40;
/** A world in which nothing known is wrong: what has to be missed by more than this is explained by nothing. */
const nothingKnown: Hypothesis = {
  id: "none",
  at: "array",
  price: 0,
  worldIn: (sky) => healthyArray(sky),
  readAs: (readings) => readings,
};
function noneMiss(count: number): number {
  return 26 + 1.6 * count;
}

/** How badly worlds fit, by whichever of some lights fits best. */
function weigher(
  bench: Bench,
  sky: SkyGuess,
  guess: { readonly wm2: number; readonly sigma: number },
  readings: readonly Reading[],
  suspicion: Suspicion | null,
) {
  const rightW = new Map<number, number>();
  const suspected = (light: number, takenW: number) => {
    if (suspicion === null) return 0;
    const right = rightW.get(light) ?? bench.predict(healthyArray(skyWith(sky, light))).takenW;
    rightW.set(light, right);
    const lossPct = right <= 0 ? 0 : 100 * (1 - takenW / right);
    return Math.min(maxMiss, ((lossPct - suspicion.lossPct) / lossSigma) ** 2);
  };
  return (hypotheses: readonly Hypothesis[], lights: readonly number[], best: Scored | null = null): Scored => {
    const [one, other] = hypotheses;
    if (one === undefined) throw new Error("a world is of a hypothesis at least");
    const { worldIn, readAs, price } = other === undefined ? one : bothOf(one, other);
    const read = readAs(readings);
    let least = best;
    for (const each of lights) {
      const light = roundedLight(each);
      const world = worldIn(skyWith(sky, light));
      if (world === null) continue;
      const prediction = bench.predict(world);
      const off = Math.log(light / guess.wm2) / guess.sigma;
      const miss = missOf(prediction, read) + suspected(light, prediction.takenW) + off ** 2 + 2 * price;
      if (least === null || miss < least.miss) least = { hypotheses, miss, light, prediction };
    }
    if (least === null) throw new Error("a world is weighed by a light at least");
    return least;
  };
}
const roughSteps = [0.85, 1, 1.18];
const fineSteps = [0.9, 0.95, 0.975, 1.025, 1.05, 1.1];
/** So many of the likeliest are weighed finely. */
const maxWeighed = 30;
/** So that curves are solved once for many worlds. */
function roundedLight(wm2: number): number {
  return Number(clampLight(wm2).toPrecision(3));
}

/** Whether all readings lie within what meters, labels, air and sky allow where nothing is wrong. */
export function fits(
  { prediction, light }: Scored,
  guess: { readonly wm2: number; readonly sigma: number },
  { irradianceWm2 }: SkyGuess,
  readings: readonly Reading[],
): boolean {
  const missed = missedBy(prediction, readings);
  const shared = sharedVolts(missed);
  const isLightOk = Math.abs(Math.log(light / guess.wm2)) <= (irradianceWm2 === null ? 2.5 * guess.sigma : maxSkyOff);
  return (
    Math.abs(shared) <= maxSharedVolts &&
    isLightOk &&
    missed.every(({ quantity, off, is, sigma }) => {
      const own = quantity === "openV" || quantity === "runV" ? off - shared * is : off;
      return (
        sigma > looseShare * Math.abs(is) ||
        Math.abs(own) <= allowedFloors[quantity] + allowedShares[quantity] * Math.abs(is)
      );
    })
  );
}
const maxSkyOff = 0.24;
const maxSharedVolts = 0.055;
const allowedShares: Readonly<Record<Quantity, number>> = { openV: 0.032, shortA: 0.05, runV: 0.075, runA: 0.07 };
const allowedFloors: Readonly<Record<Quantity, number>> = { openV: 0.15, shortA: 0.06, runV: 0.4, runA: 0.1 };

function isFine(each: Scored, sky: SkyGuess): boolean {
  const [one, other] = each.hypotheses;
  return one !== undefined && other === undefined && one.id === "fine" && named(one, each, sky).id === "fine";
}

/** What a world is called: an array in which nothing is wrong may still be clipped, asleep, shut out, dirty all over or in weak sun. */
function named({ id, at }: Hypothesis, { prediction, light }: Scored, sky: SkyGuess): Pick<Cause, "id" | "at"> {
  if (id !== "fine") return { id, at };
  const { limitedBy, freeW, takenW } = prediction;
  if (limitedBy === "overVoltage" || limitedBy === "asleep") return { id: limitedBy, at: "input" };
  if (sky.irradianceWm2 !== null && light < dirtyShare * sky.irradianceWm2) return { id: "dirty", at: "array" };
  if (light < weakWm2) return { id: "weakSun", at: "array" };
  if (limitedBy !== "none" && takenW < clippedShare * freeW) return { id: "clipped", at: "input" };
  return { id: "fine", at: "array" };
}
const clippedShare = 0.97;
