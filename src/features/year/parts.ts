import { type LossName, type MonthAccount } from "@/core/wiring/year";

/** What a month's column is made of, from its foot: what is used, then what is left on the way, the last loss first. */
export type Part = {
  readonly id: string;
  readonly name: string;
  /** How its surface is drawn besides its colour, null: plain. */
  readonly pattern: "squares" | "circles" | "verticalLines" | "horizontalLines" | "slantedLines" | null;
  readonly colour: string;
  readonly of: (month: MonthAccount) => number;
};

const lost =
  (...names: readonly LossName[]) =>
  ({ losses }: MonthAccount) =>
    names.reduce((sum, name) => sum + losses[name], 0);

/** Losses stand together by what one could do about them. */
export const parts: readonly Part[] = [
  { id: "used", name: "Used", pattern: null, colour: "var(--amber)", of: ({ usedKwh }) => usedKwh },
  { id: "full", name: "Battery full", pattern: "squares", colour: "var(--good)", of: lost("batteryFull") },
  { id: "storing", name: "Controller and battery", pattern: "circles", colour: "var(--note)", of: lost("storing") },
  {
    id: "port",
    name: "Left by the port",
    pattern: "verticalLines",
    colour: "var(--stop)",
    of: lost("clippedAmps", "clippedWatts", "clippedVolts", "lowPeak", "pwm", "asleep", "overVoltage"),
  },
  {
    id: "joined",
    name: "Cable, unequal panels",
    pattern: "horizontalLines",
    colour: "var(--amber-deep)",
    of: lost("unequal", "cable"),
  },
  {
    id: "worn",
    name: "Heat, dirt, haze, age",
    pattern: "slantedLines",
    colour: "var(--hot)",
    of: (month) => Math.max(0, lost("heat", "ageing", "haze", "dirt")(month)),
  },
  {
    id: "dark",
    name: "Shade, stowed, slant",
    pattern: null,
    colour: "var(--line-strong)",
    of: lost("slant", "skyline", "shade", "stowed"),
  },
];
