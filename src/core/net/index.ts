export { equalNet, type Net } from "./net";
export { multiplied, type NetSolution, solveNet } from "./solve";
