export { copperContext, isCopperSaid, type CopperContext, type CopperName, type LaneParts } from "./context";
export { type GuardReason, highestOf, mostAmpsOf } from "./guards";
export { copperRules } from "./rules";
