export { brightMoment, openBench } from "./open-bench";
