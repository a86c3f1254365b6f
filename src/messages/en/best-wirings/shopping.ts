import { assumedLifeYears, type Bought, type BuyTitle, type Purchase, type PwmLine } from "@/core/wiring/best-wirings";
import { scoreAmount } from "./sentences";
import { amount, money, percent } from "../format";
import { shortName } from "../names";
import { monthName } from "../year/sentences";

/** What a purchase is the best in. */
export const buyTitleWords: Readonly<Record<BuyTitle, string>> = {
  meetsNeed: "Meets the need",
  maxEnergy: "Most energy",
  minPerKwh: "Least money a kWh",
  longestWorth: "Worth longest",
  lightest: "Lightest",
};

/** "6 × BR-120 on a new Lodestone Long". */
export function purchaseName({ count, panel, input }: Purchase): string {
  return `${count} × ${shortName(panel.sheet.name)}${input === null ? "" : ` and ${shortName(input.sheet.name)}`}`;
}

/** Why it is offered: one sentence for what it is the best in. */
export function buySentence(
  title: BuyTitle,
  { perYearKwh, perLifeKwh, currency, kg, moreKwh, panel }: Purchase,
): string {
  switch (title) {
    case "meetsNeed":
      return "Covers your need in every month, at the lowest price.";
    case "maxEnergy":
      return "The highest harvest that fits your space and budget.";
    case "minPerKwh":
      return perYearKwh === null
        ? "The lowest price for its harvest."
        : `${money(perYearKwh, currency)} for each kWh of yearly harvest: the lowest price.`;
    case "longestWorth":
      return perLifeKwh === null
        ? "The lowest price over its life."
        : `${money(perLifeKwh, currency)} a kWh over an assumed life of ${assumedLifeYears[panel.sheet.kind]} years.`;
    case "lightest":
      return kg === null
        ? "The lightest."
        : `${amount(kg, "kg")} for ${scoreAmount(moreKwh, { type: "year" })}: the lowest weight for its harvest.`;
  }
}

/** Whether something meets the need in the dark months, and what would. */
export function needSentence({ needKwh, offers, would }: Bought): string {
  if (needKwh === null)
    return "No daily use is entered yet. Enter it at Need to see here whether it is covered in the dark months.";
  const meets = offers.find(({ titles }) => titles.includes("meetsNeed"));
  if (meets !== undefined)
    return `${purchaseName(meets.purchase)} covers your need in every month, the darkest included.`;
  if (would === null) return "No purchase that fits covers your need in every month.";
  return `No purchase within your space and budget covers your need in every month. ${monthName(would.month)} is the darkest: it needs about ${would.count} × ${shortName(would.name)}${would.count > 12 ? "; consider another source for those weeks, or fewer loads" : ""}.`;
}

/** What PWM makes of the panels that suit it best, and MPPT of the same. */
export function pwmSentence({ input, panel, count, kwh, beside }: PwmLine): string {
  const year = (energyKwh: number) => scoreAmount(energyKwh, { type: "year" });
  const panels = `${count} × ${shortName(panel.sheet.name)}`;
  const here = `${shortName(input)} (PWM) harvests about ${year(kwh)} a year from ${panels}, its best match`;
  if (beside === null) return `${here}; no MPPT controller here fits them.`;
  const more = 100 * (beside.kwh / kwh - 1);
  return `${here}; ${shortName(beside.input)} (MPPT) harvests about ${year(beside.kwh)} from the same panels, ${Math.abs(more) < 1 ? "as much" : `${percent(Math.abs(more))} ${more > 0 ? "more" : "less"}`}.`;
}
