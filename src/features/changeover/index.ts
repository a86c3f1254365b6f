export { ChangeoverCard } from "./ChangeoverCard";
export { positionedName } from "./names";
export { inPositions, type InPosition, standKey, useComparison } from "./useComparison";
