export { allLight, type FillKind, fillSurface } from "./fill";
export { type FillAnswer, fillAnswers, fillChanges, type FillPlanAsk } from "./answers";
