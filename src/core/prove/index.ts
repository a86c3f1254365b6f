export { type Cause, type CloudWord, cloudWords, diagnose, type Place, type Reading, type SkyGuess } from "./diagnose";
export { expected, type Expected, type ExpectedAll } from "./expect";
export { type CauseId, causeIds } from "./hypotheses";
export { leavesOf, type ProveSky, type ProveTree, stringsOf } from "./tree";
export { createBench, rightWorld, type Shown, type World } from "./world";
