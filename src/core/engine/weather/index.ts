export { clearHour } from "./clear-hour";
export { type EpwReading, maxEpwBytes, readEpw } from "./epw";
export { dayOf, hoursOfFile, type SkyHour } from "./sky-hour";
export {
  airAt,
  daysIn,
  kindsOfDay,
  outsideDayWhM2,
  outsideMonthWhM2,
  typicalMonth,
  typicalYear,
  type TypicalMonths,
} from "./typical-year";
export { type WeatherPlace, type WeatherYear } from "./year";
export { proposedRecords, summaryOf, type WeatherSummary } from "./summary";
