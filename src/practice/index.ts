export {
  type BenchCase,
  type BoardCase,
  type DrillCase,
  type Facts,
  type Failed,
  type FuseCase,
  type HandCase,
  type HandDeed,
  type Level,
  type Repair,
  repairs,
  type Shown,
  type Verdict,
} from "./case";
export { type DrillId, drillIds, drillType, type Endless, endlessDrill, makeDrill } from "./catalogue";
export { wiredAs, wiringId } from "./build";
export { type BenchPlay, playBench } from "./play-bench";
export { plugInBoard } from "./play-board";
export { closeBox } from "./play-fuse";
export { type HandPlay, type HandTold, playHand } from "./play-hand";
export { type DrillProgress, nextDrill, practised, type Progress, progressOf, progressSchema } from "./spacing";
