import { maxPieces } from "../engine/array";
import { type Plan } from "./plan";
import { piecesIn } from "./pieces";
import { type SectionName, sections } from "./sections";

type Handlers = { [Name in SectionName]: (typeof sections)[Name]["changes"] }[SectionName];
type ChangeOf<H> = H extends unknown
  ? { [K in keyof H]: H[K] extends (plan: Plan, change: infer C) => Plan ? C : never }[keyof H]
  : never;

/** Everything a person can do to a plan. Each is data, so that it can be replayed, tested and named; what each does stands in its section. */
export type Change = { readonly type: "rename"; readonly name: string } | ChangeOf<Handlers>;

type Handler = (plan: Plan, change: Change) => Plan;
const handlers: ReadonlyMap<string, Handler> = new Map(
  Object.values(sections).flatMap(({ changes }) => Object.entries(changes) as [string, Handler][]),
);

/**
 * The plan after a change. Pure; a change that names nothing in the plan, or asks for more panels than a plan may hold,
 * returns it as it was.
 */
export function applyChange(plan: Plan, change: Change): Plan {
  const after = change.type === "rename" ? { ...plan, name: change.name } : handlers.get(change.type)?.(plan, change);
  return after === undefined || piecesIn(after) > maxPieces ? plan : after;
}

/** The plan after several changes, one after another. */
export function applyChanges(plan: Plan, changes: readonly Change[]): Plan {
  return changes.reduce(applyChange, plan);
}
