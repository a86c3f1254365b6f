export const batteriesTexts = {
  battery: "Battery",
  noBatteryYetSoEveryDayHasTo:
    "No battery yet, so every day has to harvest what it uses. A power station has a battery inside: add it here.",
  batteryBatterieCount: (batterieCount: number) => `Battery ${batterieCount}`,
  addABattery: "Add a battery",
  voltage: "Voltage",
  nominalVoltage1224Or48V: "Nominal voltage: 12, 24 or 48 V.",
  voltsAssumed: (volts: number) => `${volts} assumed`,
  capacity: "Capacity",
  capacityInAhFromTheLabelIfIt: "Capacity in Ah, from the label. If it states Wh, divide by the battery voltage.",
  usable: "Usable",
  usableCapacityMaxDepthOf: "Usable capacity (max depth of discharge), in %.",
  usablePctAssumed: (usablePct: number) => `${usablePct} assumed`,
  maxChargeCurrent: "Max charge current",
  theHighestChargeCurrentAThatThe: "The highest charge current (A) that the maker allows.",
  chargeShareAssumed: (chargeShare: number) => `${chargeShare} assumed`,
  alwaysOn: "Always on",
  wattsDrawnDayAndNightController: "Watts drawn day and night: controller at idle, monitor, alarm.",
  standingWAssumed: (standingW: number) => `${standingW} assumed`,
  name: "Name",
  kind: "Kind",
  removeName: (name: string) => `Remove ${name}`,
  belowFreezing: "Below freezing",
  batteryAsColdAsTheAir: "battery as cold as the air",
  belowFreezingHelp: "Lithium batteries must not be charged below freezing.",
  chargedByLeaveEmptyEvery: "Charged by (leave empty: every controller not assigned to another battery)",
  usableEnergy: (energy: string, isLockedByFrost: boolean) =>
    isLockedByFrost ? `${energy} usable. It cannot be charged while the air is below 0 °C.` : `${energy} usable.`,
  enterItsCapacityInAh: "Enter its capacity in Ah.",
};

export const goalScaleTexts = {
  noSun: "no sun",
  quickRuleQuickW: (quickW: string) => `quick rule ${quickW}`,
  calculatedFlatFlatW: (flatW: string) => `calculated, flat ${flatW}`,
  calculatedTiltedTiltDegDegrees: (tiltDeg: number, tiltedW: string) =>
    `calculated, tilted ${tiltDeg} degrees ${tiltedW}`,
  inThisPlanOwnedW: (ownedW: string) => `in this plan ${ownedW}`,
  quickRule: "quick rule",
  calculated: "calculated",
  barPanelsInThisPlan: "bar: panels in this plan",
  quickRule2: "Quick rule",
  calculatedFlat: "Calculated, flat",
  calculatedTiltedTiltDeg: (tiltDeg: number) => `Calculated, tilted ${tiltDeg}°`,
  inThisPlan: "In this plan",
};

export const loadFormTexts = {
  wattsWhileItRunsFromItsRating: "Watts while it runs, from its rating plate or data sheet.",
  ampsAtBatteryVoltageIfThePlate: "Amps at battery voltage, if the plate states no watts.",
  hoursADayThatItReallyRunsA: "Hours a day that it really runs. A cooler’s compressor runs about a third of the time.",
  timesADay: "Times a day.",
  energyOfOneUseWattsTimesHours: "Energy of one use: watts times hours.",
  numberOfIdenticalAppliances: "Number of identical appliances.",
  name: "Name",
  quantity: "Quantity",
  used: "Used",
  suppliedBy: "Supplied by",
  batteryDc: "battery (DC)",
  acMainsFromAnInverter: "AC (mains) from an inverter",
  watts: "Watts",
  calculatedFromTheAmps: "calculated from the amps",
  calculatedFromTheWatts: "calculated from the watts",
  hoursADay: "Hours a day",
  timesADay2: "Times a day",
  whEachTime: "Wh each time",
  timeOfDay: "Time of day",
  seasons: "Seasons",
  runsFrom: "Runs from",
};

export const loadListTexts = {
  whatRunsInADay: "What runs in a day",
  largestFirst: "Largest first",
  nothingYetPressAnApplianceInThe:
    "Nothing yet. Press an appliance in the list beside this page; each comes with typical values, which you can change. Or enter one figure for everything below.",
  appliances: "Appliances",
  myOwnAppliance: "My own appliance",
  addAnApplianceOfYourOwn: "Add an appliance of your own",
  moveNameUp: (name: string) => `Move ${name} up`,
  moveNameDown: (name: string) => `Move ${name} down`,
  copyName: (name: string) => `Copy ${name}`,
  deleteName: (name: string) => `Delete ${name}`,
};

export const marginTexts = {
  calculating: "Calculating…",
  dailyUse: "Daily use",
  panelsNeeded: "Panels needed",
  season: "Season",
  batteryNeeded: "Battery needed",
  batteryDc: "Battery (DC)",
  acMains: "AC (mains)",
  inverter: "Inverter",
  alwaysOn: "Always on",
  whADay: "Wh a day",
  totalWh: "Total, Wh",
  totalAhAtBatteryVoltage: "Total, Ah at battery voltage",
  otherSources: "Other sources",
  neededFromSolar: "Needed from solar",
  otherSourcesCoverEverythingNo: "Other sources cover everything: no solar is needed.",
  climateAssumedKindName: (kindName: string) => ` (climate assumed: ${kindName})`,
  theQuickRuleDailyAhAt12VTimesTwo: (
    flatWhPerW: string,
    month: string,
    tiltedWhPerW: string,
    tiltDeg: number,
    assumed: string,
  ) =>
    `The quick rule (daily Ah at 12 V, times two) assumes 6 Wh a day from each watt: about six peak sun hours. Here a watt harvests ${flatWhPerW} Wh a day flat in ${month}, ${tiltedWhPerW} Wh tilted ${tiltDeg}°${assumed}, after losses to dirt, heat, cable and battery.`,
  noDailyUseYet: "No daily use yet.",
  forYourDaysOfAutonomyYouNeedA: (wantedWh: string) => `For your days of autonomy you need a usable ${wantedWh}`,
  wantedNoBatteryIsEnteredYet: (wanted: string) => `${wanted}. No battery is entered yet.`,
  wantedTheBatteryHasUsableWhWhich: (wanted: string, usableWh: string, lack: string) =>
    `${wanted}; the battery has ${usableWh}, which is ${lack} too little.`,
  wantedTheBatteryHasUsableWh: (wanted: string, usableWh: string) => `${wanted}; the battery has ${usableWh}.`,
};

export const needPrintTexts = {
  whatRunsInADay: "What runs in a day",
  appliance: "Appliance",
  use: "Use",
  dailyUseBySeason: "Daily use, by season",
  total: "Total",
  atTheBattery: "At the battery",
  fromOtherSources: "From other sources",
  neededFromSolar: "Needed from solar",
  panelsByTheQuickRule: "Panels, by the quick rule",
  panelsLyingFlatCalculated: "Panels lying flat, calculated",
  panelsTiltedTiltDegCalculated: (tiltDeg: number) => `Panels tilted ${tiltDeg}°, calculated`,
  darkestMonth: "Darkest month",
};

export const needStepTexts = {
  need: "Need",
  dailyUse: "Daily use",
  location: "Location",
  tiltDirection: "Tilt & direction",
};

export const oneLineTexts = {
  assumedAssumed: (assumed: string) => `${assumed} assumed`,
  howDailyUseIsEntered: "How daily use is entered",
  dailyUseFrom: "Daily use from",
  theListAbove: "the list above",
  oneMeasuredFigure: "one measured figure",
  whADay: "Wh a day",
  whADayHelp: "Energy taken from the battery on a typical day, all losses included.",
  orAhADay: "or Ah a day",
  orAhADayHelp: "At battery voltage.",
  inverterEfficiency: "Inverter efficiency",
  shareOfThePowerDrawnThatComesOut: "Share of the power drawn that comes out as AC (mains).",
  inverterIdlePower: "Inverter idle power",
  wattsThatTheInverterItselfDraws: "Watts that the inverter itself draws while it is on.",
  inverterOn: "Inverter on",
  hoursADayThatTheInverterIs: "Hours a day that the inverter is switched on, used or not.",
  daysOfAutonomy: "Days of autonomy",
  daysOfAutonomyHelp: "Days that the battery should last without sun.",
  autonomyDaysAssumed: (autonomyDays: number) => `${autonomyDays} assumed`,
};

export const sourcesTexts = {
  otherSources: "Other sources",
  source: "Source",
  powerIntoTheBattery: "Power into the battery",
  wattsThatReachTheBatteryWhileThe: "Watts that reach the battery while the source runs.",
  hoursADay: "Hours a day",
  hoursOnADayOnWhichTheSourceIs: "Hours on a day on which the source is used.",
  daysAWeek: "Days a week",
  daysOfATypicalWeekOnWhichThe: "Days of a typical week on which the source is used.",
  deleteName: (name: string) => `Delete ${name}`,
  seasons: "Seasons",
};

export const stockTexts = {
  appliancesToAdd: "Appliances to add",
};

export const useSheetTexts = {
  notes: "Notes",
};
