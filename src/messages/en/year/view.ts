export const darkWeeksTexts = {
  noDailyUseYetEnterWhatRunsInADay: "No daily use yet. Enter what runs in a day at Need to see the dark weeks.",
  fromTheOneYearOfTheWeatherFile: "from the one year of the weather file",
  fromYearsDrawnSimulatedYearsOf: (yearsDrawn: number, seed: number) =>
    `from ${yearsDrawn} simulated years of day-to-day weather (seed ${seed}); accurate to about 3 days in 100`,
  daysThatFallShortFewerThan1In100: "Days that fall short: fewer than 1 in 100 in every month ",
  daysIn100ThatFallShortByMonth: (missed: string) => `Days in 100 that fall short, by month: ${missed}; `,
  allPanels: "All panels",
  nameTheWorstTwoWeeksInMonth: (name: string, month: string) => `${name}: the worst two weeks, in ${month}`,
  dayDayHarvestSunWhWhDailyUse: (day: number, sunWh: string, needWh: string) =>
    `day ${day}: harvest ${sunWh} Wh, daily use ${needWh} Wh`,
  harvestSunWhWhDailyUseNeedWhWh: (sunWh: string, needWh: string) => `harvest ${sunWh} Wh, daily use ${needWh} Wh`,
  columnsHarvestLineDailyUse: "Columns: harvest. Line: daily use.",
  fallsShortOnDaysOfTheseDays: (days: string) => `Falls short on ${days} of these days. `,
  theBatteryCoversEveryDay: "The battery covers every day. ",
  longestRunOfDaysThatFallShort: (longestRun: number) => `Longest run of days that fall short: ${longestRun}.`,
};

export const dayChartTexts = {
  available: "Available",
  dailyUse: "Daily use",
  batteryCharge: "Battery charge",
  linesInTheChart: "Lines in the chart",
  harvest: "Harvest",
  meanDayInMonthHourByHourAtMost: (month: string, maxW: string) =>
    `Mean day in ${month}, hour by hour; at most ${maxW} W`,
  hourOfTheDaySolarTimeWattsOnThe: "hour of the day (solar time); watts on the left",
};

export const dayLossesTexts = {
  available: "Available",
  whWh: (wh: string) => `${wh} Wh`,
  used: "Used",
};

export const gainsTexts = {
  couldNotCalculateThisFaultChange: (fault: string) =>
    `Could not calculate this (${fault}). Change something, or try again.`,
  triesOneMorePanelATiltClean:
    "Tries one more panel, a tilt, clean panels, all in series, all in parallel, another wiring and a bigger battery, each for a whole year.",
  whatWouldBringMore: "What would bring more",
  thePlanHasChangedSinceThese: "The plan has changed since. These results are for the plan as it was before.",
  tryChanges: "Try changes",
  amountForEachKWhAYear: (amount: string) => `${amount} for each kWh a year`,
  doNotConnectThisARuleSaysStop: "Do not connect this: a rule says Stop.",
};

export const legendTexts = {
  partsOfAColumnFromTheBottom: "Parts of a column, from the bottom",
  need: "Need",
};

export const monthTableTexts = {
  yearAsATable: "Year as a table",
  available: "Available",
  harvest: "Harvest",
  used: "Used",
  daysThatFallShort: "Days that fall short",
  missedPctIn100: (missedPct: string) => `${missedPct} in 100`,
  year: "Year",
};

export const progressTexts = {
  cancel: "Cancel",
};

export const tiltsTexts = {
  tryingEveryTilt: "Trying every tilt…",
  flat: "Flat",
  aYearForEvery1000WOfPanel: "a year for every 1000 W of panel",
  fixedAtTiltDegFacingTheNoonSun: (tiltDeg: number) => `Fixed at ${tiltDeg}°, facing the noon sun`,
  minDegToMaxDegIsWithin2OfTheBest: (minDeg: number, maxDeg: number) =>
    `${minDeg}° to ${maxDeg}° is within 2 % of the best`,
  tiltDegFrom1MonthTiltDeg2From1: (tiltDeg: number, month: string, tiltDeg2: number, month2: string) =>
    `${tiltDeg}° from 1 ${month}, ${tiltDeg2}° from 1 ${month2}`,
  kwhPerWMoreThanTheBestFixedTilt: (kwhPerW: string) => `${kwhPerW} more than the best fixed tilt`,
  trackingTheSunAllDay: "Tracking the sun all day",
  theMostThatTurningCanBring: "the most that turning can bring",
  tiltsCompared: "Tilts compared",
  forATypicalPanelWithAirBehindIt:
    "For a typical panel with air behind it, with its heat, dirt and cable losses; steps of 5° and whole months.",
  addTiltRemindersToACalendar: "Add tilt reminders to a calendar",
};

export const yearChartTexts = {
  energyOfEachMonthUsedAndEachLoss: "Energy of each month: used, and each loss",
  kwhKWh: (kwh: string) => `${kwh} kWh`,
  column: (month: string, parts: readonly string[], needKwh: string | null) =>
    `${month}: ${parts.join(", ")}${needKwh === null ? "" : `; need ${needKwh}\u00a0kWh`}`,
};

export const yearStripTexts = {
  usedKwhKWhAYearMonths: (usedKwh: string, months: string) => `${usedKwh}\u00a0kWh a year: ${months}`,
};

export const yearViewTexts = {
  yearWithName: (name: string) => `Year with “${name}”`,
  table: "Table",
  csv: "CSV",
  json: "JSON",
  calculatingTheYear: "Calculating the year…",
  firstEstimateWithinAFewPercent: "First estimate, within a few percent. The full calculation follows…",
  meanDayInMonth: (month: string) => `Mean day in ${month}`,
  month: "Month",
  meanOfCloudyAndClearDaysInSolar:
    "Mean of cloudy and clear days, in solar time (noon is when the sun is highest). Loads run at the hours entered. Above 85 % state of charge the battery accepts less and less.",
  darkWeeks: "Dark weeks",
  whatWouldBringMore: "What would bring more",
  tilt: "Tilt",
  pvInputs: "PV inputs",
  usedKwhKWh: (usedKwh: string) => `${usedKwh}\u00a0kWh`,
  aYearForYourDailyUseAvailable: "a year for your daily use. Available from these panels without shade:",
  couldKwhKWh: (couldKwh: string) => `${couldKwh}\u00a0kWh`,
  yourDailyUseIs: "Your daily use is",
  needKwhKWh: (needKwh: string) => `${needKwh}\u00a0kWh`,
  everyMonthBringsEnoughInTotal: ". Every month brings enough in total. ",
  shortOfItMonths: (months: string) => `. Short of it: ${months}. `,
  lowestMonthMonth: (month: string) => `Lowest month: ${month},`,
  leftOutPortArraysLeftOutLabelsAre: (portArraysLeftOut: string) =>
    `Left out: ${portArraysLeftOut}. Labels are incomplete or contradict themselves.`,
  noPanelIsConnectedToAPvInputYet: "No panel is connected to a PV input yet.",
  runsAwakeHoursADayHADayOnAverage: (awakeHoursADay: string, asleepHoursADay: string) =>
    `: runs ${awakeHoursADay} h a day on average; ${asleepHoursADay} min of daylight a day is below start-up voltage (more panels in series would help);`,
  ofWhatIsAvailableIsClipped: "% of what is available is clipped",
  takenKwhKWh: (takenKwh: string) => `${takenKwh}\u00a0kWh`,
  pvInput: "PV input",
};

export const partsTexts = {
  used: "Used",
  notUsedBatteryFull: "Not used: battery full",
  conversionLossesController: "Conversion losses (controller, battery)",
  clippedByTheController: "Clipped by the controller",
  cableAndMismatchLosses: "Cable and mismatch losses",
  heatDirtHazeAging: "Heat, dirt, haze, aging",
  shadeStowedLowSunAngle: "Shade, stowed, low sun angle",
};

export const saveFilesTexts = {
  solarPanelsCleanTheGlass: "Solar panels: clean the glass",
};
