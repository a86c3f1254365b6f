import { type LossName, type MonthAccount } from "@/core/wiring/year";
import { partsTexts } from "@/messages/en/year/view";

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
  { id: "used", name: partsTexts.used, pattern: null, colour: "var(--amber)", of: ({ usedKwh }) => usedKwh },
  {
    id: "full",
    name: partsTexts.notUsedBatteryFull,
    pattern: "squares",
    colour: "var(--good)",
    of: lost("batteryFull"),
  },
  {
    id: "storing",
    name: partsTexts.conversionLossesController,
    pattern: "circles",
    colour: "var(--note)",
    of: lost("storing"),
  },
  {
    id: "port",
    name: partsTexts.clippedByTheController,
    pattern: "verticalLines",
    colour: "var(--stop)",
    of: lost("clippedAmps", "clippedWatts", "clippedVolts", "lowPeak", "pwm", "asleep", "overVoltage"),
  },
  {
    id: "joined",
    name: partsTexts.cableAndMismatchLosses,
    pattern: "horizontalLines",
    colour: "var(--amber-deep)",
    of: lost("unequal", "cable"),
  },
  {
    id: "worn",
    name: partsTexts.heatDirtHazeAging,
    pattern: "slantedLines",
    colour: "var(--hot)",
    of: (month) => Math.max(0, lost("heat", "ageing", "haze", "dirt")(month)),
  },
  {
    id: "dark",
    name: partsTexts.shadeStowedLowSunAngle,
    pattern: null,
    colour: "var(--line-strong)",
    of: lost("slant", "skyline", "shade", "stowed"),
  },
];
