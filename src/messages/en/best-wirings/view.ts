import { counted } from "../format";

export const arrangeTexts = {
  theYearsHarvest: "the year’s harvest",
  powerAtBrightNoon: "power at bright noon",
  theHarvestOfMonth: (month: string) => `the harvest of ${month}`,
  whatIsOnTheBoardUndoRevertsIt: (what: string) => `${what} is on the board. Undo reverts it.`,
  bestBy: "Best by",
  includeAddOnModules: "Include add-on modules",
  firstResult: "First result",
  aboutScoreAndNoRuleSaysStop: (score: string) => `: about ${score}, and no rule says Stop. Better ones may follow.`,
  useThisWiring: "Use this wiring",
  bestOfEachKind: "Best of each kind",
  wiringSelectedInTheChart: "Wiring selected in the chart",
};

export const buyTexts = {
  priceUnknown: "price unknown",
  notStated: "not stated",
  purchaseAddedToThePlanAndToThe: (purchase: string) =>
    `${purchase} added to the plan and to the board. Undo reverts it.`,
  findWhatToBuy: "Find what to buy",
  searchAgain: "Search again",
  searchingTheLibrary: "Searching the library",
  cancel: "Cancel",
  couldNotReadTheLibraryMessage: (message: string) => `Could not read the library: ${message}`,
  triesEveryKindOfPanelInThe:
    "Tries every kind of panel in the library, in every number that budget, space and weight allow, together with what you own, each in its best wiring. Purchases that a rule stops are left out. Nothing is ordered.",
  triedPurchasesTried: (tried: number) => `${tried} purchases tried`,
  whatYouOwnHarvestsAboutYearAYear: (year: string) => `; what you own harvests about ${year} a year`,
  boughtPanelsAreAssumedFlatAnd:
    "Bought panels are assumed flat and unshaded until they are placed at Layout or tilted at Need.",
  nothingInTheLibraryFitsAllowMore:
    "Nothing in the library fits. Allow more money, space or weight, or another controller.",
  whatToBuy: "What to buy",
  harvestInAYear: "Harvest in a year",
  aboutYear: (year: string) => `about ${year}`,
  moreThanNow: "More than now",
  totalPrice: "Total price",
  priceOfAWatt: "Price of a watt",
  priceOfAKWhOfYearlyHarvest: "Price of a kWh of yearly harvest",
  weight: "Weight",
  needMetIn: "Need met in",
  monthsMetOf12Months: (monthsMet: number) => `${monthsMet} of 12 months`,
  addToThePlanPurchase: (purchase: string) => `Add to the plan: ${purchase}`,
  addToThePlan: "Add to the plan",
  itsWiring: "Its wiring",
};

export const buyFormTexts = {
  onASurfaceDrawnAtLayout: "on a surface drawn at Layout",
  onAPlainArea: "on a plain area",
  inTheLockersAtLayout: "in the lockers at Layout",
  budget: "Budget",
  everythingTogetherInTheCurrency: "Everything together, in the currency of the prices.",
  delivery: "Delivery",
  onceForTheOrder: "Once for the order.",
  leadsAndAdapterForAPvInput: "Leads and adapter for a PV input",
  forPanelsWhoseConnectorsDoNotFit: "For panels whose connectors do not fit the PV input.",
  portAssumed: (port: number) => `${port} assumed`,
  soldInLotsOf: "Sold in lots of",
  soldInLotsOfHelp: "Panels that have to be bought together.",
  maxWeight: "Max weight",
  ofAllBoughtPanelsTogether: "Of all bought panels together.",
  placeForThePanels: "Place for the panels",
  lengthOfTheArea: "Length of the area",
  freeLengthWithoutObstacles: "Free length, without obstacles.",
  widthOfTheArea: "Width of the area",
  freeWidthWithoutObstacles: "Free width, without obstacles.",
  surface: "Surface",
  noSurfaceYetDrawOneAtLayout: "No surface yet: draw one at Layout.",
  theBudgetCoversEverythingInThe:
    "The budget covers everything, in the currency of the prices. Delivery is paid once; leads and adapters for each PV input used by panels whose connectors do not fit. Lots are panels that are only sold together. Weight is that of all bought panels.",
  alsoBuyAController: "Also buy a controller",
  panelsThatComeAsAKitAndPlug: (plugsInCount: number) =>
    `Panels that come as a kit and plug straight in: ${plugsInCount}`,
  kits: "Kits",
};

export const buyTablesTexts = {
  noPwm: "no: PWM",
  yesBy: (conversion: string) => `yes: ${conversion}`,
  kindsOfPanel: "Kinds of panel",
  kindsCaption: (lot: number) =>
    `Each kind in the number that gives the lowest price of a kWh${lot > 1 ? `, in lots of ${lot}` : ""}. Typical life is from experience of the trade; it is not a warranty.`,
  panel: "Panel",
  kind: "Kind",
  spaceFor: "Space for",
  bestNumber: "Best number",
  moreHarvestAYear: "More harvest a year",
  priceOfAKWhOfAYear: "Price of a kWh of a year",
  priceOfAKWhOverItsLife: "Price of a kWh over its life",
  typicalLife: "Typical life",
  lostFor10CMoreHeat: "Lost for 10 °C more heat",
  n12OrMore: "12 or more",
  none: "none",
  lifeYearsYears: (lifeYears: number) => `${lifeYears} years`,
  mpptAndPwm: "MPPT and PWM",
  controllers: "Controllers",
  purchaseAloneOnEachController: (purchase: string) =>
    `${purchase} alone on each controller: harvest in a year with MPPT and with PWM.`,
  controller: "Controller",
  owned: "Owned",
  turnsSurplusVoltageIntoAmps: "Turns surplus voltage into amps",
  price: "Price",
  yes: "yes",
  no: "no",
  doNotConnect: "do not connect",
  pwmComparedWithMppt: "PWM compared with MPPT",
};

export const finderTabsTexts = {
  showTheBoard: "Show the board",
  findBestWirings: "Find best wirings",
  whatToBuy: "Find what to buy",
  openingBestWirings: "Opening Best wirings…",
};

export const offerCardTexts = {
  itsWiring: "Its wiring",
  marginAtTheRecordLow: "Margin at the record low",
  noMaxPvVoltage: "no max PV voltage",
  marginPctBelowValue: (marginPct: string, value: string) => `${marginPct} below ${value}`,
  clipped: "Clipped",
  clippedPctOfTheYear: (clippedPct: string) => `${clippedPct} of the year`,
  belowStartUpVoltage: "Below start-up voltage",
  asleepMinutesMinOfDaylightADay: (asleepMinutes: string) => `${asleepMinutes}\u00a0min of daylight a day`,
  oneCellGroupShaded: "One cell group shaded",
  shadePctAtNoon: (shadePct: string) => `−${shadePct} at noon`,
  mostAmpsInALead: "Most amps in a lead",
  parts: "Parts",
  aboutMoney: (money: string) => `about ${money}`,
  panels: "Panels",
  panelsInStrings: (panels: number, strings: number) => `${panels} in ${strings}`,
  string: "string",
  strings: "strings",
  unlikeStringsMixed: (unlikeStrings: number) => `, ${unlikeStrings} mixed`,
  onTheBoardNow: "On the board now",
  useThisWiringName: (name: string) => `Use this wiring: ${name}`,
  useThisWiring: "Use this wiring",
};

export const offerDetailsTexts = {
  allWiringsAsAChart: "All wirings as a chart",
  showAllWiringsAsAChart: "Show all wirings as a chart",
  whyNot: "Why not",
  whyNotThisOne: "Why not this one?",
};

export const searchStatusTexts = {
  searchingAllWirings: "Searching all wirings",
  pause: "Pause",
  continue: "Continue",
  cancel: "Cancel",
  findBestWirings: "Find best wirings",
  searchAgain: "Search again",
  searchUntilItIsProvedBest: "Search until it is proved best",
  thePlanNeedsPanelsAndAController: "The plan needs panels and a controller: add them at Panels and Controller first.",
  triesEveryWayToPutThePlansPanels:
    "Tries every way to put the plan’s panels into strings and the strings on its PV inputs. Wirings that a rule stops are left out. The best of each kind is shown; one press puts it on the board.",
  noWiringOfThesePanelsIsSafeOn:
    "No wiring of these panels is safe on these PV inputs: a rule says Stop for each. See Checks for the value and the limit, or choose another controller.",
  wiringsTried: (wirings: number, hours: number) =>
    `${counted(wirings, "wiring")} tried ${hours === 1 ? "at bright noon" : `over ${hours} typical hours`}.`,
  thereAreTooManyCombinationsToTry:
    "There are too many combinations to try all, so the most mixed strings were left out.",
  noOtherWiringHarvestsMoreThanThe: "No other wiring harvests more than the first.",
  anotherWiringCanHarvestAtMost: (gapPct: string) => `Another wiring can harvest at most ${gapPct} % more.`,
};

export const tradeoffChartTexts = {
  margin: "Margin",
  marginBelowTheMaxPvVoltageOnThe: "Margin below the max PV voltage on the coldest dawn, %",
  parts: "Parts",
  approximatePriceOfPartsInYour: "Approximate price of parts, in your currency",
  shade: "Shade",
  shareOfNoonPowerLostWhenOneCell: "Share of noon power lost when one cell group is shaded, %",
  whatTheHorizontalAxisShows: "What the horizontal axis shows",
  pointCountWiringsHighestHarvest: (pointCount: string) =>
    `${pointCount} wirings, highest harvest first; arrow keys move through them`,
  scoreMarginMarginPct: (score: string, marginPct: string) => `${score}, margin ${marginPct}`,
  upwards: "Upwards:",
  kWh: "kWh",
  goalApproximateEachRoundPointIsA: (goal: string) =>
    `${goal}, approximate. Each round point is a wiring that no rule stops; diamonds are the options shown. Press a point to see it.`,
};

export const whatIfTableTexts = {
  caption: (unit: string) => `${unit}; the best of each row in bold. A cross: a rule then says Stop.`,
  stressTest: "Stress test",
  runningTheStressTest: "Running the stress test",
  cancel: "Cancel",
  aDirtyPanelADeadPanelHazeWeak: "A dirty panel, a dead panel, haze, weak panels, more cold, another direction.",
  stressTestOfTheOptions: "Stress test of the options",
  if: "If",
  inAllOfThese: "In all of these",
  doNotConnect: "do not connect",
};

export const whyNotTexts = {
  onTheBoardName: (name: string) => `On the board: ${name}`,
  wiringSelectedInTheChart: "Wiring selected in the chart",
  wiringToCompare: "Wiring to compare",
  itsWiring: "Its wiring",
  nothingIsWiredThereYetUseAn: "Nothing is wired there yet: use an option, or drag panels to a PV input on the board.",
  calculatingItsYear: "Calculating its year…",
  forAndAgainstIt: "For and against it",
  useThisWiring: "Use this wiring",
};
