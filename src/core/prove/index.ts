export { diagnose } from "./diagnose";
export { type Check, nextChecks } from "./next-check";
export { type Cause, type CloudWord, cloudWords, type Place, type Quantity, type Reading, type SkyGuess } from "./rank";
export { expected, type Expected, type ExpectedAll } from "./expect";
export { type CauseId, causeIds } from "./hypotheses";
export { leavesOf, type ProveSky, type ProveTree, stringsOf } from "./tree";
export { createBench, rightWorld, type Shown, type World } from "./world";
