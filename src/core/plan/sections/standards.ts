import { type Plan } from "../plan";
import { isJson, type Parts } from "../section";
import { type Standards } from "../schemas/standards";

export { schema } from "../schemas/standards";

/**
 * Which standard a person keeps to where the trade disagrees; null: ours. A standard may make a verdict more careful, never
 * less: rules take the strictest of it and of their own.
 */

export const version = 2;
export const empty: Standards = { fuse: null, cable: null, coldVolts: null };
export const parts: Parts = { kind: "standard", by: "field" };

export const changes = {
  setStandards: (
    plan: Plan,
    { patch }: { readonly type: "setStandards"; readonly patch: Partial<Standards> },
  ): Plan => ({
    ...plan,
    standards: { ...plan.standards, ...patch },
  }),
};

export function findDangling(): null {
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
