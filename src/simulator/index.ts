export { type BenchSetup, createSimulatedBench, type SimulatedBench } from "./bench";
export { canHave } from "./fault";
export { type MeterAnswer, parseAnswer } from "./answers";
export { lightAt, type SimulatedSky } from "./sky";
export { linesFor } from "./read-step";
export { readingOf } from "./reading-of";
