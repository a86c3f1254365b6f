import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { daysIn } from "../../engine/weather";

/** How one clear day follows another: the day-to-day correlation of clearness. Graham, Hollands & Huget (1988): 0.29. */
const persistence = 0.29;

/** A day of a run of days: its month, and which kind of day of the month it is, from the dullest. */
export type DayDrawn = { readonly month: number; readonly kind: number };

/**
 * Years of days, each of one of so many equally frequent kinds of its month, dull days after dull and clear after clear as the
 * weather has it. A Gaussian walk decides, from a seed: the same seed gives the same years.
 */
export function* drawDays(years: number, kinds: number, seed: number): Generator<DayDrawn, void> {
  const random = xoroshiro128plus(seed);
  let walk = 0;
  for (let year = 0; year < years; year++)
    for (let month = 1; month <= 12; month++)
      for (let day = 0; day < daysIn(month); day++) {
        walk = persistence * walk + Math.sqrt(1 - persistence ** 2) * normal(() => uniformFloat64(random));
        yield { month, kind: Math.min(kinds - 1, Math.floor(below(walk) * kinds)) };
      }
}

/** A number of the standard normal distribution, by Box & Muller (1958). */
function normal(uniform: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}

/** Share of the standard normal distribution below x. Abramowitz & Stegun, 26.2.17: within 7.5e-8. */
function below(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const tail =
    (Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return x >= 0 ? 1 - tail : tail;
}
