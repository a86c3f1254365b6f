import { counted } from "../format";

type OneMorePanel = {
  readonly series: number;
  readonly lossW: string;
  readonly left: number;
  readonly coldV: string;
  readonly maxV: string | null;
  readonly fits: boolean;
};

export const cableFormTexts = {
  oneMorePanel: ({ series, lossW, left, coldV, maxV, fits }: OneMorePanel) => {
    const limit =
      maxV === null
        ? "the max PV voltage is not known"
        : fits
          ? `below the max PV voltage of ${maxV}`
          : `above the max PV voltage of ${maxV}: not allowed`;
    const shelf = left > 0 ? ` (${counted(left, "panel")} left on the shelf)` : "";
    return ` With ${series} panels in each string they lose ${lossW}${shelf}; Voc on the coldest dawn is then ${coldV}, ${limit}.`;
  },
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
  thickerCableOrOneMorePanelIn: "Thicker cable, or one more panel in series?",
  togetherTheseCablesLoseLossWIn: (lossW: string) => `Together these cables lose ${lossW} in full sun.`,
  thereIsNoThickerOne: " There is no thicker one.",
  withSizeTheyLoseLossWForAbout: (size: string, lossW: string, extra: string, length: string) =>
    ` With ${size} they lose ${lossW}, for about ${extra} more over ${length}.`,
  useSize: (size: string) => `Use ${size}`,
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

export const listSheetTexts = {
  tableOfParts: "Table of parts",
  counting: "Counting…",
  nothingIsWiredYetOrNoLabelIs: "Nothing is wired yet, or no label is complete: there is nothing to buy.",
  partsList: "Parts list",
  part: "Part",
  needed: "Needed",
  spare: "Spare",
  priceEach: "Price each",
  toBuy: "To buy",
  totalCurrency: (currency: string) => `Total, ${currency}`,
  pricesInGreyAreAssumedFor: "Prices in grey are assumed, for comparison only; enter your seller’s.",
  someLengthsAreAssumedSeeCables: "Some lengths are assumed: see Cables.",
  costAndWeight: "Cost and weight",
  csv: "CSV",
  json: "JSON",
  print: "Print",
  countingOptions: "Counting options",
  extraCable: "Extra cable",
  extraCableHelp: "Bought in addition to the installed length.",
  oneSpareOfEachPartThatIsEasily: "One spare of each part that is easily spoiled or can blow:",
  yes: "yes",
  no: "no",
  comparedWithAnotherWiring: "Compared with another wiring",
  compareWith: "Compare with",
  anotherWiring: "another wiring",
  partsToBuy: "Parts to buy",
  wholeArray: "Whole array",
  perWatt: "Per watt",
  moneyAtWattsW: (money: string, wattsW: string) => `${money} at ${wattsW}`,
  weightOfPartsAbout: "Weight of parts, about",
  unpricedHaveNoPriceOnTheLabelAnd: (unpriced: number) => `${unpriced} have no price on the label and are not counted.`,
  otherCost: (parts: string, difference: string | null, isMore: boolean) =>
    difference === null
      ? `Its parts cost ${parts}, the same.`
      : `Its parts cost ${parts}, ${difference} ${isMore ? "more" : "less"}.`,
  bothPartsListsAsATable: "Both parts lists as a table",
  thisWiring: "This wiring",
  theOtherWiring: "The other wiring",
};

export const orderSheetTexts = {
  calculating: "Calculating…",
  makingTheLeads: "Making the leads",
  disconnecting: "Disconnecting",
  waterAndWind: "Water and wind",
  connecting: "Connecting",
  printAllOfProtection: "Print all of Protection",
  workForALicensedElectrician: "Work for a licensed electrician",
  notes: "Notes",
  notesOnFusesCablesConnectors: "Notes on fuses, cables, connectors, combiner box, DC isolator.",
};

export const ownPartsTexts = {
  connector: "Connector",
  canBeMatedEitherWayRoundPolarity: "Can be mated either way round (polarity not keyed)",
  ratedCurrent: "Rated current",
  ratedVoltage: "Rated voltage",
  ratedVoltageHelp: "Volts DC, as its sheet says.",
  connectorNumber: (number: number) => `Connector ${number}`,
  addAKindOfConnector: "Add a kind of connector",
  adapter: "Adapter",
  swapsAnd: "Swaps + and −",
  fromNameToToName: (fromName: string, toName: string) => `${fromName} to ${toName}`,
  from: "From",
  to: "To",
  addAnAdapterOfMyOwnBetweenThese: "Add an adapter of my own between these",
  deleteItFromTheList: "Delete it from the list",
  continuousCurrentAFromItsData: "Continuous current (A), from its data sheet.",
};

export const plugsSheetTexts = {
  connectorsOfThePanels: "Connectors of the panels",
  nothingIsWiredYet: "Nothing is wired yet.",
  findings: "Findings",
  yourOwnConnectorsAndAdapters: "Your own connectors and adapters",
  correctMeasured: "correct (measured)",
  reversedMeasured: "reversed (measured)",
  polarityAsAssembled: "Polarity as assembled",
  connectorOfThePvInput: "Connector of the PV input",
  nameAssumed: (name: string) => `${name}, assumed`,
  polarityOfThePvInputsConnector: "Polarity of the PV input’s connector",
  fromThePanelsToThePvInput: "From the panels to the PV input",
  nameOnThePanelsSide: (name: string) => `${name}, on the panels’ side`,
  swapsAnd: ": swaps + and −",
  adapterKPolarityAsAssembled: (k: number) => `Adapter ${k}: polarity as assembled`,
  nameOnThePvInput: (name: string) => `${name}, on the PV input`,
  inAStringFromNameMeetsToName: (fromName: string, toName: string) => `In a string, ${fromName} meets ${toName}:`,
  noKnownAdapterJoinsThem: "no known adapter joins them.",
  betweenBetweenThem: (between: string) => `${between} between them.`,
  noChainOfKnownAdaptersFitsAndIs: "No chain of known adapters fits and is rated for the current.",
  thisIsTheChainYouEntered: "This is the chain you entered.",
  theFewestAdaptersThatFitAndThe: "The fewest adapters that fit, and the cheapest of those.",
  findTheAdapters: "Find the adapters",
  enterTheAdaptersIHave: "Enter the adapters I have",
  removeTheLastAdapter: "Remove the last adapter",
  addAnAdapter: "Add an adapter",
  anAdapterThatFits: "an adapter that fits",
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

export const selectedPartTexts = {
  nothingIsKnownOfThisCableYetThe: "Nothing is known of this cable yet: the labels of its panels are incomplete.",
  fuseOf: "Fuse of",
  stringNumber: (number: number) => `string ${number}`,
  inItsCable: ", in its + cable",
  backfeedFromOtherStrings: "Backfeed from other strings",
  maxSeriesFuseRating: "Max series fuse rating",
  atLeast156Isc: "At least (1.56 × Isc)",
  maxPvVoltage: "Max PV voltage",
  canTheFuseBlow: "Can the fuse blow",
  dcIsolatorDisconnectBetween: "DC isolator (disconnect) between panels and PV input",
  atLeast125Isc: "At least (1.25 × Isc)",
  poles: "Poles",
  n2AndAtOnce: "2: + and − at once",
  nothingIsKnownOfThisBatteryYet: "Nothing is known of this battery yet.",
  batteryOfInputName: (inputName: string) => `Battery of ${inputName}`,
  controllerOutput: "Controller output",
  notKnownEnterItAtController: "not known: enter it at Controller",
  whatItsCableCanCarry: "What its cable can carry",
  idleCurrent: "Idle current",
  idleAhAMonthAhInADarkMonth: (idleAhAMonth: string) => `: ${idleAhAMonth} Ah in a dark month`,
  theFuseSitsWithin18Cm7InOf:
    "The fuse sits within 18 cm (7 in) of battery +. A battery switch in this cable ends the idle draw in a long winter: disconnect the panels first, then the battery.",
  theStringsOfAParallelGroupJoin: "The strings of a parallel group join here, by a pair of branch (Y) connectors.",
  blockingDiode: "Blocking diode",
  itKeepsOtherStringsFromPushing:
    "It keeps other strings from pushing current back into this one, and costs about half a volt all day. It does not replace a fuse: when it fails, it usually fails as a short circuit. Add or remove it on the board, at Wiring.",
  panelNumberPiece: (number: number, piece: string) => `Panel ${number}: ${piece}`,
  openCircuitVoltageVoc: "Open-circuit voltage (Voc)",
  shortCircuitCurrentIsc: "Short-circuit current (Isc)",
  maxSystemVoltage: "Max system voltage",
  seeConnectorsForItsConnectors: "See Connectors for its connectors.",
  noControllerChosen: "No controller chosen",
  pvInput: "PV input",
  vocOnTheColdestDawn: "Voc on the coldest dawn",
  iscOfAllStrings: "Isc of all strings",
  connection: "Connection",
  noKnownAdapters: "no known adapters",
  seeConnectorsForItsConnectorsAnd: "See Connectors for its connectors and adapters;",
  awgOrMm: "AWG or mm²",
  mmOrAwg: "mm² or AWG",
  followsTheStandardChosenAtCables: "follows the standard chosen at Cables.",
  noFuseFits: "no fuse fits",
  yesAtBlowsAWithinAboutAnHour: (blowsA: string) => `yes, at ${blowsA} within about an hour`,
  onlyInTheBrightestSunItNeeds: (blowsA: string) => `only in the brightest sun: it needs ${blowsA} for about an hour`,
  perhapsNeverItNeedsBlowsAFor: (blowsA: string) => `perhaps never: it needs ${blowsA} for about an hour`,
  whereStringCountStringsJoin: (stringCount: number) => `Where ${stringCount} strings join`,
  joinedBy: "Joined by",
  aCombinerBox: "a combiner box",
  branchYConnectors: "branch (Y) connectors",
  aCombinerBoxWithBusbars: "a combiner box with busbars",
  mustCarry125IscOfAllStrings: "Must carry (1.25 × Isc of all strings)",
  aBranchConnectorCanCarry: "A branch connector can carry",
  combinerBoxInsideDimensionsAt: "Combiner box, inside dimensions at least",
  wideMmHighMmDeepMmMm: (wideMm: number, highMm: number, deepMm: number) => `${wideMm} × ${highMm} × ${deepMm} mm`,
  cableGlands: "Cable glands",
  n2StudsStudsEach: (studs: number) => `2, ${studs} studs each`,
  blockingDiodesHereWouldSaveMax: (max: string, max2: string) =>
    `Blocking diodes here would save ${max} while one string is in deep shade, and cost ${max2} at all other times.`,
  onlyWorthwhileWhereAStringIs: " Only worthwhile where a string is shaded much of the day.",
  theyDoNotHelp: " They do not help.",
};

export const wiringsTexts = {
  wiringsOfThesePanels: "Wirings of these panels",
};

export const listFilesTexts = {
  allPartsToBuy: "All parts to buy",
};

export const useDiagramTexts = {
  theLayoutFailed: "the layout failed",
};
