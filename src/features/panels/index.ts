export { LabelCheck } from "./LabelCheck";
export { LabelCurve } from "./LabelCurve";
export { LabelForm } from "./LabelForm";
export { panelsStop } from "./stop";
