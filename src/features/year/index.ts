export { keepWeather, useWeather } from "./useWeather";
export { useRestedPlan } from "./useRestedPlan";
export { useYear, type YearState } from "./useYear";
export { worstMonth, YearStrip } from "./YearStrip";
export { YearView } from "./YearView";
