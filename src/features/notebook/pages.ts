import { type Stop } from "@/core/plan";

/** Stops kept by hand: what belongs there, and the cautions that go with it. */
export type NotebookStop = Exclude<Stop, "need" | "space" | "panels" | "input" | "wire" | "protect" | "mount">;

export const pages: Readonly<
  Record<NotebookStop, { readonly prompt: string; readonly asks: readonly string[]; readonly caution: string | null }>
> = {
  prove: {
    prompt: "What the meter says, before and after plugging in.",
    asks: [
      "Polarity of each panel: a minus sign on the meter means reversed.",
      "Volts with nothing connected and amps when shorted, each panel, against its label.",
      "Sky and time when you measured.",
    ],
    caution: "Battery first, panels last; take off in the reverse order. Do not stand in your own light.",
  },
  log: {
    prompt: "How it goes from here.",
    asks: [
      "Watts and sky, now and then, at the same hour.",
      "Cleaning, tilting, tightening, resealing, with dates.",
      "Storms, snow, anything odd.",
    ],
    caution: "Lithium cells must not be charged below freezing.",
  },
};
