export { type EpwReading, mostEpwBytes, readEpw } from "./epw";
export { lightOfHour } from "./light";
export { type WeatherHour, type WeatherPlace, type WeatherYear } from "./year";
