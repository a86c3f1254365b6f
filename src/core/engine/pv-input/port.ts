import { type Tracking } from "./operate";
import { type CurrentTier, type LimitNature, type TierNature, type InputWindow } from "./window";

export const ceilingBases = ["voc", "vmp", "unknown"] as const;
/** What a maker means by "max volts": with nothing connected, while running, or not said. */
export type CeilingBasis = (typeof ceilingBases)[number];

export const overVoltageOutcomes = ["shutsOut", "mayDestroy", "unknown"] as const;
export type OverVoltageOutcome = (typeof overVoltageOutcomes)[number];

export const conversions = ["mppt", "pwm"] as const;
/** MPPT turns surplus volts into amps; PWM joins the array straight to the battery. */
export type Conversion = (typeof conversions)[number];

export const trackers = ["fullScan", "hillClimb", "unknown"] as const;
/** Whether an MPPT input looks over the whole curve, or only climbs from where it starts. */
export type Tracker = (typeof trackers)[number];

/** Volts lost between battery and array in a PWM controller's switch and leads when its sheet is silent. */
export const assumedPwmDropV = 0.5;

/**
 * A current limit as its sheet states it; a missing end is the port's own lowest or highest voltage. Amps that nobody has
 * filled in yet limit nothing: a verdict asks for them.
 */
export type StatedTier = {
  readonly fromV: number | null;
  readonly toV: number | null;
  readonly amps: number | null;
  readonly nature: TierNature;
};

/** One port of a controller or power station, as its data sheet describes it. */
export type Port = {
  readonly minV: number | null;
  readonly maxV: number | null;
  readonly ceilingBasis: CeilingBasis;
  readonly overVoltage: OverVoltageOutcome;
  readonly wakeV: number | null;
  readonly batteryV: number | null;
  readonly wakeMarginV: number | null;
  readonly stayMarginV: number | null;
  readonly currentLimits: readonly StatedTier[];
  readonly maxW: number | null;
  readonly maxWNature: LimitNature;
  readonly conversion: Conversion;
  readonly tracker: Tracker;
  /** Most amps into the battery; times battery volts it is a watt limit. */
  readonly batteryMaxA: number | null;
  readonly pwmDropV: number | null;
};

/** Watts the battery side takes: its amps × battery volts; null when either is not stated. */
function batterySideW({ batteryMaxA, batteryV }: Pick<Port, "batteryMaxA" | "batteryV">): number | null {
  return batteryMaxA === null || batteryV === null ? null : batteryMaxA * batteryV;
}

/** The lower of the port's own watt limit and its battery side's; null when neither is stated. */
export function wattLimit(port: Port): number | null {
  return lowest(port.maxW, batterySideW(port));
}

/** How the port looks for its running point. PWM with no battery volts stated cannot be reckoned: scanned instead. */
export function trackingOf(port: Port): Tracking {
  if (port.conversion === "pwm" && port.batteryV !== null)
    return { type: "pwm", heldV: port.batteryV + (port.pwmDropV ?? assumedPwmDropV) };
  return { type: port.conversion === "mppt" && port.tracker === "hillClimb" ? "climb" : "scan" };
}

/**
 * Volts below which the port does not keep running: its own minimum or battery plus margin. A PWM controller holds the array
 * at battery volts, under any such margin, and runs.
 */
export function stayV(port: Port): number | null {
  return port.conversion === "pwm" ? port.minV : highest(port.minV, overBattery(port, port.stayMarginV));
}

/** Volts the array must reach before the port starts. */
export function wakeV(port: Port): number | null {
  return highest(stayV(port), port.wakeV, overBattery(port, port.wakeMarginV));
}

/** The region a port accepts, or null while its ceiling is not known: nothing is safe to draw then. */
export function portWindow(port: Port): InputWindow | null {
  if (port.maxV === null) return null;
  const minV = Math.min(stayV(port) ?? 0, port.maxV);
  const tiers = statedTiers(port, minV, port.maxV);
  return {
    minV,
    maxV: port.maxV,
    ceilingOnVoc: port.ceilingBasis !== "vmp",
    maxW: wattLimit(port),
    currentLimits: tiers,
  };
}

function statedTiers(port: Port, minV: number, maxV: number): (CurrentTier & { nature: TierNature })[] {
  return port.currentLimits.flatMap(({ amps, fromV, toV, nature }) =>
    amps === null ? [] : [{ fromV: fromV ?? minV, toV: toV ?? maxV, amps, nature }],
  );
}

function overBattery(port: Port, marginV: number | null): number | null {
  return port.batteryV === null || marginV === null ? null : port.batteryV + marginV;
}

function lowest(...values: readonly (number | null)[]): number | null {
  const known = values.filter((value) => value !== null);
  return known.length === 0 ? null : Math.min(...known);
}

function highest(...values: readonly (number | null)[]): number | null {
  const known = values.filter((value) => value !== null);
  return known.length === 0 ? null : Math.max(...known);
}
