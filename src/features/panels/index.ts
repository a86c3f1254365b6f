export { LabelCheck } from "./LabelCheck";
export { LabelCurve } from "./LabelCurve";
export { LabelForm } from "./LabelForm";
export { panelsStep } from "./step";
