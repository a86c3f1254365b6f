import { type Plan, pieceName, type Surface } from "../../plan";
import { type JudgedPanel, judgedPanels, type Parked } from "../roof";
import { type PortArray } from "../../engine/array";
import { type RuleOutcome, type Subject, type RuleFacts } from "../../checks";

/** A plan's surfaces as a position has their panels, and the port arrays that join them. */
export type RoofContext = {
  readonly plan: Plan;
  readonly positionId: string;
  readonly parked: Parked;
  readonly surfaces: readonly { readonly surface: Surface; readonly panels: readonly JudgedPanel[] }[];
};

/** What a rule of the roof says; `about` tells one thing it says of a subject from another. */
export type RoofJudged<R> = RuleOutcome<R> & { readonly subject: Subject; readonly about: string };

/** A rule of how panels lie; it may have several things to say, or none. `portArrays`: those of the wiring judged. */
export type RoofRule<Id extends string, R> = RuleFacts<Id> & {
  readonly judge: (roof: RoofContext, portArrays: readonly PortArray[]) => readonly RoofJudged<R>[];
};

export function roofContext(plan: Plan, positionId: string, parked: Parked): RoofContext {
  const surfaces = plan.space.surfaces.map((surface) => ({
    surface,
    panels: judgedPanels(plan, surface, positionId, parked),
  }));
  return { plan, positionId, parked, surfaces };
}

/** What anything on a roof is called: a panel by its key, or a thing, a zone, a gland by its id. */
export function nameOnRoof(plan: Pick<Plan, "panels" | "space">, id: string): string {
  const { obstacles, zones, glands } = plan.space;
  return [...obstacles, ...zones, ...glands].find((each) => each.id === id)?.name ?? pieceName(plan, id);
}
