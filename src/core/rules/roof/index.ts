export { nameOnRoof, type RoofContext, roofContext, type RoofJudged, type RoofRule } from "./context";
export { type LayoutReason } from "./layout";
export { leadsRule } from "./leads";
export { roofRules } from "./rules";
