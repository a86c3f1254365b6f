import { type InputWindow, type Tracking } from "../engine/pv-input";
import { type DiagnosisId } from "../measurements";
import { bothOf, type Hypothesis, hypothesesFor, slipsAmong } from "./hypotheses";
import { type ProveSky, type ProveTree } from "./tree";
import { type Place, quantities, type Quantity, type Reading, shownAt } from "./reading";
import { type Bench, createBench, type Prediction, healthyArray, type Shown } from "./world";

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

export type Cause = { readonly id: DiagnosisId; readonly at: string; readonly share: number };

/** Meters as they are: a share of what they show, and their last digit (physics: ±1 % volts, ±1.5 % amps by hand, labels ±3 %). */
const voltsShare = 0.012;
const ampsShare = 0.015;
/** A tracker stands where power is flat: volts and amps there part from the point of most power by more. */
const runShare = 0.025;
const floorV = 0.12;
const floorA = 0.04;
/** What one reading may count against a world at most: one slip of the pen refutes nothing. */
const maxMiss = 40;
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

function guessOf({ irradianceWm2, cloud }: SkyGuess) {
  if (irradianceWm2 !== null) return { wm2: irradianceWm2, sigma: measuredSigma };
  return cloud === null ? anySky : clouds[cloud];
}

function skyWith({ airTempC, rossK }: SkyGuess, irradianceWm2: number): ProveSky {
  return { irradianceWm2, airTempC, rossK };
}

/** The sky by all that is known of it: by the array's own amps where some were shorted, else as told. */
export function likelySky(tree: ProveTree, sky: SkyGuess, readings: readonly Reading[]): ProveSky {
  const guess = guessOf(sky);
  if (sky.irradianceWm2 !== null) return skyWith(sky, guess.wm2);
  return skyWith(sky, lightsFrom(createBench(tree, null), sky, readings, guess.wm2).middle);
}

/** Lights by the array's own shorted amps: the middle of all panels and strings that were shorted, and the least and the most of them. */
function lightsFrom(bench: Bench, sky: SkyGuess, readings: readonly Reading[], guessWm2: number) {
  const at = bench.predict(healthyArray(skyWith(sky, guessWm2)));
  const shares = readings
    .flatMap(({ at: place, shortA }) => {
      const due = shownAt(at, place)?.shortA ?? 0;
      return shortA === null || due <= 0 || shortA <= minShortA ? [] : [shortA / due];
    })
    .sort((a, b) => a - b);
  const light = (share: number | undefined) => clampLight(guessWm2 * (share ?? 1));
  return {
    middle: light(shares[Math.floor(shares.length / 2)]),
    ends: [light(shares[0]), light(shares.at(-1))],
  };
}
const minShortA = 0.05;

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

/** What all panels read alone show of what was meant, where they agree; null where none was, or they do not. */
function allSharesOf(prediction: Prediction, readings: readonly Reading[]) {
  const ratios = (quantity: "openV" | "shortA") =>
    readings
      .flatMap(({ at, ...reading }) => {
        const [read, is] = [reading[quantity], shownAt(prediction, at)?.[quantity] ?? null];
        return at.type === "input" || read === null || is === null || is <= 0 || read <= 0 ? [] : [read / is];
      })
      .sort((a, b) => a - b);
  const [volts, amps] = [ratios("openV"), ratios("shortA")];
  const middle = volts[Math.floor(volts.length / 2)];
  if (middle === undefined || Math.abs(middle - 1) < minOtherShare) return null;
  // light fits the amps: what is left of them is the panels' own
  return { volts: middle, amps: amps.length === 0 ? 1 : (amps[Math.floor(amps.length / 2)] ?? 1) };
}
/** Nearer to what was meant than this it is the label, the air, the meter. */
const minOtherShare = 0.055;

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

/**
 * Panels in a string that is held far below its best share its volts by the last hundredth of their amps: what one of them then shows
 * while it runs says little.
 */
function looseV(at: Place, quantity: Quantity, due: Shown | null): number {
  if (at.type !== "panel" || quantity !== "runV" || due === null || due.openV === null || due.runV === null) return 0;
  return due.runV < flatShare * due.openV ? looseShare * due.openV : 0;
}
const flatShare = 0.74;
const looseShare = 0.35;

type Missed = { readonly quantity: Quantity; readonly off: number; readonly is: number; readonly sigma: number };

function missedBy(prediction: Prediction, readings: readonly Reading[]): Missed[] {
  return readings.flatMap((reading) => {
    const due = shownAt(prediction, reading.at);
    return quantities.flatMap((quantity): Missed[] => {
      const [read, is] = [reading[quantity], due?.[quantity] ?? null];
      return read === null || is === null
        ? []
        : [{ quantity, off: read - is, is, sigma: sigmaOf(quantity, is, read) + looseV(reading.at, quantity, due) }];
    });
  });
}

/** Labels, air and the meter are off in all volts alike: known within this share, one sigma. */
const sharedVoltsSigma = 0.022;

/** By what share all volts are off together: the likeliest, those left out that no such share explains. */
function sharedVolts(missed: readonly Missed[]): number {
  let [top, bottom] = [0, 1 / sharedVoltsSigma ** 2];
  for (const { quantity, off, is, sigma } of missed) {
    if (quantity !== "openV" && quantity !== "runV") continue;
    if (Math.abs(off) > 3 * sigma + 0.06 * Math.abs(is)) continue;
    top += (off * is) / sigma ** 2;
    bottom += is ** 2 / sigma ** 2;
  }
  return top / bottom;
}

/** Twice the unlikelihood of all readings in a world: squares of misses in units of what meters may be off. */
function missOf(prediction: Prediction, readings: readonly Reading[]): number {
  const missed = missedBy(prediction, readings);
  const shared = sharedVolts(missed);
  return missed.reduce(
    (sum, { quantity, off, is, sigma }) => {
      const own = quantity === "openV" || quantity === "runV" ? off - shared * is : off;
      return sum + Math.min(maxMiss, (own / sigma) ** 2);
    },
    (shared / sharedVoltsSigma) ** 2,
  );
}

/** Whether all readings lie within what meters, labels, air and sky allow where nothing is wrong. */
function fits(
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
