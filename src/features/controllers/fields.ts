import { fieldsTexts } from "@/messages/en/controllers/view";
/** What each line of an input's data sheet is, in the words of the trade. */
export const portHelp = {
  ceilingBasis: fieldsTexts.someMakersMeanTheOpenCircuit,
  overVoltage: fieldsTexts.whatHappensAboveTheMaxPvVoltage,
  maxWNature: fieldsTexts.selfLimitingPowerAboveTheLimit,
  amps: fieldsTexts.maxPvCurrentAtTheseVoltagesSome,
  fromV: fieldsTexts.thisLimitAppliesFromThisVoltage,
  toV: fieldsTexts.thisLimitAppliesUpToThisVoltage,
  nature: fieldsTexts.selfLimitingExtraAmpsStayUnused,
  conversion: fieldsTexts.mpptFindsTheArraysBestVoltageAnd,
  tracker: fieldsTexts.aTrackerThatScansTheWholeCurve,
  moduleId: fieldsTexts.whetherThisPvInputIsPartOfThe,
  groupMaxW: fieldsTexts.maxPowerThatThePvInputsOfThis,
  groupMaxA: fieldsTexts.maxCurrentThatTheyAcceptTogether,
} as const;

export const deviceHelp = {
  weightKg: fieldsTexts.weightOfTheDeviceWithItsBattery,
  price: fieldsTexts.priceForPlansThatCompareDevices,
} as const;

export const conversionWords = { mppt: "MPPT", pwm: "PWM" } as const;
export const trackerWords = {
  fullScan: fieldsTexts.scansTheWholeCurve,
  hillClimb: "only climbs",
  unknown: "unknown",
} as const;
export const natureWords = {
  drawsUpTo: fieldsTexts.selfLimitingMoreIsOkTheRestIs,
  neverExceed: fieldsTexts.absoluteMaximumNeverExceed,
  unknown: fieldsTexts.kindNotStated,
} as const;
export const basisWords = {
  voc: fieldsTexts.openCircuitVoltageVoc,
  vmp: fieldsTexts.operatingVoltageVmp,
  unknown: fieldsTexts.notStatedVocAssumed,
} as const;
export const outcomeWords = {
  shutsOut: fieldsTexts.inputSwitchesOffNoDamage,
  mayDestroy: fieldsTexts.inputCanBeDamaged,
  unknown: fieldsTexts.notStatedDamageAssumed,
} as const;
export const inputKindWords = {
  chargeController: fieldsTexts.chargeController,
  powerStation: fieldsTexts.powerStation,
} as const;
