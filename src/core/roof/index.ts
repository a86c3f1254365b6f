export { createShadows, type PanelShade } from "./shadow";
export { type Obstacle, type RoofPanel } from "./solids";
