import { type Stop } from "@/core/plan";

/** Stops kept by hand: what belongs there, and the cautions that go with it. */
export type NotebookStop = Exclude<
  Stop,
  "need" | "space" | "panels" | "input" | "wire" | "protect" | "mount" | "prove"
>;

export const pages: Readonly<
  Record<NotebookStop, { readonly prompt: string; readonly asks: readonly string[]; readonly caution: string | null }>
> = {
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
