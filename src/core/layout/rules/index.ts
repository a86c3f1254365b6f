export { roofContext } from "./context";
export { type LayoutReason } from "./layout";
export { leadsRule } from "./leads";
export { roofRules } from "./rules";
