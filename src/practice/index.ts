export {
  type BenchCase,
  type BoardCase,
  type DrillCase,
  type Facts,
  type Failed,
  type FuseCase,
  type HandCase,
  type Level,
  type Repair,
  type Shown,
  type Verdict,
} from "./case";
export { type DrillId, drillIds, drillType, endlessDrill, makeDrill } from "./catalogue";
export { wiredAs, wiringId } from "./build";
export { playBench } from "./play-bench";
export { plugInBoard } from "./play-board";
export { closeBox } from "./play-fuse";
export { playHand } from "./play-hand";
export { nextDrill, practised, type Progress, progressOf, progressSchema } from "./spacing";
