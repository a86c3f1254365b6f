import { type Fixing, type MountingMethodId, type RoofSurface } from "../../plan";
import * as all from "./all";
import { type MountingMethod } from "./method";

export type { Conditions, MountingMethod } from "./method";

/** Every method by the name plans keep. */
export const mountingMethods: Readonly<Record<MountingMethodId, MountingMethod>> = all;

/** What a mounting is fixed to: as said, or the only thing its method is for; null: somebody has to say. */
export function roofSurfaceOf({ method, roofSurface }: Pick<Fixing, "method" | "roofSurface">): RoofSurface | null {
  const [only, ...others] = mountingMethods[method].roofSurfaces;
  return roofSurface ?? (others.length === 0 ? (only ?? null) : null);
}
