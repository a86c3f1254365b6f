import { likelySky, type SkyGuess } from "./sky-guess";
import { type InputWindow } from "../engine/pv-input";
import { type Bar, barsOf, type LastReading } from "./bar";
import { expected } from "./expect";
import { type Cause, causesOf, rankWorlds } from "./rank";
import { placeKey, quantities, type Reading } from "./reading";
import { type ProveTree } from "./tree";

const maxCauses = 6;

/** What is most likely wrong with an array, best first, and what bars it from being plugged in. */
export type Diagnosis = { readonly causes: readonly Cause[]; readonly bars: readonly Bar[] };

/** By readings of which each place and quantity stands once. `recordLowC`: of the place, °C; null: only now counts. */
export function diagnose(
  tree: ProveTree,
  sky: SkyGuess,
  readings: readonly Reading[],
  window: InputWindow | null,
  recordLowC: number | null = null,
): Diagnosis {
  const light = likelySky(tree, sky, readings);
  const bars = barsOf(tree, window, lastReadings(readings), light, expected(tree, light), recordLowC);
  const worlds = rankWorlds(tree, sky, readings, window, { type: "scan" }, null, bars.length === 0);
  return { causes: withBars(causesOf(worlds), bars).slice(0, maxCauses), bars };
}

export function lastReadings(readings: readonly Reading[]): readonly LastReading[] {
  return readings.flatMap((reading) =>
    quantities.flatMap((quantity) => {
      const value = reading[quantity];
      return value === null ? [] : [{ at: reading.at, quantity, value }];
    }),
  );
}

/** A danger that was read comes before anything that is only likely, unless a slip of that very reading, or a cause of it, is likelier. */
export function withBars(causes: readonly Cause[], bars: readonly Bar[]): readonly Cause[] {
  const [top] = causes;
  const over = bars.find(({ why }) => why === "overVoltage");
  const turned = bars.find(({ why }) => why === "reversed");
  const isSlip = (bar: Bar) => top?.id === "slip" && top.at === placeKey(bar.at);
  const lead =
    over !== undefined && !isSlip(over)
      ? ({ id: "overVoltage", at: "input" } as const)
      : turned !== undefined && top?.id !== "reversed" && !isSlip(turned)
        ? ({ id: "reversed", at: placeKey(turned.at) } as const)
        : null;
  if (lead === null) return causes;
  const others = causes.filter(({ id, at }) => id !== lead.id || at !== lead.at);
  return [{ ...lead, share: leadShare }, ...others.map((each) => ({ ...each, share: (1 - leadShare) * each.share }))];
}
const leadShare = 0.97;
