export const cableFormTexts = {
  cableOfStringNumber: (number: number) => `Cable of string ${number}`,
  lengthOneWay: "Length, one way",
  lengthMmByItsRoute: (lengthMm: string) => `${lengthMm} by its route`,
  lengthMmAssumed: (lengthMm: string) => `${lengthMm} assumed`,
  lengthOneWayHelp: "One-way length along the route. The + and the − cable each have this length.",
  locationOfTheCable: "Location of the cable",
  installedIn: "Installed in",
  circuitsTogether: "Circuits together",
  circuitsAssumed: (circuits: number) => `${circuits} assumed`,
  circuitsTogetherHelp: "Circuits (a + and a − cable each) in the same conduit, duct or bundle, this one counted.",
  temperatureRatingOfTerminals: "Temperature rating of terminals",
  n60COrNotMarked: "60 °C, or not marked",
  size: "Size",
  sizeRecommended: (size: string) => `${size}, recommended`,
  use: "Use",
  portableLeadPutAwayAfterUse: "portable lead, put away after use",
  routeOnTheRoofPlan: "Route on the roof plan",
  itsCurrentIsNotKnownYetComplete: "Its current is not known yet: complete the labels at Panels and Controller.",
  mustCarry: "Must carry",
  canCarryThereAmpacity: "Can carry there (ampacity)",
  circuitsCircuits: (circuits: number) => `${circuits} circuits`,
  maxAAtAmbientC: (maxA: string, ambientC: string) => `${maxA} at ${ambientC}`,
  atTheAssumedLength: ", at the assumed length",
  withTheThickestSize: (size: string) => `with the thickest, ${size}: `,
  inAYear: "In a year",
  resetThisCable: "Reset this cable",
  conduitForBoth: "Conduit for both",
  noConduitIsWideEnough: "no conduit is wide enough",
  nominalMmMmFullPctFullOfAtMost31: (nominalMm: number, fullPct: string) =>
    `${nominalMm} mm, ${fullPct} % full of at most 31 %`,
};

export const cableChoiceTexts = {
  title: (to: string) => `Cable to ${to}: size by wiring`,
  table: (to: string) => `Table of cable sizes and wirings, ${to}`,
  intro: (length: string, limit: string) =>
    `From where the strings join to the PV input, ${length} one way, both conductors. Voltage drop in full sun, at most ${limit}.`,
  sizeHead: "Size",
  weight: "Weight",
  price: "Price",
  now: (wiring: string) => `${wiring} (now)`,
  asWired: "As wired",
  tooThin: "too thin",
  tooMuch: (drop: string) => `${drop}: too much`,
  enough: (drop: string) => `✓ ${drop}`,
  tooThick: (size: string) => `${size} ▲`,
  noConnector: "▲ Does not fit PV connectors: end it in a combiner box or a terminal block.",
  overVolts: (wiring: string, volts: string, maxV: string) =>
    `${wiring} is not in the table: Voc ${volts} on the coldest dawn, above the max PV voltage of ${maxV}.`,
  about: "about ",
  judgesOnly: "The table judges the cable and Voc. Best wirings judges everything else.",
};

export const cablesSheetTexts = {
  metricMmAssumed: "Metric (mm²), assumed",
  metricEn50618Iec60364552Mm: "Metric: EN 50618, IEC 60364-5-52, mm²",
  landNecAwg: "Land: NEC, AWG",
  marineAwg3DropAtMost: "Marine: AWG, 3 % drop at most",
  portableLeads125IscAwg: "Portable leads: 1.25 × Isc, AWG",
  n156IscWhereItIsFixedNec6908:
    "1.56 × Isc where it is fixed (NEC 690.8). Ampacity: 90 °C column of NEC 310.16 × heat × circuits together, at most the column of its terminals (110.14(C)); 14, 12 and 10 AWG at most 15, 20 and 30 A (240.4(D)).",
  n156IscPvCableInTheOpenByEn50618:
    "1.56 × Isc. PV cable in the open by EN 50618; in conduit, in the ground and to the battery by IEC 60364-5-52 (B1, D1), each × heat × circuits together.",
  asLandWithoutTheTerminalsColumn:
    "As land, without the terminals’ column and the caps; at most 3 % voltage drop (ABYC E-11). Counts as wet.",
  n125IscOnLeadsThatArePutAwayAfter:
    "1.25 × Isc on leads that are put away after use (NEC 690.8(A)); otherwise as land.",
  calculating: "Calculating…",
  cables: "Cables",
  nothingIsWiredYetOrNoLabelIs: "Nothing is wired yet, or no label is complete.",
  tableOfCables: "Table of cables",
  cable: "Cable",
  wholeTo: (to: string) => `Together, from the panels to ${to}`,
  ofAtMost: (drop: string, limit: string, lossW: string) => `${drop} (at most ${limit}), ${lossW}`,
  aboveLimit: (drop: string, limit: string, lossW: string) => `▲ ${drop}, above ${limit}; ${lossW}`,
  oneWayLength: "One-way length",
  size: "Size",
  mustCarry: "Must carry",
  canCarry: "Can carry",
  voltageDrop: "Voltage drop",
  thePanelsOwnLeadsLengthEach: (length: string) => `The panels’ own leads, ${length} each`,
  assumed: " (assumed)",
  arePartOfThePanelsLabelValues:
    ", are part of the panels’ label values, which are measured at the ends of the leads; no voltage drop is added for them here. Where two leads do not reach each other, an extension is in the parts list.",
  aStarRecommendedSizeOnlyCables:
    "A star: recommended size. Only cables with an entered length, or with a route on the roof plan, count in the curve at the PV input, the year and the best wirings.",
  selectedCable: "Selected cable",
  close: "Close",
  standard: "Standard",
  standardForCables: "Standard for cables",
  stringFuses: "String fuses",
  usualWhen125BackfeedWouldExceed: "Usual: when 1.25 × backfeed would exceed the max series fuse rating",
  strictWhenBackfeedAndItsOwnIsc: "Strict: when backfeed and its own Isc together would",
  maxVoltageDrop: "Max voltage drop",
  maxVoltageDropHelp: "In % of Vmp, on each cable.",
  valueOfAKWh: "Value of a kWh",
  valueOfAKWhHelp: "So that a cable’s yearly loss has a price.",
  onABoatOrInWetConditionsShock: "On a boat or in wet conditions (shock hazard from 30 V):",
  yes: "yes",
  no: "no",
  shortTerminals: (short: string) => `${short}: terminals`,
  groundingEarthingOfFramesA: "Grounding (earthing) of frames",
  metalFramesMayHaveToBeConnected: (size: string) =>
    `Metal frames may have to be connected to each other and to ground (earth): on a vehicle to its body, on a boat to its bonding system, on a building to its grounding system. Whether they must be depends on the place: ask a licensed electrician where the code requires it. How it is done: one green and yellow conductor of at least ${size}, with a lug under a star washer on each frame.`,
  about: "about ",
  atLeast: "at least ",
  groundingEarthingConductorTo: (to: string) => `Grounding (earthing) conductor, ${to}`,
  notDecided: "not decided",
  fromFrameToFrameAndToGroundEarth: "From frame to frame and to ground (earth), total length.",
};

export const controllerFormTexts = {
  noneIsolatedOrBlocked: "none (isolated, or blocked)",
  fromTheBattery: "from the battery",
  theNegativesCommonNegative: "the negatives (common negative)",
  thePositivesCommonPositive: "the positives (common positive)",
  pvTerminalsAcceptAtMost: "PV terminals accept at most",
  notKnown: "not known",
  pvTerminalsAcceptAtMostHelp: "The thickest cable, in mm²: 6 AWG is 13.3 mm².",
  batteryTerminalsAcceptAtMost: "Battery terminals accept at most",
  batteryTerminalsAcceptAtMostHelp:
    "The thickest cable, in mm². For studs: the cable that their ring terminals are made for.",
  reverseCurrent: "Reverse current",
  connectedInside: "Connected inside",
};

export const drawingTexts = {
  diagram: "Diagram",
  wiringDiagramIsABoldLineADashed: "Wiring diagram: + is a bold line, − a dashed line",
};

export const drawingSheetTexts = {
  couldNotDrawTheDiagramFaultThe: (fault: string) =>
    `Could not draw the diagram (${fault}). The plan is saved. Change something to try again.`,
  nothingIsWiredYetConnectPanelsTo:
    "Nothing is wired yet. Connect panels to a PV input at Wiring: the diagram then appears here, cable by cable.",
  drawingTheDiagram: "Drawing the diagram…",
  selectedPart: "Selected part",
  close: "Close",
  findings: "Findings",
};

export const exportsTexts = {
  exportTheDiagram: "Export the diagram",
  paperSize: "Paper size",
  pdf: "PDF",
  svg: "SVG",
  png: "PNG",
  stickersPdf: "Stickers, PDF",
};

export const guardFormTexts = {
  dcIsolator: "DC isolator",
  addAAdvisedAName: (advisedA: string, name: string) => `Add a ${advisedA} ${name}`,
  enterAnotherName: (name: string) => `Enter another ${name}`,
  kind: "Kind",
  pvFuseGPV: "PV fuse (gPV)",
  dcBreakerNotPolarised: "DC breaker, not polarised",
  ratedCurrent: "Rated current",
  recommended: ", recommended",
  ratedVoltageDc: "Rated voltage DC",
  breakingCapacity: "Breaking capacity",
  notKnown: "not known",
  breakingCapacityHelp: (assumedBatteryShortA: string) =>
    `The short-circuit current it can interrupt, on its label in A or kA. A lithium battery can deliver about ${assumedBatteryShortA}.`,
  removeFromPlan: "Remove from plan",
};

export const protectPrintTexts = {
  wiringDiagram: "Wiring diagram",
  cutLength: "Cut length",
  partsToBuyParts: (parts: string) => `Parts to buy: ${parts}`,
  part: "Part",
  needed: "Needed",
  toBuy: "To buy",
  price: "Price",
  bought: "Bought",
  findings: "Findings",
  waterAndWind: "Water and wind",
  workForALicensedElectrician: "Work for a licensed electrician",
};

export const protectionStepTexts = {
  protection: "Protection",
  diagram: "Diagram",
  cables: "Cables",
  connectors: "Connectors",
  partsList: "Parts list",
  orderOfWork: "Order of work",
};

export const wiringsTexts = {
  wiringsOfThesePanels: "Wirings of these panels",
};

export const useDiagramTexts = {
  theLayoutFailed: "the layout failed",
};
