export { type CableAmpsReason, cableAmpsRule } from "./cable-amps";
export { type CableDropReason, cableDropRule } from "./cable-drop";
export { copperContext, isCopperSaid, type CopperContext, type CopperName, type LaneParts } from "./context";
export { type GuardReason, guardsRule } from "./guards";
export { type PlugsReason, plugsRule } from "./plugs";
export { type ShockReason, shockRule } from "./shock";
