export const controllerStepTexts = {
  copyThisController: "Copy this controller",
  copyTheDataSheetLineByLineEach:
    "Copy the data sheet line by line. Each line is explained here when you reach it; the window is drawn while you type.",
  inThisPlan: "In this plan",
  noControllerYetTheCharge:
    "No controller yet: the charge controller or power station that the panels are connected to. Add one from the library, enter one, or start with the worked example.",
  controllersInThisPlan: "Controllers in this plan",
  newController: "New controller",
  enterADataSheet: "Enter a data sheet",
  workedExample: "Worked example",
  controllersInTheLibrary: "Controllers in the library",
  addToThePlan: "Add to the plan",
  dataSheet: "Data sheet",
  itsWindow: "Its window",
};

export const deviceFormTexts = {
  pvNumber: (number: number) => `PV ${number}`,
  pvInputs: "PV inputs",
  addAPvInput: "Add a PV input",
  copyThisPvInput: "Copy this PV input",
  deleteThisPvInput: "Delete this PV input",
  notStated: "not stated",
  name: "Name",
  kind: "Kind",
  weight: "Weight",
  price: "Price",
};

export const inputPrintTexts = {
  sharedLimit: (name: string, ports: string, max: string, nature: string) =>
    max === ""
      ? `${name}: ${ports} together: limit not stated.`
      : `${name}: ${ports} together at most ${max}, ${nature}.`,
  noControllerInThisPlanYet: "No controller in this plan yet.",
  dataSheet: "Data sheet",
  maxPvVoltageAppliesTo: "Max PV voltage applies to",
  overVoltage: "Over-voltage",
  currentLimits: "Current limits",
  fromVolts: (volts: string) => ` from ${volts}`,
  upToVolts: (volts: string) => ` up to ${volts}`,
  ampsNotGiven: "amps not given",
  kindOfPowerLimit: "Kind of power limit",
  conversion: "Conversion",
  tracker: "Tracker",
};

export const portFormTexts = {
  required: "required",
  lowest: "lowest",
  pvInput: "PV input",
  maxPvVoltageAppliesTo: "Max PV voltage applies to",
  overVoltage: "Over-voltage",
  currentLimits: "Current limits",
  noneEnteredAddTheMaxPvCurrent:
    "None entered. Add the max PV current from the data sheet; add a second tier if it states two.",
  currentTierK: (k: number) => `Current tier ${k}`,
  maxCurrent: "Max current",
  fromVoltage: "From voltage",
  upToVoltage: "Up to voltage",
  maxPvVoltage: "max PV voltage",
  kindOfLimit: "Kind of limit",
  deleteCurrentTierK: (k: number) => `Delete current tier ${k}`,
  addACurrentTier: "Add a current tier",
  pvPower: "PV power",
  conversion: "Conversion",
  tracker: "Tracker",
  comesWith: "Comes with",
  startUp: "Start-up",
};

export const sharingFormTexts = {
  limitsSharedByPvInputs: "Limits shared by PV inputs",
  noneEnteredSomeDevicesAcceptLess:
    "None entered. Some devices accept less on all PV inputs together than the sum of each.",
  sharedLimitName: (name: string) => `Shared limit: ${name}`,
  nameOfTheLimit: "Name of the limit",
  maxPowerTogether: "Max power together",
  notStated: "not stated",
  maxCurrentTogether: "Max current together",
  kindOfLimit: "Kind of limit",
  deleteSharedLimitName: (name: string) => `Delete shared limit ${name}`,
  pvInputsInName: (name: string) => `PV inputs in ${name}`,
  allPvInputs: "All PV inputs",
  addASharedLimit: "Add a shared limit",
  addOnModules: "Add-on modules",
  module: "Module",
  deleteModuleName: (name: string) => `Delete module ${name}`,
  addOnModule: "Add-on module",
  addAModule: "Add a module",
};

export const fieldsTexts = {
  someMakersMeanTheOpenCircuit:
    "Some makers mean the open-circuit voltage (Voc), others the operating voltage (Vmp). If the data sheet does not say, choose “not stated”: Voc is assumed.",
  whatHappensAboveTheMaxPvVoltage:
    "What happens above the max PV voltage: some inputs switch off, others are damaged. “Not stated” is treated as damaged.",
  selfLimitingPowerAboveTheLimit:
    "Self-limiting: power above the limit stays unused, no harm. Absolute maximum: the data sheet forbids connecting more.",
  maxPvCurrentAtTheseVoltagesSome:
    "Max PV current at these voltages. Some inputs have one limit at low voltage and another higher up: add a tier for each.",
  thisLimitAppliesFromThisVoltage: "This limit applies from this voltage. If empty: from the lowest voltage.",
  thisLimitAppliesUpToThisVoltage: "This limit applies up to this voltage. If empty: up to the max PV voltage.",
  selfLimitingExtraAmpsStayUnused:
    "Self-limiting: extra amps stay unused, no harm. Absolute maximum: never exceed; a quarter is added for bright skies.",
  mpptFindsTheArraysBestVoltageAnd:
    "MPPT finds the array’s best voltage and turns surplus voltage into amps. PWM connects the array directly to the battery: voltage above battery voltage is lost.",
  aTrackerThatScansTheWholeCurve:
    "A tracker that scans the whole curve finds the best of several peaks. A simple one can stay at a low peak when a panel is shaded. “Not stated” is treated as scanning, and Checks tells what the other would cost.",
  whetherThisPvInputIsPartOfThe:
    "Whether this PV input is part of the device or of an add-on module bought separately.",
  maxPowerThatThePvInputsOfThis: "Max power that the PV inputs of this group accept together.",
  maxCurrentThatTheyAcceptTogether: "Max current that they accept together.",
  weightOfTheDeviceWithItsBattery: "Weight of the device, with its battery if that is inside.",
  priceForPlansThatCompareDevices: "Price, for plans that compare devices.",
  scansTheWholeCurve: "scans the whole curve",
  selfLimitingMoreIsOkTheRestIs: "self-limiting (more is OK, the rest is unused)",
  kindNotStated: "not stated",
  absoluteMaximumNeverExceed: "absolute maximum (never exceed)",
  openCircuitVoltageVoc: "open-circuit voltage (Voc)",
  operatingVoltageVmp: "operating voltage (Vmp)",
  notStatedVocAssumed: "not stated (Voc assumed)",
  inputSwitchesOffNoDamage: "input switches off, no damage",
  inputCanBeDamaged: "input can be damaged",
  notStatedDamageAssumed: "not stated (damage assumed)",
  chargeController: "Charge controller",
  powerStation: "Power station",
};
