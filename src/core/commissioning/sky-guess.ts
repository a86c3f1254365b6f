import { type ProveSky, type ProveTree } from "./tree";
import { type Reading, shownAt } from "./reading";
import { type Bench, createBench, type Prediction, healthyArray } from "./world";

export const cloudWords = ["clear", "haze", "broken", "overcast"] as const;

export type CloudWord = (typeof cloudWords)[number];

/** The sky of the readings: its light where something measured it, else a word for the clouds. */
export type SkyGuess = {
  readonly irradianceWm2: number | null;
  readonly cloud: CloudWord | null;
  readonly airTempC: number;
  readonly rossK: number;
};

export const clouds: Readonly<Record<CloudWord, { readonly wm2: number; readonly sigma: number }>> = {
  clear: { wm2: 850, sigma: 0.25 },
  haze: { wm2: 650, sigma: 0.35 },
  broken: { wm2: 500, sigma: 0.6 },
  overcast: { wm2: 200, sigma: 0.5 },
};

const anySky = { wm2: 600, sigma: 0.7 };

/** Below this the sun is weak, W/m²; below this share of what is due all panels are dirty, where the sky is known. */
export const weakWm2 = 400;
export const dirtyShare = 0.84;

export function guessOf({ irradianceWm2, cloud }: SkyGuess) {
  if (irradianceWm2 !== null) return { wm2: irradianceWm2, sigma: measuredSigma };
  return cloud === null ? anySky : clouds[cloud];
}

export function skyWith({ airTempC, rossK }: SkyGuess, irradianceWm2: number): ProveSky {
  return { irradianceWm2, airTempC, rossK };
}

/** The sky by all that is known of it: by the array's own amps where some were shorted, else as told. */
export function likelySky(tree: ProveTree, sky: SkyGuess, readings: readonly Reading[]): ProveSky {
  const guess = guessOf(sky);
  if (sky.irradianceWm2 !== null) return skyWith(sky, guess.wm2);
  return skyWith(sky, lightsFrom(createBench(tree, null), sky, readings, guess.wm2).middle);
}

/** Lights by the array's own shorted amps: the middle of all panels and strings that were shorted, and the least and the most of them. */
export function lightsFrom(bench: Bench, sky: SkyGuess, readings: readonly Reading[], guessWm2: number) {
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

export function clampLight(wm2: number): number {
  return Math.min(1400, Math.max(15, wm2));
}

/** One string's, or with 0 the whole array's, volts over amps at its best: what bad joints are measured by. */
export function typicalOhm({ strings, array }: Prediction, n: number): number {
  const { openV, shortA } = (n === 0 ? array : strings[n - 1]) ?? array;
  return (openV ?? 0) / Math.max(0.05, shortA ?? 0);
}

/** What a panel read alone shows, as shares of what was meant; null where it was not. */
export function aloneShares(prediction: Prediction, readings: readonly Reading[], leaf: number, at: number) {
  const read = readings.find(({ at }) => at.type === "panel" && at.id === leaf);
  const due = prediction.panels.get(leaf);
  if (read === undefined || read.openV === null || read.shortA === null || due === undefined) return null;
  return { volts: read.openV / (due.openV ?? 1), amps: read.shortA / Math.max(0.01, due.shortA ?? 1), at };
}

/** What all panels read alone show of what was meant, where they agree; null where none was, or they do not. */
export function allSharesOf(prediction: Prediction, readings: readonly Reading[]) {
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

/** Light that something measured is known within so much, by a word for clouds within so much (as a factor, one sigma). */
export const measuredSigma = 0.1;

/** Nearer to what was meant than this it is the label, the air, the meter. */
export const minOtherShare = 0.055;
