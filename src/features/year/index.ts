export { keepWeather, useWeather } from "./useWeather";
export { useYear, type YearState } from "./useYear";
export { worstMonth, YearStrip } from "./YearStrip";
export { YearView } from "./YearView";
