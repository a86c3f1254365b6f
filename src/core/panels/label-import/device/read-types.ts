import { type Place } from "../plain";

/** A limit of the amps from the panels; without volts of its own it holds at any. */
export type LimitRead = {
  readonly fromV: number | null;
  readonly toV: number | null;
  readonly amps: number;
  readonly nature: "neverExceed" | "unknown";
};

/** A PV input as a text states it; what it does not say is null. */
export type PortRead = {
  readonly minV: number | null;
  readonly maxV: number | null;
  /** Where it depends on the battery; `maxV` is then the lowest. */
  readonly maxVByBattery: readonly { readonly batteryV: number; readonly volts: number }[];
  /** Whether `maxV` is said of open-circuit volts. */ readonly isOpenCircuit: boolean;
  /** Where tracking ends, if below `maxV`. */ readonly mpptToV: number | null;
  readonly startV: number | null;
  readonly startOverBatteryV: number | null;
  readonly stayOverBatteryV: number | null;
  readonly currentLimits: readonly LimitRead[];
  readonly maxW: number | null;
  readonly wattsByBattery: readonly { readonly batteryV: number; readonly watts: number }[];
  readonly batteryMaxA: number | null;
};

export type DeviceDoubt = {
  readonly field: string;
  readonly value: number;
  readonly why: "twoValues" | "whoseAmps" | "byBattery" | "aboveMax" | "looksDiffer";
};

/** A controller or a power station as a text states it. Fields of doubts, words and places go by `ports[0].maxV`. */
export type DeviceRead = {
  readonly name: string;
  readonly kind: "chargeController" | "powerStation";
  readonly conversion: "mppt" | "pwm";
  readonly ports: readonly PortRead[];
  readonly groups: readonly {
    readonly ports: readonly number[];
    readonly maxW: number | null;
    readonly amps: number | null;
  }[];
  readonly from: Readonly<Record<string, string>>;
  readonly places: Readonly<Record<string, Place>>;
  readonly doubts: readonly DeviceDoubt[];
};
