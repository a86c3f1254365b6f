import { type FilledBattery } from "../../need";

/** Share of charge from which a battery takes less and less, and what it still takes when full, as a share of its most. */
const taperFrom = 0.85;
const minTaken = 0.05;
/** Steps of an hour: charge and taper then follow each other closely. */
const steps = 4;

/** What a battery takes at most at a share of charge, as a share of the most it ever takes: all of it, then falling straight to a twentieth. */
export function acceptance(charge: number): number {
  if (charge >= 1) return 0;
  if (charge <= taperFrom) return 1;
  return 1 - ((charge - taperFrom) / (1 - taperFrom)) * (1 - minTaken);
}

export type HourFlow = {
  /** Share of charge after the hour, 0 to 1. */ readonly charge: number;
  /** Of the sun's energy, Wh: to the appliances at once, into the battery, and left for want of room. */
  readonly directWh: number;
  readonly storedWh: number;
  readonly leftWh: number;
  /** What other sources put in, Wh. */ readonly sourcesWh: number;
  /** What the appliances wanted and did not get, Wh. */ readonly unmetWh: number;
};

/** What comes and goes in an hour, W. `sunW` is behind the controller. */
export type Flows = {
  readonly sunW: number;
  readonly loadW: number;
  readonly sourcesW: number;
  readonly airTempC: number;
};

/**
 * An hour of a battery. Appliances are served first, by the sun, then by other sources, then from the battery down to its usable
 * depth; what is left of the sun goes in as it takes it, then what is left of other sources. Lithium takes nothing below 0 °C.
 */
export function hourOfCharge(battery: FilledBattery, charge: number, flows: Flows): HourFlow {
  const { capacityWh, usableShare, maxChargeW, freezes } = battery;
  const floor = 1 - usableShare;
  const cold = freezes && flows.airTempC < 0;
  let now = charge;
  let [direct, stored, left, fromSources, unmet] = [0, 0, 0, 0, 0];
  const hours = 1 / steps;
  for (let step = 0; step < steps; step++) {
    const directW = Math.min(flows.sunW, flows.loadW);
    const servedW = Math.min(flows.sourcesW, flows.loadW - directW);
    const roomW = capacityWh > 0 ? ((1 - now) * capacityWh) / hours : 0;
    const takesW = cold ? 0 : Math.min(roomW, maxChargeW * acceptance(now));
    const storedW = Math.min(flows.sunW - directW, takesW);
    const addedW = Math.min(flows.sourcesW - servedW, takesW - storedW);
    const wantedW = flows.loadW - directW - servedW;
    const hasW = capacityWh > 0 ? (Math.max(0, now - floor) * capacityWh) / hours : 0;
    const givenW = Math.min(wantedW, hasW);
    if (capacityWh > 0) now = Math.min(1, Math.max(0, now + ((storedW + addedW - givenW) * hours) / capacityWh));
    direct += directW * hours;
    stored += storedW * hours;
    left += (flows.sunW - directW - storedW) * hours;
    fromSources += (servedW + addedW) * hours;
    unmet += (wantedW - givenW) * hours;
  }
  return {
    charge: now,
    directWh: direct,
    storedWh: stored,
    leftWh: left,
    sourcesWh: fromSources,
    unmetWh: unmet,
  };
}
