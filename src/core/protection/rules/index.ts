export { copperContext, isCopperSaid, type CopperContext, type PortArrayParts } from "./context";
export { type GuardReason, highestOf, maxAmpsOf } from "./guards";
export { copperRules } from "./rules";
export { type FuseReason, fusesRule } from "./fuses";
