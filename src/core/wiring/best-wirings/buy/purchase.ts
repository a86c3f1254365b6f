import { type PortArray } from "@/core/engine/array";
import { type InputOffer, type PanelOffer } from "./options";

/** Something to buy, wired as well as may be: it was judged, and no rule stops it. */
export type Purchase = {
  readonly panel: PanelOffer;
  readonly count: number;
  /** An input bought with them; null: on what is owned. */ readonly input: InputOffer | null;
  readonly portArrays: readonly PortArray[];
  /** What a year then brings, kWh, with what is owned; and what of it is new. */ readonly kwh: number;
  readonly moreKwh: number;
  readonly byMonthKwh: readonly number[];
  /** All that is paid, smallest lots, delivery, adapters, parts and input counted; null where a price is not known. */
  readonly money: number | null;
  readonly currency: string;
  readonly perW: number | null;
  /** For a kWh of one year, and for one of all the years that the panels last. */
  readonly perYearKwh: number | null;
  readonly perLifeKwh: number | null;
  readonly kg: number | null;
  /** How many months of twelve bring what is needed; null where no need is stated. */ readonly monthsMet:
    number | null;
};

export const buyTitles = ["meetsNeed", "maxEnergy", "minPerKwh", "longestWorth", "lightest"] as const;
export type BuyTitle = (typeof buyTitles)[number];

/** A kind of panel beside the others, at the number of it that is best for its money. */
export type KindLine = {
  readonly panel: PanelOffer;
  readonly fits: number;
  readonly lifeYears: number;
  /** Watts lost with each degree of heat, %. */ readonly heatPctPerC: number | null;
  readonly wPerKg: number | null;
  readonly best: Purchase | null;
};

/** One set of panels on different inputs: what each makes of it. */
export type InputLine = {
  readonly name: string;
  readonly isOwned: boolean;
  readonly conversion: "mppt" | "pwm" | "both";
  readonly price: number | null;
  readonly currency: string;
  /** null: nothing may be connected. */ readonly kwh: number | null;
};

/** Panels that suit a PWM input, there and on the MPPT input that makes most of them: what each brings in a year, kWh. */
export type PwmLine = {
  readonly input: string;
  readonly panel: PanelOffer;
  readonly count: number;
  readonly kwh: number;
  readonly beside: { readonly input: string; readonly kwh: number } | null;
};

export type Bought = {
  readonly offers: readonly { readonly titles: readonly BuyTitle[]; readonly purchase: Purchase }[];
  readonly kinds: readonly KindLine[];
  readonly inputs: readonly InputLine[];
  readonly pwm: readonly PwmLine[];
  /** What the owned panels bring on the owned inputs, kWh. */ readonly ownedKwh: number;
  /** kWh needed by month; null where no need is stated. */ readonly needKwh: readonly number[] | null;
  /** Where nothing that fits meets the darkest month: about how many of which would, room and money aside. */
  readonly would: { readonly name: string; readonly count: number; readonly month: number } | null;
  readonly tried: number;
};
