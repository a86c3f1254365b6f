export { careShare, type MountContext, type MountRule } from "./context";
export { type GatesReason, gatesRule } from "./gates";
export { type GlueHeatReason, glueHeatRule } from "./glue-heat";
export { type HeatKindReason, heatKindRule } from "./heat-kind";
export { type HoldReason, holdRule } from "./hold";
export { type MovementReason, movementRule } from "./movement";
export { type SkinReason, skinRule } from "./skin";
export { type WeatherReason, weatherRule } from "./weather";
