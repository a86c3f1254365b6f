import { blankPort, type DeviceSheet } from "@/core/plan";

/** Made-up power stations and charge controllers. */
export const demoInputs = {
  twoPortStation: {
    name: "Haybarn H1500, two-port station",
    kind: "powerStation",
    ports: [
      {
        ...blankPort("low", "Port 1, low volts, two tiers"), minV: 11, maxV: 60, ceilingBasis: "voc", overVoltage: "shutsOut", maxW: 400,
        currentLimits: [{ fromV: 11, toV: 28, amps: 8, nature: "drawsUpTo" }, { fromV: 28, toV: 60, amps: 13, nature: "drawsUpTo" }],
      },
      {
        ...blankPort("high", "Port 2, high volts"), minV: 30, maxV: 150, ceilingBasis: "voc", overVoltage: "mayDestroy", maxW: 1000,
        currentLimits: [{ fromV: null, toV: null, amps: 12, nature: "drawsUpTo" }],
      },
    ],
  },
  pressController: {
    name: "Lodestone C24-30, charge controller",
    kind: "chargeController",
    ports: [
      {
        ...blankPort("pv", "Panel terminals"), maxV: 100, ceilingBasis: "voc", overVoltage: "mayDestroy", batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1, maxW: 860,
        currentLimits: [{ fromV: null, toV: null, amps: 35, nature: "neverExceed" }],
      },
    ],
  },
  boatController: {
    name: "Slatehill S75-20, charge controller",
    kind: "chargeController",
    ports: [
      {
        ...blankPort("pv", "Panel terminals"), maxV: 75, ceilingBasis: "voc", overVoltage: "mayDestroy", batteryV: 12.8, wakeMarginV: 5, stayMarginV: 1, maxW: 580,
        currentLimits: [{ fromV: null, toV: null, amps: 40, nature: "neverExceed" }],
      },
    ],
  },
  smallStation: {
    name: "Tuckbox T300, small station",
    kind: "powerStation",
    ports: [
      {
        ...blankPort("dc", "8 mm barrel input"), minV: 12, maxV: 28, ceilingBasis: "unknown", overVoltage: "shutsOut", maxW: 100,
        currentLimits: [{ fromV: null, toV: null, amps: 8, nature: "drawsUpTo" }],
      },
    ],
  },
  middleStation: {
    name: "Kitebag K600, station",
    kind: "powerStation",
    ports: [
      {
        ...blankPort("pv", "Solar input"), minV: 12, maxV: 60, ceilingBasis: "voc", overVoltage: "shutsOut", maxW: 500,
        currentLimits: [{ fromV: null, toV: null, amps: 12, nature: "drawsUpTo" }],
      },
    ],
  },
} as const satisfies Record<string, DeviceSheet>;
