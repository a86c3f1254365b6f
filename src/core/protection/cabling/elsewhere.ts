import { type Plan } from "../../plan";
import { keyOf, type PvString, usedIn } from "../../engine/array";

/** How some panels are wired in another wiring of their plan: all strings of a port that has any of them. */
export type OtherWiring = { readonly wiringName: string; readonly strings: readonly PvString[] };

/**
 * Where the panels of some strings stand in the plan's other wirings. What joins panels stays when they are wired otherwise: one isolator,
 * one fuse, one cable has to do for each of the wirings.
 */
export function elsewhere(
  { wirings }: Pick<Plan, "wirings">,
  wiringId: string,
  strings: readonly PvString[],
): readonly OtherWiring[] {
  const others = wirings.filter(({ id }) => id !== wiringId);
  if (others.length === 0) return [];
  const keys = new Set(usedIn(strings).map(keyOf));
  return others.flatMap(({ name, portArrays }) =>
    portArrays
      .filter((portArray) => usedIn(portArray.strings).some((tile) => keys.has(keyOf(tile))))
      .map((portArray) => ({ wiringName: name, strings: portArray.strings })),
  );
}
