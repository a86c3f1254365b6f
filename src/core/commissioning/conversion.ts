import { type Tracking } from "../engine/pv-input";

/** What an input makes of the watts that go in: its own display against an inline meter. */
export type Conversion = {
  readonly inW: number;
  readonly outW: number;
  readonly sharePct: number;
  /** What is usual, and what it may be off by meters, %. */
  readonly defaultPct: readonly [number, number];
  readonly allowedPct: number;
  readonly says: "usual" | "low" | "over";
};

const mpptPct = [93, 98] as const;
/** Volts ±1 %, amps ±1.5 %, a display's own ±2 %. */
const allowedPct = 100 * Math.hypot(0.01, 0.015, 0.02);

/** Null where nothing goes in. PWM takes the amps as they are: its share is that of the volts. */
export function conversionOf(runV: number, runA: number, displayW: number, tracking: Tracking): Conversion | null {
  const inW = runV * runA;
  if (!(inW > 0)) return null;
  const sharePct = (100 * displayW) / inW;
  const defaultPct = tracking.type === "pwm" ? ([93, 100] as const) : mpptPct;
  return {
    inW,
    outW: displayW,
    sharePct,
    defaultPct,
    allowedPct,
    says: sharePct > defaultPct[1] + allowedPct ? "over" : sharePct < defaultPct[0] - allowedPct ? "low" : "usual",
  };
}
