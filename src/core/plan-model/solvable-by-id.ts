import { type Plan, poseIn, type Wiring } from "../plan";
import { createSolveCache, type SolveCache } from "./solve-cache";
import { type NamedPose, type SolvableWiring, solvableWiring } from "./solvable-wiring";

/** A wiring of a plan in all its poses, of which one is looked at: the usual one unless another is named. */
export function solvableById(
  plan: Plan,
  wiringId: string,
  poseId: string | null = null,
  memory: SolveCache = createSolveCache(),
): SolvableWiring {
  const wiring = plan.wirings.find((candidate) => candidate.id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in the plan`);
  const shown = Math.max(0, wiring.poseIds.indexOf(poseId ?? ""));
  return solvableWiring(plan, wiring, memory, posesOf(plan, wiring), shown);
}

/** The poses a wiring is used in, as the rules take them. */
export function posesOf(plan: Plan, { poseIds }: Pick<Wiring, "poseIds">): NamedPose[] {
  return poseIds.map((id) => ({
    id,
    name: plan.poses.find((pose) => pose.id === id)?.name ?? id,
    pose: poseIn(plan, id),
  }));
}
