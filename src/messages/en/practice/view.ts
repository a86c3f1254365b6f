export const benchDrillTexts = {
  meter: "Meter",
  dial: "Dial",
  replaceTheMetersFuse: "Replace the meter’s fuse",
  arrayTouchItWithTheProbes: "Array: touch it with the probes",
  panelN: (n: number) => `Panel ${n}`,
  stringKItsTwoEnds: (k: number) => `String ${k}: its two ends`,
  wholeArray: "Whole array",
  switchOffThenUnplug: "Switch off, then unplug",
  plugIn: "Plug in",
  displayOfTheController: "Display of the controller",
  pluggedIn: "Plugged in.",
  notPluggedIn: "Not plugged in.",
  displayDisplayInlineMeterInline: (display: string, inline: string) => `Display: ${display}. Inline meter: ${inline}.`,
  waitHalfAMinuteAndLook: "Wait half a minute and look",
  theArray: "The array",
  sky: "Sky",
  airTemperature: "Air temperature",
  pvInput: "PV input",
  fixTheFault: "Fix the fault",
  repairNameWhichOne: (repairName: string) => `${repairName}: which one`,
  stringK: (k: number) => `String ${k}`,
  panelK: (k: number) => `Panel ${k}`,
};

export const boardDrillTexts = {
  nothingIsWiredYetDragPanelsFrom:
    "Nothing is wired yet: drag panels from the shelf onto the PV input, or select one and choose its place.",
  plugIn: "Plug in",
  showASafeWiring: "Show a safe wiring",
  panelsAndController: "Panels and controller",
};

export const drillTexts = {
  numberNthOfEndlessRunSeedThis: (nth: number, seed: number) =>
    `Number ${nth} of endless run ${seed}: this address gives others the same drills.`,
  copyTheAddress: "Copy the address",
  nextDrill: "Next drill",
  doItAgain: "Do it again",
  tryAgain: "Try again",
};

export const drillListTexts = {
  onTheBoard: "On the board",
  withTheMeter: "With the meter",
  byHand: "By hand",
  atTheCombinerBox: "At the combiner box",
  eachDrillIsAMistakeThatPeople:
    "Each drill is a mistake that people make. Make it here, with the same board and meter as in a plan.",
  triedCountOfDrillIdCountTried: (triedCount: string, drillIdCount: number, dueCount: number) =>
    `${triedCount} of ${drillIdCount} tried, ${dueCount} due again.`,
  begin: "Begin",
  continue: "Continue",
  levelLevelOf3: (level: number) => `level ${level} of 3`,
  solvedOfOfCount: (solved: number, ofCount: number) => `${solved} of ${ofCount}`,
};

export const fuseDrillTexts = {
  busbar: (strings: number, parts: string) => `${strings} strings on one busbar, ${parts}`,
  noFusesPlainLinks: "No fuses: plain links",
  combinerBox: "Combiner box",
  nothingInTheirHolders: "nothing in their holders",
  link: "link",
  partInEachHolder: "Part in each holder",
  closeTheCombinerBox: "Close the combiner box",
  panelsAndController: "Panels and controller",
};

export const handDrillTexts = {
  notYetFirstComesBefore: (first: string) => `Not yet: ${first} comes before.`,
  nextAction: "Next action",
  doneSoFar: "Done so far",
  nothingYet: "Nothing yet.",
};

export const practiceViewTexts = {
  practice: "Practice",
  practiceHereNothingYouDoAffects: "Practice here: nothing you do affects your plans or equipment.",
  allDrills: "All drills",
  endless: "Endless",
  thisBrowserSavesNothingYour: "This browser saves nothing: your practice results are lost when you close the page.",
};

export const sheetsTexts = {
  maxSeriesFuseRating: "Max series fuse rating",
  pvInput: "PV input",
  batteryPwm: "Battery, PWM",
  battery: "Battery",
  startUpVoltageWakeMarginVAboveIt: (wakeMarginV: string) => `, start-up voltage ${wakeMarginV} above it`,
};

export const useBenchTexts = {
  meterMessage: (message: string) => `Meter: ${message}.`,
  theMeterIsOffSetItsDialFirst: "The meter is off: set its dial first.",
  measureFirstTheFaultIsNotVisible: "Measure first: the fault is not visible from here.",
};
