export { type BenchSetup, createSimulatedBench, type SimulatedBench } from "./bench";
export { canHave, isOfPanel, type PutIn } from "./fault";
export { type MeterAnswer, parseAnswer } from "./answers";
export { lightAt, type SimulatedSky } from "./sky";
export { linesFor } from "./read-step";
export { readingOf } from "./reading-of";
