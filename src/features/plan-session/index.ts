export { DeskFrame } from "./DeskFrame";
export {
  DeskProvider,
  useAssessment,
  useDesk,
  useDeskState,
  useJudgement,
  useJudging,
  usePlan,
  useSteps,
  useWiring,
} from "./DeskProvider";
export { KeepInLibrary, LibrarySheet } from "./LibrarySheet";
export { stateOf, type StepModule } from "./step-module";
export { useActions } from "./useActions";
export { useProtectReport } from "./useProtectReport";
export { useLibrary } from "./useLibrary";
export { createDesk, type Desk } from "./store";
export { type DeskState } from "./desk-state";
export { positionIdOf, wiringOf } from "./slices/look";
export { useReadings, useReadingsState } from "./PlanReadings";
export { WaitingReadings } from "./WaitingReadings";
