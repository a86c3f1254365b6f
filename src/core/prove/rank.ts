import { type InputWindow, type Tracking } from "../input";
import { type CauseId } from "../measured";
import { type Hypothesis, hypothesesFor } from "./hypotheses";
import { type ProveSky, type ProveTree } from "./tree";
import { type Bench, createBench, type Prediction, rightWorld, type Shown } from "./world";

/** What meters and displays showed at one place. */
export type Reading = {
  readonly at: Place;
  readonly openV: number | null;
  readonly shortA: number | null;
  readonly runV: number | null;
  readonly runA: number | null;
  readonly displayW: number | null;
  readonly batterySoc: number | null;
};
export type Place =
  | { readonly type: "panel"; readonly id: number }
  | { readonly type: "string"; readonly n: number }
  | { readonly type: "array" }
  | { readonly type: "input" };

export const cloudWords = ["clear", "haze", "broken", "overcast"] as const;
export type CloudWord = (typeof cloudWords)[number];

/** The sky of the readings: its light where something measured it, else a word for the clouds. */
export type SkyGuess = {
  readonly irradianceWm2: number | null;
  readonly cloud: CloudWord | null;
  readonly airTempC: number;
  readonly rossK: number;
};

/** What a log says before anything is read: so much less than due, %, as watts under whatever light. */
export type Suspicion = { readonly lossPct: number };
/** A loss out of a log is known within so much, percentage points, one sigma. */
const lossSigma = 3;

export type Cause = { readonly id: CauseId; readonly at: string; readonly share: number };

/** Meters as they are: a share of what they show, and their last digit (physics: ±1 % volts, ±1.5 % amps by hand, labels ±3 %). */
const voltsShare = 0.012;
const ampsShare = 0.015;
/** A tracker stands where power is flat: volts and amps there part from the point of most power by more. */
const runShare = 0.025;
const floorV = 0.12;
const floorA = 0.04;
/** What one reading may count against a world at most: one slip of the pen refutes nothing. */
const mostMiss = 40;
/** Light that something measured is known within so much, by a word for clouds within so much (as a factor, one sigma). */
const measuredSigma = 0.1;
const clouds: Readonly<Record<CloudWord, { readonly wm2: number; readonly sigma: number }>> = {
  clear: { wm2: 850, sigma: 0.25 },
  haze: { wm2: 650, sigma: 0.35 },
  broken: { wm2: 500, sigma: 0.6 },
  overcast: { wm2: 200, sigma: 0.5 },
};
const anySky = { wm2: 600, sigma: 0.7 };

/** Below this the sun is weak, W/m²; below this share of what is due all panels are dirty, where the sky is known. */
const weakWm2 = 400;
const dirtyShare = 0.84;
/** From here on a battery takes less and less. */
const taperSoc = 85;

/** A cause with how likely it is, and what meters would then show. */
export type RankedWorld = Cause & { readonly prediction: Prediction };

/**
 * What may be wrong with an array, likeliest first. Each single thing that may be is a world; in each, all readings are worked out
 * by the engine and held against those taken; light is fitted anew in each. What nobody read cannot count.
 */
export function rankWorlds(
  tree: ProveTree,
  sky: SkyGuess,
  readings: readonly Reading[],
  window: InputWindow | null,
  tracking: Tracking = { type: "scan" },
  suspicion: Suspicion | null = null,
): readonly RankedWorld[] {
  const bench = createBench(tree, window, tracking);
  const guess = guessOf(sky);
  const lights = lightsFrom(bench, sky, readings, guess.wm2);
  const first = skyWith(sky, lights.middle);
  const soc = readings.find(({ batterySoc }) => batterySoc !== null)?.batterySoc ?? null;
  const atFirst = bench.predict(rightWorld(first));
  const hypotheses = hypothesesFor(
    bench,
    (n) => typicalOhm(atFirst, n),
    (leaf) => aloneShares(atFirst, readings, leaf, first.irradianceWm2),
  ).filter(
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
  const rough = hypotheses.map((hypothesis) => weigh(hypothesis, roughLights)).sort((a, b) => a.miss - b.miss);
  const scored = rough.map((each, k) =>
    k < mostWeighed
      ? weigh(
          each.hypothesis,
          fineSteps.map((step) => step * each.light),
          each,
        )
      : each,
  );
  // of one cause at one place only its best strength counts
  const best = new Map<string, Scored>();
  for (const each of scored) {
    const key = `${each.hypothesis.id} ${each.hypothesis.at}`;
    const before = best.get(key);
    if (before === undefined || each.miss < before.miss) best.set(key, each);
  }
  const ranked = [...best.values()]
    .map((each) => ({ ...each, cause: named(each, sky) }))
    .sort((a, b) => a.miss - b.miss);
  const least = ranked[0]?.miss ?? 0;
  const weights = ranked.map(({ miss }) => Math.exp(-(miss - least) / 2));
  const all = weights.reduce((sum, each) => sum + each, 0);
  return ranked.map(({ cause, prediction }, k) => ({ ...cause, prediction, share: (weights[k] ?? 0) / all }));
}

type Scored = {
  readonly hypothesis: Hypothesis;
  readonly miss: number;
  readonly light: number;
  readonly prediction: Prediction;
};

function guessOf({ irradianceWm2, cloud }: SkyGuess) {
  if (irradianceWm2 !== null) return { wm2: irradianceWm2, sigma: measuredSigma };
  return cloud === null ? anySky : clouds[cloud];
}

function skyWith({ airTempC, rossK }: SkyGuess, irradianceWm2: number): ProveSky {
  return { irradianceWm2, airTempC, rossK };
}

/** Lights by the array's own shorted amps: the middle of all panels and strings that were shorted, and the least and the most of them. */
function lightsFrom(bench: Bench, sky: SkyGuess, readings: readonly Reading[], guessWm2: number) {
  const at = bench.predict(rightWorld(skyWith(sky, guessWm2)));
  const shares = readings
    .flatMap(({ at: place, shortA }) => {
      const due = shownAt(at, place)?.shortA ?? 0;
      return shortA === null || due <= 0 || shortA <= leastShortA ? [] : [shortA / due];
    })
    .sort((a, b) => a - b);
  const light = (share: number | undefined) => clampLight(guessWm2 * (share ?? 1));
  return {
    middle: light(shares[Math.floor(shares.length / 2)]),
    ends: [light(shares[0]), light(shares.at(-1))],
  };
}
const leastShortA = 0.05;

function clampLight(wm2: number): number {
  return Math.min(1400, Math.max(15, wm2));
}

/** One string's, or with 0 the whole array's, volts over amps at its best: what bad joints are measured by. */
function typicalOhm({ strings, array }: Prediction, n: number): number {
  const { openV, shortA } = (n === 0 ? array : strings[n - 1]) ?? array;
  return (openV ?? 0) / Math.max(0.05, shortA ?? 0);
}

/** What a panel read alone shows, as shares of what was meant; null where it was not. */
function aloneShares(prediction: Prediction, readings: readonly Reading[], leaf: number, at: number) {
  const read = readings.find(({ at }) => at.type === "panel" && at.id === leaf);
  const due = prediction.panels.get(leaf);
  if (read === undefined || read.openV === null || read.shortA === null || due === undefined) return null;
  return { volts: read.openV / (due.openV ?? 1), amps: read.shortA / Math.max(0.01, due.shortA ?? 1), at };
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
    const right = rightW.get(light) ?? bench.predict(rightWorld(skyWith(sky, light))).takenW;
    rightW.set(light, right);
    const lossPct = right <= 0 ? 0 : 100 * (1 - takenW / right);
    return Math.min(mostMiss, ((lossPct - suspicion.lossPct) / lossSigma) ** 2);
  };
  return (hypothesis: Hypothesis, lights: readonly number[], best: Scored | null = null): Scored => {
    let least = best;
    for (const each of lights) {
      const light = roundedLight(each);
      const prediction = bench.predict(hypothesis.worldIn(skyWith(sky, light)));
      const off = Math.log(light / guess.wm2) / guess.sigma;
      const miss = missOf(prediction, readings) + suspected(light, prediction.takenW) + off ** 2 + 2 * hypothesis.price;
      if (least === null || miss < least.miss) least = { hypothesis, miss, light, prediction };
    }
    if (least === null) throw new Error("a world is weighed by a light at least");
    return least;
  };
}
const roughSteps = [0.85, 1, 1.18];
const fineSteps = [0.9, 0.95, 0.975, 1.025, 1.05, 1.1];
/** So many of the likeliest are weighed finely. */
const mostWeighed = 30;
/** So that curves are solved once for many worlds. */
function roundedLight(wm2: number): number {
  return Number(clampLight(wm2).toPrecision(3));
}

export function shownAt(prediction: Prediction, place: Place): Shown | null {
  switch (place.type) {
    case "panel":
      return prediction.panels.get(place.id) ?? null;
    case "string":
      return prediction.strings[place.n - 1] ?? null;
    case "array":
      return prediction.array;
    case "input":
      return prediction.input;
  }
}

export const quantities = ["openV", "shortA", "runV", "runA"] as const;
export type Quantity = (typeof quantities)[number];
const shares: Readonly<Record<Quantity, number>> = {
  openV: voltsShare,
  shortA: ampsShare,
  runV: runShare,
  runA: runShare,
};
const floors: Readonly<Record<Quantity, number>> = { openV: floorV, shortA: floorA, runV: floorV, runA: floorA };

/** How far a reading may be off, as one sigma, where one of the two values is the true one. */
export function sigmaOf(quantity: Quantity, a: number, b: number): number {
  return floors[quantity] + shares[quantity] * Math.max(Math.abs(a), Math.abs(b));
}

/** Twice the unlikelihood of all readings in a world: squares of misses in units of what meters may be off. */
function missOf(prediction: Prediction, readings: readonly Reading[]): number {
  return readings.reduce((sum, reading) => {
    const due = shownAt(prediction, reading.at);
    return quantities.reduce((total, quantity) => {
      const [read, is] = [reading[quantity], due?.[quantity] ?? null];
      return read === null || is === null
        ? total
        : total + Math.min(mostMiss, ((read - is) / sigmaOf(quantity, is, read)) ** 2);
    }, sum);
  }, 0);
}

/** What a world is called: an array in which nothing is wrong may still be clipped, asleep, shut out, dirty all over or in weak sun. */
function named({ hypothesis, prediction, light }: Scored, sky: SkyGuess): Pick<Cause, "id" | "at"> {
  const { id, at } = hypothesis;
  if (id !== "fine") return { id, at };
  const { limitedBy, freeW, takenW } = prediction;
  if (limitedBy === "overVoltage" || limitedBy === "asleep") return { id: limitedBy, at: "input" };
  if (sky.irradianceWm2 !== null && light < dirtyShare * sky.irradianceWm2) return { id: "dirty", at: "array" };
  if (light < weakWm2) return { id: "weakSun", at: "array" };
  if (limitedBy !== "none" && takenW < clippedShare * freeW) return { id: "clipped", at: "input" };
  return { id: "fine", at: "array" };
}
const clippedShare = 0.97;
