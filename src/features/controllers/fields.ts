/** What each line of an input's data sheet is, in the words of the trade. */
export const portHelp = {
  ceilingBasis:
    "Some makers mean the volts with nothing connected (Voc), others the volts while running. If the sheet does not say, leave it at unknown: Voc is assumed.",
  overVoltage: "What too many volts do: some inputs just refuse, others are destroyed. Unknown counts as destroyed.",
  maxWNature: "Draws up to: the rest stays unused, no harm. Never exceed: the sheet forbids more.",
  amps: "The most amps it takes at these volts. Some inputs have one limit at low volts and another higher up: add a tier for each.",
  fromV: "Volts from which this limit holds. Empty: from the lowest volts.",
  toV: "Volts up to which this limit holds. Empty: up to the max PV voltage.",
  nature:
    "Draws up to: extra amps stay unused, no harm. Never exceed: an absolute limit, judged with a quarter added for bright skies.",
  conversion:
    "MPPT looks for the array’s best volts and turns the surplus into amps. PWM joins the array straight to the battery: volts above it are lost.",
  tracker:
    "A tracker that scans finds the best of several peaks; one that only climbs may stop at a low one when a panel is shaded. Unknown counts as scanning, and the ledger says what climbing would cost.",
  moduleId: "Whether this port comes with the device or with an add-on module bought apart.",
  groupMaxW: "The most watts the ports of this group take together.",
  groupMaxA: "The most amps they take together.",
} as const;

export const deviceHelp = {
  weightKg: "What the device weighs, with its battery if that is inside.",
  price: "What it costs, for plans that compare devices.",
} as const;

export const conversionWords = { mppt: "MPPT", pwm: "PWM" } as const;
export const trackerWords = {
  fullScan: "scans the whole curve",
  hillClimb: "only climbs",
  unknown: "unknown",
} as const;
export const natureWords = {
  drawsUpTo: "self-limiting (more is OK, the rest is unused)",
  neverExceed: "absolute maximum (never exceed)",
} as const;
export const basisWords = {
  voc: "open-circuit voltage (Voc)",
  vmp: "operating voltage (Vmp)",
  unknown: "not stated (Voc assumed)",
} as const;
export const outcomeWords = {
  shutsOut: "input switches off, no damage",
  mayDestroy: "input can be damaged",
  unknown: "not stated (damage assumed)",
} as const;
export const inputKindWords = { chargeController: "Charge controller", powerStation: "Power station" } as const;
