import { assumedLifeYears, type Bought, type BuyTitle, type Purchase, type PwmLine } from "@/core/wiring/best-wirings";
import { scoreAmount } from "./finder";
import { amount, money, percent } from "./format";
import { shortName } from "./names";
import { monthName } from "./year";

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
      return "Brings what is needed in every month, for the least money.";
    case "maxEnergy":
      return "Nothing that fits and can be paid brings more.";
    case "minPerKwh":
      return perYearKwh === null
        ? "Least to pay for what it brings."
        : `${money(perYearKwh, currency)} for each kWh of a year: nothing brings it for less.`;
    case "longestWorth":
      return perLifeKwh === null
        ? "Lasts longest for its money."
        : `${money(perLifeKwh, currency)} a kWh over the ${assumedLifeYears[panel.sheet.kind]} years that such panels are taken to last.`;
    case "lightest":
      return kg === null
        ? "Weighs least."
        : `${amount(kg, "kg")} for ${scoreAmount(moreKwh, { type: "year" })}: the least weight for its energy.`;
  }
}

/** Whether something meets the need in the dark months, and what would. */
export function needSentence({ needKwh, offers, would }: Bought): string {
  if (needKwh === null)
    return "No need is stated yet: say at Need what you use, and whether it is met in the dark months is told here.";
  const meets = offers.find(({ titles }) => titles.includes("meetsNeed"));
  if (meets !== undefined) return `${purchaseName(meets.purchase)} meets the need in every month, the darkest too.`;
  if (would === null) return "Nothing that fits meets the need in every month.";
  return `Nothing that fits and can be paid meets the need in every month. ${monthName(would.month)} is the darkest: about ${would.count} × ${shortName(would.name)} would do, room and money aside${would.count > 12 ? "; another source for those weeks, or fewer loads, may be wiser" : ""}.`;
}

/** What PWM makes of the panels that suit it best, and MPPT of the same. */
export function pwmSentence({ input, panel, count, kwh, beside }: PwmLine): string {
  const year = (energyKwh: number) => scoreAmount(energyKwh, { type: "year" });
  const panels = `${count} × ${shortName(panel.sheet.name)}`;
  const here = `${shortName(input)} (PWM) makes about ${year(kwh)} a year of ${panels}, which ${count === 1 ? "suits" : "suit"} it best`;
  if (beside === null) return `${here}; no MPPT input here takes them.`;
  const more = 100 * (beside.kwh / kwh - 1);
  return `${here}; ${shortName(beside.input)} (MPPT) makes about ${year(beside.kwh)} of the same, ${Math.abs(more) < 1 ? "as much" : `${percent(Math.abs(more))} ${more > 0 ? "more" : "less"}`}.`;
}
