export const comparisonTexts = {
  wiringsCompared: "Wirings compared",
  wiringsComparedSideBySide: "Wirings compared, as a table",
  wiring: "Wiring",
  verdict: "Verdict",
  smallestMargin: "Smallest margin",
  panels: "Panels",
  parts: "Parts",
  pvInputs: "PV inputs",
  calculating: "Calculating…",
  notCalculatedYet: "Not calculated yet",
  vocHighest: (highest: string) => `Voc ${highest}`,
  usedOfPiecesIn: (used: number, piecesIn: number) => `${used} of ${piecesIn}`,
  takenKwhKWhHarvest: (takenKwh: string) => `${takenKwh}\u00a0kWh harvest`,
  lowestInMonthTakenKwhKWh: (month: string, takenKwh: string) => `lowest in ${month}: ${takenKwh}\u00a0kWh`,
};

export const firstStepsTexts = {
  waysToBegin: "Ways to begin",
  iHavePanelsAndAController: "I have panels and a controller",
  panel: "Panel",
  fromTheLibrary: "from the library",
  controller: "Controller",
  newPanel: "New panel",
  enterAPanelsLabel: "Enter a panel’s label",
  newController: "New controller",
  enterAControllersDataSheet: "Enter a controller’s data sheet",
  iKnowMyDailyUse: "I know my daily use",
  goToNeed: "Go to Need",
  showMeAnExample: "Show me an example",
  showAWorkedExample: "Show a worked example",
};

export const mobileToolbarTexts = {
  partsOfThisStep: "Parts of this step",
  board: "Board",
  window: "Window",
  checks: "Checks",
  undo: "Undo",
  redo: "Redo",
};

export const positionTabsTexts = {
  position: "Position",
  renameThisPosition: "Rename this position",
  copyThisPosition: "Copy this position",
  notUsedInThisPosition: "Remove this wiring from this position",
  alsoUsedInName: (name: string) => `Use this wiring in “${name}” too`,
  nameOfThisPosition: "Name of this position",
};

export const siteFormTexts = {
  theColdestAirEverMeasuredAtThe:
    "The coldest air ever measured at the location. Cold raises voltage: Voc at this temperature is compared with the max PV voltage.",
  theHottestAirEverMeasuredAtThe:
    "The hottest air ever measured at the location. Heat lowers voltage: it decides whether the controller stays awake.",
  degreesNorthSouthNegativeUsedFor:
    "Degrees north (south negative). Used for the path of the sun: how often more power is available than the PV input can use.",
  assumedNameAssumed: (assumedName: string) => `${assumedName} assumed`,
  recordLow: "Record low",
  recordHigh: "Record high",
  mountingType: "Mounting type",
  mountNameAssumed: (mountName: string) => `${mountName} (assumed)`,
  latitude: "Latitude",
  confirmALocationAndItsRecords: "Confirm a location and its records",
  locationMapAndClimate: "Location, map and climate",
};

export const skyStripTexts = {
  conditions: "Conditions",
  sunIsDown: "sun is down",
  cellsCellTempC: (cellTempC: string) => `cells ${cellTempC}`,
  vocOpenV: (openV: string) => `Voc ${openV}`,
  assumed: "Assumed:",
  irradianceWm2AirAirTempC: (irradianceWm2: string, airTempC: string) => `${irradianceWm2}, air ${airTempC}`,
  firstFullSunLightWithTheCellsAs: (light: string) =>
    `first full sun, ${light}, with the cells as cold as the record low.`,
  fullSunLight: (light: string) => `full sun, ${light}.`,
  fullSunLightWithTheAirAtThe: (light: string) => `full sun, ${light}, with the air at the record high.`,
  brightOvercastLightLightFromThe: (light: string) => `bright overcast, ${light}, light from the whole sky.`,
  theSunIsDownAtThisLatitudeInYour: "the sun is down at this latitude in your clock’s time zone.",
  noCloudSunZenithDegAboveThe: (zenithDeg: string, light: string) =>
    `no cloud; sun ${zenithDeg} above the horizon at this latitude in your clock’s time zone; ${light}, typical for the season.`,
};

export const wireYearTexts = {
  calculatingTheYear: "Calculating the year…",
  about: "about ",
  takenKwhKWh: (takenKwh: string) => `${takenKwh}\u00a0kWh`,
  aYearHarvestedLowestMonth: "a year harvested; lowest month:",
  kWh: "kWh",
  climateAssumedKindName: (kindName: string) => `(climate assumed: ${kindName})`,
  year: "The year in detail",
};

export const wiringStepTexts = {
  wiring: "Wiring",
  board: "Board",
  bestWirings: "Best wirings",
  whatToBuy: "What to buy",
  year: "Year",
  window: "Window",
  harvestInAYear: "Harvest in a year",
  location: "Location",
  checks: "Checks",
  nothingIsWiredYetGoldenArrayCan: "Nothing is wired yet. Golden Array can find the best wirings of your panels.",
  findBestWirings: "Find best wirings",
  calculatingTheCurves: "Calculating the curves…",
  theControllersWindowAndTheArrays:
    "The controller’s window and the array’s curves in it appear here once a panel and a controller are in the plan. The picture shows whether the array fits, is clipped, stays asleep or exceeds a limit.",
};

export const wiringTabsTexts = {
  wiringsOfThesePanels: "Wirings of these panels",
  wiringMenu: "Commands for this wiring and position",
  editNameAndNoteOfThisWiring: "Edit name and note of this wiring",
  compareTheWirings: "Compare the wirings",
  closeTheComparison: "Close the comparison",
  copyThisWiring: "Copy this wiring",
  deleteThisWiring: "Delete this wiring",
  noteOnThisWiringNote: (note: string) => `Note on this wiring: ${note}`,
  nameOfThisWiring: "Name of this wiring",
  noteOnThisWiring: "Note on this wiring",
  whichConnectorsMoveWhatToWatch: "which connectors move, what to watch out for",
};

export const cautionsTexts = {
  panelsAreLiveWheneverThereIs:
    "Panels are live whenever there is light: cover them or work at dusk, and never disconnect a connector while current flows. Above 60 V (30 V wet or afloat) treat DC as a shock hazard. To connect: battery first, then panels. To disconnect: panels first, then battery. This is a plan, not a permit: your local code and a licensed person have the last word.",
};

export const stepShortcutsTexts = {
  nextPositionOfThePanels: "next position of the panels",
  copyThisWiring: "copy this wiring",
  compareTheWiringsOrCloseThe: "compare the wirings, or close the comparison",
  openOrCloseBestWirings: "open or close Best wirings",
  openChecks: "open Checks",
  applyTheFirstFixInChecks: "apply the first fix in Checks",
};
