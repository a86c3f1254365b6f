export { type Action } from "./actions";
export { DeskFrame } from "./DeskFrame";
export {
  DeskProvider,
  useAssessment,
  useDesk,
  useDeskState,
  useJudgement,
  useJudging,
  usePlan,
  useStops,
  useWiring,
} from "./DeskProvider";
export { KeepInLibrary, LibrarySheet } from "./LibrarySheet";
export { stateOf, type StopModule, type StopState } from "./stop-module";
export { type Saver, startSaver } from "./saver";
export { useActions } from "./useActions";
export { type Reported, useProtectReport } from "./useProtectReport";
export { useLibrary } from "./useLibrary";
export { createDesk, type Desk, type DeskState } from "./store";
export { poseIdOf, wiringOf } from "./slices/look";
export { type Judgement } from "./judgement";
export { useReadings, useReadingsState } from "./PlanReadings";
export { WaitingReadings } from "./WaitingReadings";
