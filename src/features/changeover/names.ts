import { type Plan } from "@/core/plan";
import { type InPosition } from "./useComparison";

/** A wiring by its name, with the position where it is used in several. */
export function positionedName({ positions }: Plan, { wiring, positionId }: InPosition): string {
  const position = wiring.positionIds.length > 1 ? positions.find(({ id }) => id === positionId) : undefined;
  return position === undefined ? wiring.name : `${wiring.name}, ${position.name}`;
}
