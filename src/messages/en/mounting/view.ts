export const chooseTexts = {
  chooseAMountingMethod: "Choose a mounting method",
  allPanelsHaveAMountingPanels: "All panels have a mounting. Panels chosen here move to the new one.",
  chooseAMethodThenThePanelsIt:
    "Choose a method, then the panels it holds. The job card, the materials and the wind loads follow.",
  useThisMountingMethodName: (name: string) => `Use this mounting method: ${name}`,
  useThisMethod: "Use this mounting method",
  onTheGround: "On the ground",
  onDeck: "On deck",
};

export const clockSideTexts = {
  timePlan: "Time plan",
  done: "Done",
  workEndsAbout: "Work ends about",
  doNotDriveBefore: "Do not drive before",
  leaveAloneUntil: "Leave alone until",
  fullyCured: "Fully cured",
  adhesiveCuresFromTheEdgeInwardAt:
    "Adhesive cures from the edge inward. At “do not drive before”, the cured edge alone can hold twice the design wind load.",
  belowColdestTapeCTapeAndFilmDo: (coldestTapeC: string) =>
    `Below ${coldestTapeC}, tape and film do not bond to the surface: wait for a warmer day.`,
  itGetsDarkDuringTheWorkBegin:
    "It gets dark during the work: begin earlier, or stop before a step that cannot be undone.",
  start: "Start",
  airTemperature: "Air temperature",
  airTemperatureHelp: "While it cures: each 10 °C less halves the speed.",
  humidity: "Humidity",
  humidityHelp: "Polyurethane needs moisture from the air: in dry air it cures more slowly.",
  resetAllCheckmarks: "Reset all checkmarks",
};

export const dayStripTexts = {
  workUntilClockTime: (clockTime: string) => `Work until ${clockTime}`,
  strongEnoughClockTime: (clockTime: string) => `strong enough ${clockTime}`,
  curedClockTime: (clockTime: string) => `cured ${clockTime}`,
};

export const forcesSheetTexts = {
  windWeightAndHeat: "Wind, weight and heat",
  noPanelWithAKnownSizeIsInThis:
    "No panel with a known size is in this mounting: add panels, or enter their size at Panels.",
  checks: "Checks",
  panelsInThisMounting: "Panels in this mounting",
};

export const gateCardTexts = {
  measureTwiceName: (name: string) => `Measure twice: ${name}`,
  measureWhatThenLetSomebodyElse: (what: string) =>
    `Measure ${what}. Then let somebody else measure, or measure again after a break.`,
  firstMeasurement: "First measurement",
  secondMeasurement: "Second measurement",
  mmApart: (mm: string) => `${mm} apart`,
  moreThanMmMeasureAgain: (mm: string) => `, more than ${mm}: measure again`,
  thePlanHasNoPositionForItOnlyThe: "The plan has no position for it: only the two measurements are compared.",
  inThePlan: (left: string, back: string, off: string | null, allowed: string | null) => {
    const place = `In the plan: ${left} from the left, ${back} from the back`;
    if (off === null) return `${place}.`;
    return allowed === null
      ? `${place}. The measurement is ${off} off.`
      : `${place}. The measurement is ${off} off, more than ${allowed}. Which is right?`;
  },
  skippedClockTime: (clockTime: string) => `Skipped ${clockTime}`,
  thisStaysVisibleInThePlan: "This stays visible in the plan.",
  continueWithoutMeasuringTwice: "Continue without measuring twice",
  reason: "Reason",
  skipItStaysVisibleInThePlan: "Skip: it stays visible in the plan",
  iWillMeasure: "I will measure",
  fromTheLeft: "From the left",
  fromTheLeftHelp: "From the left edge, looking to the front.",
  fromTheBack: "From the back",
  fromTheBackHelp: "From the back edge.",
  measuredBy: "Measured by",
  saveMeasurement: "Save measurement",
  savedAndHiddenUntilTheSecond: "Saved, and hidden until the second measurement is there.",
  measured: (left: string, back: string, by: string) =>
    by === ""
      ? `${left} from the left, ${back} from the back`
      : `${left} from the left, ${back} from the back, by ${by}`,
  measureAgain: "Measure again",
};

export const jobCardTexts = {
  notMeasuredTwice: (names: readonly string[]) =>
    `This cannot be undone. Not yet measured twice with the right result: ${names.join("; ")}.`,
  nameStepByStep: (name: string) => `${name}: step by step`,
  checks: "Checks",
  doneWhat: (what: string) => `Done: ${what}`,
  onlyOnce: "only once",
  byClockTime: (clockTime: string) => `by ${clockTime}`,
  waitUntilClockTime: (clockTime: string) => `Wait until ${clockTime}.`,
  thisCannotBeUndoneIsItDone: "This cannot be undone. Is it done?",
  measureWhat: (what: string) => `Measure ${what}`,
  yesDone: "Yes, done",
  markAsDoneAnyway: "Mark as done anyway",
  notYet: "Not yet",
  notAtThePositionInThePlan: "not at the position in the plan",
};

export const loadResultsTexts = {
  strongestWindWindAllPanelsUplift: (wind: string, panels: number, n: string, sidewaysN: string) =>
    `Strongest wind: ${wind}. All ${panels}: uplift ${n}, sideways ${sidewaysN}.`,
  unknownMoreHaveNoKnownSizeAndAre: (unknown: number) => ` ${unknown} more have no known size and are not included.`,
  upliftNSidewaysSidewaysN: (n: string, sidewaysN: string) => `uplift ${n}, sideways ${sidewaysN}`,
  weightOfThePanels: "Weight of the panels",
  weightOfTheMounting: "Weight of the mounting",
  hotterThanTheTemperatureForWhich:
    "Hotter than the temperature for which the strength of its adhesive is known: not calculated.",
  adhesiveJointShareOfItsStrength: "Adhesive joint, share of its strength used by that wind",
  adhesiveJointOfOnePanel: "Adhesive joint of one panel",
  areaMm2CmCanHoldN: (areaMm2: string, n: string) => `${areaMm2} cm², can hold ${n}`,
  pullOnItsWindwardFeet: "Pull on its windward feet",
  shearOnAllItsFeet: "Shear on all its feet",
  adhesiveJointShareOfItsStrength2: "Adhesive joint, share of its strength used by constant weight",
  loadOnEachOfCountFastenersOfA: (count: number) => `Load on each of ${count} fasteners of a panel`,
  loadOnEachOfWindwardWindward: (windward: number) => `Load on each of ${windward} windward fasteners of a panel`,
  nPullShearNShear: (n: string, shearN: string) => `${n} pull, ${shearN} shear`,
  thePullOutStrengthOfOneFastener: "The pull-out strength of one fastener is not known. Golden Array never guesses it.",
  eachFastenerShareOfItsStrength: "Each fastener, share of its strength used",
  resistanceToTippingShareUsed: "Resistance to tipping, share used",
  resistanceToSlidingShareUsed: "Resistance to sliding, share used",
  eachAnchorMustHoldPerSideOnEach: (perSide: number) => `Each anchor must hold, ${perSide} on each side`,
  noAnchorNeeded: "no anchor needed",
  eachAnchorHoldsAsTested: "Each anchor holds, as tested",
  adhesiveOnTheHottestDay: "Adhesive on the hottest day",
  adhesiveHeat: (hottest: string, rated: string, ratedIsAssumed: boolean) =>
    `${hottest}; rated up to ${rated}${ratedIsAssumed ? " (assumed)" : ""}`,
  movementFromFrostToFullSunOver: (overMm: string) => `Movement from frost to full sun, over ${overMm}`,
  mmMmRelativeMovement: (mm: string) => `${mm} mm relative movement`,
  cellTemperatureCalculatedAs: "Cell temperature calculated as",
  expansionOfTheRoofSurface: "Expansion of the roof surface",
  growsMmPerMKMmPerMAndC: (growsMmPerMK: number) => `${growsMmPerMK} mm per m and °C`,
  planningValuesNotAStructural:
    "Planning values, not a structural design. For anything above people or a road, follow the maker’s data sheet and ask a structural engineer.",
  farMoreThan100: "far more than 100 %",
  wordsUsed: (words: string) => `${words} used`,
  itDoesNotHold: ": it does not hold",
  moreThanHalf: ": more than half",
};

export const mountPrintTexts = {
  findings: "Findings",
  safety: "Safety",
  drawingOfName: (name: string) => `Drawing of ${name}`,
  stepByStep: "Step by step",
  step: "Step",
  how: "How",
  timeAbout: "Time, about",
  leaveAloneAndDoNotDriveBefore: (clockTime: string) => `Leave alone, and do not drive, before ${clockTime}`,
  fullyCuredClockTime: (clockTime: string) => `; fully cured ${clockTime}`,
  measuredTwiceFromTheLeftAndFrom: "Measured twice, from the left and from the back edge",
  what: "What",
  inThePlan: "In the plan",
  first: "First",
  second: "Second",
  fromLeftMmFromBackMmMm: (fromLeftMm: number, fromBackMm: number) => `${fromLeftMm} / ${fromBackMm} mm`,
  materials: "Materials",
  material: "Material",
  needed: "Needed",
  bought: "Bought",
  toolsTools: (tools: string) => `Tools: ${tools}.`,
  calculatedForWind: (wind: string) => `Calculated for ${wind}.`,
};

export const mountingFormTexts = {
  coveredOrRampedAllEdgesSealed: "covered or ramped, all edges sealed",
  anEdgeHasLifted: "an edge has lifted",
  thisMounting: "This mounting",
  deleteThisMounting: "Delete this mounting",
  name: "Name",
  mountingMethod: "Mounting method",
  fixedTo: "Fixed to",
  notEnteredYet: "not entered yet",
  colorOfTheRoof: "Color of the roof",
  white5CCooler: "white (5 °C cooler)",
  topDrivingSpeed: "Top driving speed",
  topDrivingSpeedHelp: "0 = never driven. A headwind of 50 km/h (31 mph) is added.",
  inAGale: "In a gale",
  notEnteredCalculatedAsStayingUp: "not entered (calculated as staying up)",
  staysUpArchRailOrDavit: "stays up: arch, rail or davit",
  isAlwaysTakenInBefore: "is always taken in before",
  zoneOfTheRoof: "Zone of the roof",
  notEnteredCalculatedAsEdge: "not entered (calculated as edge)",
  edgeRidgeOrCorner: "edge, ridge or corner",
  middleOfTheRoof: "middle of the roof",
  frontEdge: "Front edge",
  snowLoadOnTheGround: "Snow load on the ground",
  noneEntered: "none entered",
  snowLoadOnTheGroundHelp: "In kN/m², from the building code or the town; 0 where no snow falls.",
  takenInAbove: "Taken in above",
  takenInAboveHelp: "Wind in knots at which the panels are taken in at the latest.",
  strongestGust: "Strongest gust",
  strongestGustHelp: "Strongest gust where the vehicle is parked or the panels stand.",
  footNameOfAPanel: (footName: string) => `${footName} of a panel`,
  forEachPanel: "For each panel.",
  bondedLengthOfEach: "Bonded length of each",
  bondedLengthOfEachHelp: "Only the length with adhesive: with a short bracket, its foot alone.",
  bondedWidthOfEach: "Bonded width of each",
  bondedWidthOfEachHelp: "Only the width with adhesive.",
  adhesiveStrengthShortTerm: "Adhesive strength, short-term",
  adhesiveStrengthShortTermHelp:
    "Design stress for gusts at 20 °C, in kPa, from the maker’s data sheet. The loss by heat is calculated here.",
  adhesiveStrengthLongTerm: "Adhesive strength, long-term",
  adhesiveStrengthLongTermHelp: "Design stress for constant load at 20 °C, in kPa, from the maker’s data sheet.",
  adhesiveRatedUpTo: "Adhesive rated up to",
  adhesiveRatedUpToHelp: "Highest long-term temperature of the adhesive, from the maker’s data sheet.",
  pullOutStrengthOfOne: "Pull-out strength of one",
  notKnown: "not known",
  pullOutStrengthOfOneHelp:
    "Of one fastener, from its maker or from a test: a screw in the same material, pulled with a lever and a scale.",
  heightOfThePanelsMiddle: "Height of the panels’ middle",
  heightOfThePanelsMiddleHelp: "Above the ground.",
  baseFrontToBack: "Base, front to back",
  baseFrontToBackHelp: "Between the front and the back feet, in the direction that the panels face.",
  weightOfTheBase: "Weight of the base",
  weightOfTheBaseHelp: "Frame and ballast, without the panels.",
  anchorsOnEachSide: "Anchors on each side",
  anchorsOnEachSideHelp: "The same number on all sides: wind comes from any direction.",
  oneAnchorHolds: "One anchor holds",
  oneAnchorHoldsHelp: "Tested in this ground, with a lever and a scale.",
  tilt: "Tilt",
  assumed: " assumed",
  tiltHelp: "Relative to the surface. If empty: the steepest tilt of Need and of the positions.",
  heightOfTheFeet: "Height of the feet",
  heightOfTheFeetHelp: "Height of the low edge of the panels: the higher it is, the more the wind tips them.",
  framesOfThePanels: "Frames of the panels",
  drillNewHoles: "drill new holes",
  useTheExistingHoles: "use the existing holes",
  kgAssumedOfTheWeightIsAssumed: (kgAssumed: string) =>
    `${kgAssumed} of the weight is assumed, because labels state none.`,
};

export const mountingStepTexts = {
  mounting: "Mounting",
  jobCard: "Job card",
  windAndHeat: "Wind and heat",
  materials: "Materials",
  surfaces: "Surfaces",
};

export const roofSurfaceTableTexts = {
  whatHoldsOnWhichSurface: "What holds on which surface",
  tableOfRoofSurfaces: "Table of roof surfaces",
  roofSurface: "Roof surface",
  preparation: "Preparation",
  foamTape: "Foam tape",
  polyurethane: "Polyurethane",
  edgesOfHoles: "Edges of holes",
  thisRoof: " (this roof)",
  preparationOf: (isAbraded: boolean, primer: string | null) =>
    [isAbraded ? "roughen" : null, "clean", primer].filter((part) => part !== null).join(", "),
  doesNotHold: "does not hold",
  fileSmooth: "file smooth",
  noAdhesiveHolds: "no adhesive holds",
  holds: "holds",
  paintOrSeal: "paint or seal",
  removeLooseOrChalkingPaintFirstA:
    "Remove loose or chalking paint first: a joint is only as strong as the paint under it. The data sheet of the tape or sealant for your roof surface takes precedence over this table.",
};

export const takesSheetTexts = {
  noPanelWithAKnownSizeIsInThis: "No panel with a known size is in this mounting: see Wind and heat.",
  materials: "Materials",
  tableOfMaterials: "Table of materials",
  material: "Material",
  needed: "Needed",
  priceEach: "Price each",
  totalCurrency: (currency: string) => `Total, ${currency}`,
  pricesInGreyAreAssumedFor:
    "Prices in grey are assumed, for comparison only; enter your seller’s. 10 % is added to tape and sealant.",
  costAndWeight: "Cost and weight",
  weightLeftOnTheRoof: "Weight left on the roof",
  csv: "CSV",
  printTheJobCard: "Print the job card",
  tools: "Tools",
  thisMounting: "This mounting",
  panelsControllersCables: "Panels, controllers, cables",
  wholeArray: "Whole array",
  perWatt: "Per watt",
  moneyAtWattsW: (money: string, wattsW: string) => `${money} at ${wattsW}`,
  priceOfOneOfAMeterOrOfAKilogram: "Price of one, of a meter or of a kilogram.",
};

export const whichFixingTexts = {
  mountingsOfThesePanels: "Mountings of these panels",
  addAMounting: "Add a mounting",
};
