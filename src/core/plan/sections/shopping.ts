import { type Plan } from "../plan";
import { type DanglingReference, type Parts } from "../section";
import { type Shopping } from "../schemas/shopping";

export { schema } from "../schemas/shopping";

export const version = 1;
export const empty: Shopping = {
  budget: null,
  delivery: null,
  adapter: null,
  lot: 1,
  room: "any",
  surfaceId: null,
  lengthMm: null,
  widthMm: null,
  carryKg: null,
  inputsToo: false,
  plugsIn: [],
};
export const parts: Parts = { kind: "shopping", by: "field" };

/** Plans of version 4 were written before there was this section. */
export const isOptional = true;

export const changes = {
  setShopping: (plan: Plan, { patch }: { readonly type: "setShopping"; readonly patch: Partial<Shopping> }): Plan => ({
    ...plan,
    shopping: { ...plan.shopping, ...patch },
  }),
};

export function findDangling({ shopping, space }: Plan): DanglingReference | null {
  const { surfaceId } = shopping;
  return surfaceId === null || space.surfaces.some(({ id: known }) => known === surfaceId)
    ? null
    : { path: "shopping.surfaceId", problem: `no surface "${surfaceId}" in this plan` };
}

export function fromVersion3(): unknown {
  return empty;
}

export const upgrades = [];
