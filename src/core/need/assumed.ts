import { type Battery, type Chemistry } from "../plan";

/** What is taken where a need does not say; each is marked as assumed where it stands. */
export const assumedNeed = {
  /** Volts of a battery nobody described. */ volts: 12,
  inverterEfficiencyPct: 88,
  inverterStandingW: 8,
  standingW: 1,
  autonomyDays: 1,
} as const;

/** Share of a battery's capacity one uses so that it lasts, and amps it takes at most as a share of its Ah, by chemistry. */
export const assumedBattery: Readonly<Record<Chemistry, { readonly usablePct: number; readonly chargeShare: number }>> =
  {
    lithium: { usablePct: 90, chargeShare: 0.5 },
    lead: { usablePct: 50, chargeShare: 0.2 },
  };

/** A battery with all it leaves unsaid filled in. `usableWh` is 0 while its capacity is not known. */
export type FilledBattery = {
  readonly volts: number;
  readonly capacityWh: number;
  readonly usableShare: number;
  readonly usableWh: number;
  readonly maxChargeW: number;
  readonly standingW: number;
  readonly freezes: boolean;
};

export function filledBattery(battery: Battery): FilledBattery {
  const { usablePct, chargeShare } = assumedBattery[battery.chemistry];
  const volts = battery.volts ?? assumedNeed.volts;
  const capacityWh = (battery.capacityAh ?? 0) * volts;
  const usableShare = (battery.usablePct ?? usablePct) / 100;
  return {
    volts,
    capacityWh,
    usableShare,
    usableWh: capacityWh * usableShare,
    maxChargeW: (battery.maxChargeA ?? chargeShare * (battery.capacityAh ?? 0)) * volts,
    standingW: battery.standingW ?? assumedNeed.standingW,
    // only lithium is spoilt by charging below freezing
    freezes: battery.chemistry === "lithium" && !battery.keptWarm,
  };
}
