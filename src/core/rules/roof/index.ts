export { type ClearHeightReason, clearHeightRule } from "./clear-height";
export { nameOnRoof, type RoofContext, roofContext, type RoofJudged, type RoofRule } from "./context";
export { type LayoutReason, layoutRule } from "./layout";
export { type LeadsReason, leadsRule } from "./leads";
export { type RoofLoadReason, roofLoadRule } from "./roof-load";
