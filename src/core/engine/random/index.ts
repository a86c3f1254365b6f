/** Draws from a seed, the same every time: a plan that shows a fault can be made again from its number. */
export type Random = {
  readonly number: (least: number, most: number) => number;
  /** whole, ends included */ readonly whole: (least: number, most: number) => number;
  readonly chance: (share: number) => boolean;
  readonly pick: <T>(from: readonly [T, ...T[]]) => T;
  readonly list: <T>(length: number, make: (k: number) => T) => T[];
};

/** mulberry32: 32 bits of state, good enough to draw plans by. */
export function createRandom(seed: number): Random {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const whole = (least: number, most: number) => least + Math.floor(next() * (most - least + 1));
  return {
    number: (least, most) => least + (most - least) * next(),
    whole,
    chance: (share) => next() < share,
    pick: (from) => from[whole(0, from.length - 1)] ?? from[0],
    list: (length, make) => Array.from({ length }, (_, k) => make(k)),
  };
}
