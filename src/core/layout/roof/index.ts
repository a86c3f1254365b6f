export { type Bounds, boundsOf, type Polygon } from "./convex";
export { createShadows, heldBeam, heldInGroups, type PanelShade, shadowsOnSurface } from "./shadow";
export { type Obstacle, type RoofPanel } from "./solids";
export { type Frame, frameOf, sunOver } from "./frame";
export { bodyOf, type LaidPanel, obstaclesOn, panelsOn, type Parked, placeIn, sizeOf } from "./placed-panels";
export { alongEdges } from "./edge-way";
export { createRoofLight, type RoofLight } from "./light";
export { baseOf, faultsOf, footprintOf, frameMm, type LayoutFault } from "./check";
export { pointsOf } from "./outline";
export { handMm, type JudgedPanel } from "./clearances";
export { type Ground, groundOf, nearestSpot } from "./placement-candidates";
export {
  type Burden,
  burdenOn,
  type DrillFault,
  drillFaults,
  highestOn,
  judgedPanels,
  layoutFaults,
  weightOf,
} from "./judged";
export { shortLeads, defaultLeadMm, wayLength, wayLine } from "./reach";
export {
  allLight,
  type FillAnswer,
  fillAnswers,
  fillChanges,
  type FillKind,
  type FillPlanAsk,
  fillSurface,
} from "./fill";
