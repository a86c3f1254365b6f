export { type Polygon } from "./convex";
export { createShadows, heldBeam, type PanelShade, shadowsOnSurface } from "./shadow";
export { type Obstacle, type RoofPanel } from "./solids";
export { bodyOf, obstaclesOn, panelsOn, type PanelSize, sizeOf } from "./lie";
export { baseOf, faultsOf, footprintOf, type LayoutFault, sharedMm2 } from "./check";
