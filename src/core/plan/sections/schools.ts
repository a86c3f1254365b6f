import { z } from "zod";
import { type Plan } from "../document";
import { isJson, type Parts } from "../section";

/**
 * Which school a person keeps to where the trade disagrees; null: ours. A school may make a verdict more careful, never
 * less: rules take the strictest of it and of their own.
 */

export const version = 2;
export const schema = z.strictObject({
  fuse: z.enum(["backfeed", "strict"]).nullable(),
  cable: z.enum(["land", "metric", "marine", "portable"]).nullable(),
  coldVolts: z.enum(["coefficient", "codeTable"]).nullable(),
});

export type Schools = z.infer<typeof schema>;
export const empty: Schools = { fuse: null, cable: null, coldVolts: null };
export const parts: Parts = { kind: "school", by: "field" };

export const changes = {
  setSchool: (plan: Plan, { patch }: { readonly type: "setSchool"; readonly patch: Partial<Schools> }): Plan => ({
    ...plan,
    schools: { ...plan.schools, ...patch },
  }),
};

export function looseIn(): null {
  return null;
}

export function fromVersion3(): unknown {
  return { fuse: null, cable: null, coldVolts: null };
}

/** Version 2: no choice of cables means mm², as everything is metric unless chosen; it meant AWG before, and stays so. */
function toVersion2(older: unknown): unknown {
  return isJson(older) && older["cable"] === null ? { ...older, cable: "land" } : older;
}

export const upgrades = [toVersion2];
