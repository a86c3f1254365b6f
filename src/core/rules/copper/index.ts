export { copperContext, isCopperSaid, type CopperContext, type CopperName, type LaneParts } from "./context";
export { type GuardReason, highestOf, maxAmpsOf } from "./guards";
export { copperRules } from "./rules";
