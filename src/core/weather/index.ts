export { type EpwReading, mostEpwBytes, readEpw } from "./epw";
export { lightOfHour } from "./light";
export { hoursOfFile, type SkyHour } from "./sky-hour";
export { outsideDayWhM2, typicalYear, type TypicalMonths } from "./typical-year";
export { type WeatherHour, type WeatherPlace, type WeatherYear } from "./year";
