export const causesTexts = {
  likelyCauses: "Likely causes",
  comparingTheReadings: "Comparing the readings…",
  checkNext: "Check next",
  readAgain: "Read again",
};

export const portArrayTabsTexts = {
  pvInputToTest: "PV input to test",
};

export const measurementResultTexts = {
  nameSaved: (name: string) => `${name}: saved.`,
  readAgain: "Read again",
  checkNextReadPlaceQuantityName: (readPlace: string, quantityName: string) =>
    `Check next: ${readPlace}, ${quantityName}`,
};

export const pairSheetTexts = {
  thisTestNeedsTwoPanels: "This test needs two panels.",
  twoPanelsOneSky: "Two panels, one sky",
  placeBothAtTheSameTiltAnd:
    "Place both at the same tilt and direction, read one right after the other with the same meter, and keep your shadow off. Their labels give the ratio of the readings, in any light.",
  firstPanel: "First panel",
  secondPanel: "Second panel",
  result: "Result",
  chooseTwoDifferentPanels: "Choose two different panels.",
  enterTheOpenCircuitVoltageVocOf:
    "Enter the open-circuit voltage (Voc) of both, or the short-circuit current (Isc) of both.",
  nameVoc: (name: string) => `${name}: Voc`,
  withNothingConnectedToThePanel: "With nothing connected to the panel.",
  nameIsc: (name: string) => `${name}: Isc`,
  meterInIts10ASocketForAtMostTen: "Meter in its 10 A socket, for at most ten seconds.",
};

export const provePrintTexts = {
  namePortNameEachPanelAloneEach: (name: string, portName: string) =>
    `${name}, ${portName}: each panel alone, each string, whole array, plugged in`,
  reading: "Reading",
  expectedThenOrInFullSun: "Expected then, or in full sun",
  measured: "Measured",
  result: "Result",
  lightTimeMeasuredBy: "Light, time, measured by",
  lowToHigh: (low: string, high: string) => `${low} to ${high}`,
  fullSunIs1000WMInAirOf20CCurrent:
    "Full sun is 1000 W/m² in air of 20 °C. Current follows the light: half the light, half the amps. Voltage hardly changes: half the light, about 3 % less. Labels are accurate to 3 %, hand-held meters to 1 % in volts and 1.5 % in amps.",
  safety: "Safety",
};

export const questionTexts = {
  textIsNotANumberEnterANumberSuch: (text: string) =>
    `“${text}” is not a number. Enter a number such as 21.8 or −21.8.`,
  readingNumberOfStepCount: (number: number, stepCount: number) => `reading ${number} of ${stepCount}`,
  thereIsTooLittleLightForAUseful: "There is too little light for a useful test.",
  comeBackWhenTheSunIsHigherOr: "Come back when the sun is higher, or enter what a light meter shows.",
  howToSetTheMeter: "How to set the meter",
  set: "Set",
  touch: "Touch",
  never: "Never",
  saveReading: "Save reading",
  readFromTheSimulator: "Read from the simulator",
  skipReading: "Skip reading",
};

export const reportSheetTexts = {
  report: "Report",
  countOfStepCountReadingsAs: (count: number, stepCount: number, offCount: number, missingCount: number) =>
    `${count} of ${stepCount} readings as expected, ${offCount} not as expected, ${missingCount} still missing. Labels are accurate to 3 %, hand-held meters to 1 % in volts and 1.5 % in amps: the report is no more accurate than that.`,
  tableOfTheReport: "Table of the report",
  reading: "Reading",
  expectedThen: "Expected then",
  measured: "Measured",
  result: "Result",
  timeMeasuredBy: "Time, measured by",
  lowToHigh: (low: string, high: string) => `${low} to ${high}`,
  export: "Export",
  csv: "CSV",
  json: "JSON",
  print: "Print",
  allReadingsRecordCount: (recordCount: number) => `All readings: ${recordCount}`,
  noneYetReadingsFromTheSimulator: "None yet. Readings from the simulator do not count.",
  notes: "Notes",
  notesOnTheReadings: "Notes on the readings.",
  delete: "Delete",
};

export const skySideTexts = {
  none: "none",
  maxAmps: (amps: number) => (amps === 0 ? "no amps" : `${amps} A`),
  skyAndMeter: "Sky and meter",
  skyNow: "Sky now",
  airTemperature: "Air temperature",
  airTemperatureHelp: "Voltage depends on temperature: 10 °C change it by about 3 %.",
  backOfAPanel: "Back of a panel",
  notMeasured: "not measured",
  backOfAPanelHelp:
    "Measured with a thermometer at the back: better than the air temperature. The cells are 2 °C warmer.",
  lightMeter: "Light meter",
  lightMeterHelp: "Held at the tilt of the panels, at the same moment.",
  measuredBy: "Measured by",
  metersMaxCurrentItsFuse: "Meter’s max current (its fuse)",
  theHighestCurrentYourMeterMay: "The highest current your meter may measure: its fuse rating.",
  ampsAreSkippedAtTheEdgeOfACloud: (brightA: string) =>
    `Amps are skipped: at the edge of a cloud one panel can deliver ${brightA}, which would blow the meter’s fuse.`,
  atTheEdgeOfACloudAnArrayDelivers:
    "At the edge of a cloud an array delivers a quarter more than its label: the meter’s fuse must be rated for it.",
  startANewTestReadingsStaySaved: "Start a new test (readings stay saved)",
};

export const standInSheetTexts = {
  simulatorPractiseTheTest: "Simulator: practise the test",
  aSimulatedMeterWithItsDialAnd:
    "A simulated meter with its dial and leads, an inline meter, the controller with its tracker and display, and a sun with clouds, all calculated for this array. Put a fault in, then do the test and find it. “Read from the simulator” sets the dial and uses what it shows.",
  fault: "Fault",
  aFaultNotTold: "a fault, not told",
  placeOfTheFault: "Place of the fault",
  panelOrStringK: (k: number) => `panel or string ${k}`,
  skyOfTheSimulator: "Sky of the simulator",
  openTheSimulator: "Open the simulator",
  openAnotherSimulator: "Open another simulator",
  closeTheSimulator: "Close the simulator",
  howItWorks: "How it works",
  theSimulatorAnswersLinesOfTextOn:
    "The simulator answers lines of text on a port of this computer that only Golden Array can reach. A bridge to a real meter can use the same lines; they are described in",
  docsSimulatorMd: "docs/SIMULATOR.md",
  commonMistakesOneByOneSee: "Common mistakes, one by one: see",
  practice: "Practice",
  isOpen: (fault: string | null) =>
    `The simulator is open. Its fault: ${fault === null ? "not told" : fault.toLowerCase()}. Its readings say nothing about your panels and are saved apart.`,
};

export const stepListTexts = {
  eachPanelAlone: "Each panel alone",
  eachStringAlone: "Each string alone",
  wholeArrayNotPluggedIn: "Whole array, not plugged in",
  pluggedInAfterHalfAMinute: "Plugged in, after half a minute",
  lockedUntilTheWholeArrayHasBeen:
    "Locked until the whole array has been measured with nothing connected, and no reading says “Do not plug in”.",
  expectedRange: (range: string) => `expected ${range}`,
};

export const testStepTexts = {
  test: "Test",
  guidedTest: "Guided test",
  twoPanels: "Two panels",
  report: "Report",
  simulator: "Simulator",
};

export const walkSheetTexts = {
  calculatingWhatIsExpected: "Calculating what is expected…",
  readingsComeFromTheSimulatorThey: "Readings come from the simulator: they say nothing about your panels.",
  backToRealReadings: "Back to real readings",
  ignoreTheLog: "Ignore the log",
  allReadings: "All readings",
  allReadingsTaken: "All readings taken",
  doNotPlugIn: "Do not plug in.",
  everyReadingOnThisPvInputIsAs: "Every reading on this PV input is as expected.",
  notAsExpectedOff: (off: string) => `Not as expected: ${off}.`,
  showTheReport: "Show the report",
  tryAgainOnTheSimulator: "Try again on the simulator",
};

export const useReadFromMeterTexts = {
  noReadingFromTheSimulatorWhy: (why: string) => `No reading from the simulator: ${why}`,
};
