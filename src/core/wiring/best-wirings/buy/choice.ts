import { completeLabel, readLabel } from "@/core/engine/panel";
import { assumedLossPct } from "../../year";
import { assumedLifeYears, type PanelOffer } from "./options";
import { type Bought, type BuyTitle, type KindLine, type Purchase } from "./purchase";

/** What is left of what ports take, once it has gone through controllers and batteries. */
const kept = 1 - assumedLossPct.storingPct / 100;

export function metMonths(byMonthKwh: readonly number[], needKwh: readonly number[]): number {
  return byMonthKwh.filter((kwh, k) => kept * kwh >= (needKwh[k] ?? 0)).length;
}

/** The best of each kind; one that is best in several ways carries their titles. */
export function choose(all: readonly Purchase[], need: readonly number[] | null): Bought["offers"] {
  const found = new Map<Purchase, BuyTitle[]>();
  const give = (title: BuyTitle, from: readonly Purchase[], of: (purchase: Purchase) => number | null) => {
    let best: { purchase: Purchase; value: number } | null = null;
    for (const purchase of from) {
      const value = of(purchase);
      if (value !== null && (best === null || value < best.value)) best = { purchase, value };
    }
    if (best !== null) found.set(best.purchase, [...(found.get(best.purchase) ?? []), title]);
  };
  const most = all.reduce((kwh, { moreKwh }) => Math.max(kwh, moreKwh), 0);
  // a kind that hardly brings anything is cheap and light, and no answer
  const worth = all.filter(({ moreKwh }) => moreKwh >= minWorth * most);
  if (need !== null)
    give(
      "meetsNeed",
      all.filter(({ monthsMet }) => monthsMet === 12),
      ({ money, kwh }) => money ?? 1e6 + kwh,
    );
  give("maxEnergy", all, ({ kwh }) => -kwh);
  give("minPerKwh", worth, ({ perYearKwh }) => perYearKwh);
  give("longestWorth", worth, ({ perLifeKwh }) => perLifeKwh);
  give("lightest", worth, ({ kg, moreKwh }) => (kg === null ? null : kg / moreKwh));
  return [...found].map(([purchase, titles]) => ({ titles, purchase }));
}
const minWorth = 0.4;

export function lineOf(panel: PanelOffer, fits: number, all: readonly Purchase[]): KindLine {
  const { sheet } = panel;
  const ofIt = all.filter((each) => each.panel.id === panel.id);
  const reading = readLabel(sheet);
  return {
    panel,
    fits,
    lifeYears: assumedLifeYears[sheet.kind],
    heatPctPerC: reading.type === "label" ? completeLabel(reading.label).label.tempCoPmaxPctPerC : null,
    wPerKg: sheet.pmaxW === null || sheet.weightKg === null ? null : sheet.pmaxW / sheet.weightKg,
    best: ofIt.reduce<Purchase | null>(
      (best, each) => (best === null || (each.perYearKwh ?? Infinity) < (best.perYearKwh ?? Infinity) ? each : best),
      null,
    ),
  };
}

/** Where nothing meets every month: how many of the panel that brings most in the darkest one for its money would. */
export function wouldMeet(
  within: readonly Purchase[],
  all: readonly Purchase[],
  need: readonly number[] | null,
  ownedByMonth: readonly number[],
): Bought["would"] {
  if (need === null || within.some(({ monthsMet }) => monthsMet === 12)) return null;
  const shortBy = need.map((kwh, k) => kwh - kept * (ownedByMonth[k] ?? 0));
  const darkest = shortBy.indexOf(Math.max(...shortBy));
  const singles = all.filter(({ count }) => count === 1);
  const bestFirst = [...(singles.length > 0 ? singles : all)].sort(
    (a, b) => (a.perYearKwh ?? Infinity) - (b.perYearKwh ?? Infinity) || b.kwh - a.kwh,
  );
  for (const { panel, byMonthKwh, count } of bestFirst) {
    const each = (kept * ((byMonthKwh[darkest] ?? 0) - (ownedByMonth[darkest] ?? 0))) / count;
    if (each > 0)
      return { name: panel.sheet.name, count: Math.ceil((shortBy[darkest] ?? 0) / each), month: darkest + 1 };
  }
  return null;
}
