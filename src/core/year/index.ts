export { acceptance, type HourFlow, hourOfCharge } from "./charge";
export { inAll, type LossName, lossNames, type MonthAccount } from "./losses";
export {
  type Fineness,
  planYear,
  type PlanYear,
  type PortYear,
  type StoreYear,
  type TypicalHour,
  type YearMonth,
  type YearParts,
} from "./plan-year";
export { assumedLossPct } from "./shares";
export { isMissed } from "./stores";
export { clearnessOf, likeliestKind, monthsOfKind, typicalMonthsOf, type WeatherSource } from "./weather-of";
export { type Gain, type GainKind, gainsOf } from "./gains";
export { type BestTilts, bestTilts, type PlaceYields, placeYields } from "./tilts";
export { createYields, type Yield, yearOf } from "./yield";
export { type Facing } from "./facing";
export { type Reminder, remindersOf } from "./reminders";
export { keptLightOf, type PanelShadeYear, type ShadeMap, shadeMap, type ShadeMapParts } from "./shade-map";
export { createSuns, type SunHour, type Suns } from "./suns";
export { runPort, type RunningPort } from "./run-port";
export { sharesOf } from "./shares";
export { createPlanes } from "./planes";
