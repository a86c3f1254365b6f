export { LabelCheck } from "./LabelCheck";
export { LabelCurve } from "./LabelCurve";
export { LabelForm } from "./LabelForm";
export { cellTypeWords } from "./messages";
export { PanelsStop } from "./PanelsStop";
