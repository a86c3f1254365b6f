import { type Plan, positionIn, type Wiring } from "../plan";
import { createSolveCache, type SolveCache } from "./solve-cache";
import { type NamedPosition, type SolvableWiring, solvableWiring } from "./solvable-wiring";

/** A wiring of a plan in all its positions, of which one is looked at: the usual one unless another is named. */
export function solvableById(
  plan: Plan,
  wiringId: string,
  positionId: string | null = null,
  memory: SolveCache = createSolveCache(),
): SolvableWiring {
  const wiring = plan.wirings.find((candidate) => candidate.id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in the plan`);
  const shown = Math.max(0, wiring.positionIds.indexOf(positionId ?? ""));
  return solvableWiring(plan, wiring, memory, positionsOf(plan, wiring), shown);
}

/** The positions a wiring is used in, as the rules take them. */
export function positionsOf(plan: Plan, { positionIds }: Pick<Wiring, "positionIds">): NamedPosition[] {
  return positionIds.map((id) => ({
    id,
    name: plan.positions.find((position) => position.id === id)?.name ?? id,
    position: positionIn(plan, id),
  }));
}
