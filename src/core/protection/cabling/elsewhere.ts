import { type Plan } from "../../plan";
import { keyOf, type Row, usedIn } from "../../engine/array";

/** How some panels are wired in another wiring of their plan: all rows of a port that has any of them. */
export type OtherWiring = { readonly wiringName: string; readonly rows: readonly Row[] };

/**
 * Where the panels of some rows stand in the plan's other wirings. What joins panels stays when they are wired otherwise: one isolator,
 * one fuse, one cable has to do for each of the wirings.
 */
export function elsewhere(
  { wirings }: Pick<Plan, "wirings">,
  wiringId: string,
  rows: readonly Row[],
): readonly OtherWiring[] {
  const others = wirings.filter(({ id }) => id !== wiringId);
  if (others.length === 0) return [];
  const keys = new Set(usedIn(rows).map(keyOf));
  return others.flatMap(({ name, lanes }) =>
    lanes
      .filter((lane) => usedIn(lane.rows).some((tile) => keys.has(keyOf(tile))))
      .map((lane) => ({ wiringName: name, rows: lane.rows })),
  );
}
