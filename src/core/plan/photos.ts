import { type Plan } from "./plan";

/** Ids of all photos that belong to a plan: under its drawings, and those its labels were read from. */
export function photoIdsOf({ space, panels, inputs }: Pick<Plan, "space" | "panels" | "inputs">): ReadonlySet<string> {
  return new Set([
    ...space.surfaces.flatMap(({ photo }) => photo?.id ?? []),
    ...panels.flatMap(({ label }) => label.readFrom?.photoId ?? []),
    ...inputs.flatMap(({ device }) => device.readFrom?.photoId ?? []),
  ]);
}
