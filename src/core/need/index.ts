export { assumedBattery, assumedNeed, type FilledBattery, filledBattery } from "./assumed";
export { assumedInverterH, dailyNeed, loadWh, otherSourcesWh } from "./daily";
export { computedW, quickRuleW } from "./goal";
export { needByHour, sourcesByHour } from "./hours";
export { monthsOf, seasonOf } from "./season";
