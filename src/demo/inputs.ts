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
    groups: [{ id: "both", name: "Both ports", portIds: ["low", "high"], maxW: 1200, maxA: null, nature: "drawsUpTo" }],
    modules: [],
    weightKg: 17.5,
    price: 1290,
    currency: "EUR",
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
    groups: [],
    modules: [],
    weightKg: 1.9,
    price: 214,
    currency: "EUR",
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
    groups: [],
    modules: [],
    weightKg: 1.1,
    price: 129,
    currency: "EUR",
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
    groups: [],
    modules: [],
    weightKg: 3.4,
    price: 239,
    currency: "EUR",
  },
  middleStation: {
    name: "Kitebag K600, station",
    kind: "powerStation",
    ports: [
      {
        ...blankPort("pv", "Solar input"), minV: 12, maxV: 60, ceilingBasis: "voc", overVoltage: "shutsOut", maxW: 500,
        currentLimits: [{ fromV: null, toV: null, amps: 12, nature: "drawsUpTo" }],
      },
      {
        ...blankPort("second", "Second solar input"), minV: 12, maxV: 60, ceilingBasis: "voc", overVoltage: "shutsOut", maxW: 500, moduleId: "loft",
        currentLimits: [{ fromV: null, toV: null, amps: 12, nature: "drawsUpTo" }],
      },
    ],
    groups: [],
    modules: [{ id: "loft", name: "Loft box, second input" }],
    weightKg: 8.2,
    price: 519,
    currency: "EUR",
  },
  pwmController: {
    name: "Ferrybridge F10, small PWM controller",
    kind: "chargeController",
    ports: [
      {
        ...blankPort("pv", "Panel terminals"), maxV: 50, ceilingBasis: "voc", overVoltage: "mayDestroy", batteryV: 12.8, wakeMarginV: 1, stayMarginV: 0, conversion: "pwm",
        currentLimits: [{ fromV: null, toV: null, amps: 10, nature: "neverExceed" }],
      },
    ],
    groups: [],
    modules: [],
    weightKg: 0.2,
    price: 24,
    currency: "EUR",
  },
  batteryLimitedController: {
    name: "Slatehill S100-15, charge controller",
    kind: "chargeController",
    ports: [
      {
        ...blankPort("pv", "Panel terminals"), maxV: 100, ceilingBasis: "voc", overVoltage: "mayDestroy", batteryV: 12.8, wakeMarginV: 5, stayMarginV: 1, tracker: "fullScan", batteryMaxA: 15,
        currentLimits: [{ fromV: null, toV: null, amps: 15, nature: "drawsUpTo" }],
      },
    ],
    groups: [],
    modules: [],
    weightKg: 0.6,
    price: 88,
    currency: "EUR",
  },
  climbingController: {
    name: "Cobblebank C60, low-cost controller",
    kind: "chargeController",
    ports: [
      {
        ...blankPort("pv", "Panel terminals"), maxV: 60, ceilingBasis: "unknown", batteryV: 12.8, wakeMarginV: 3, stayMarginV: 0.5, maxW: 260, tracker: "hillClimb",
        currentLimits: [{ fromV: null, toV: null, amps: 20, nature: "drawsUpTo" }],
      },
    ],
    groups: [],
    modules: [],
    weightKg: 0.5,
    price: 59,
    currency: "EUR",
  },
  threePortStation: {
    name: "Haybarn H3600, three-port station",
    kind: "powerStation",
    ports: [
      { ...blankPort("a", "Port A"), minV: 12, maxV: 60, ceilingBasis: "voc", overVoltage: "shutsOut", maxW: 600, currentLimits: [{ fromV: null, toV: null, amps: 15, nature: "drawsUpTo" }] },
      { ...blankPort("b", "Port B"), minV: 12, maxV: 60, ceilingBasis: "voc", overVoltage: "shutsOut", maxW: 600, currentLimits: [{ fromV: null, toV: null, amps: 15, nature: "drawsUpTo" }] },
      { ...blankPort("extra", "Rear port"), minV: 30, maxV: 150, ceilingBasis: "voc", overVoltage: "mayDestroy", maxW: 1600, moduleId: "rear", currentLimits: [{ fromV: null, toV: null, amps: 15, nature: "drawsUpTo" }] },
    ],
    groups: [{ id: "front", name: "Ports A and B", portIds: ["a", "b"], maxW: 800, maxA: null, nature: "drawsUpTo" }, { id: "all", name: "The whole station", portIds: ["a", "b", "extra"], maxW: 2000, maxA: null, nature: "drawsUpTo" }],
    modules: [{ id: "rear", name: "Rear solar module" }],
    weightKg: 45,
    price: 3190,
    currency: "EUR",
  },
  highVoltInput: {
    name: "Millrace V450, high-volt charger",
    kind: "chargeController",
    ports: [
      { ...blankPort("pv", "Panel terminals"), minV: 120, wakeV: 150, maxV: 450, ceilingBasis: "voc", overVoltage: "mayDestroy", maxW: 4000, currentLimits: [{ fromV: null, toV: null, amps: 18, nature: "neverExceed" }] },
    ],
    groups: [],
    modules: [],
    weightKg: 5.8,
    price: 690,
    currency: "EUR",
  },
} as const satisfies Record<string, DeviceSheet>;
