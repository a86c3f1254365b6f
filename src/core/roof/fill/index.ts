export { allLight, type FillAsk, type Filled, type FillKind, fillSurface, type KeptLight } from "./fill";
export { type FillAnswer, fillAnswers, fillChanges, type FillPlanAsk, type FillSchool } from "./answers";
