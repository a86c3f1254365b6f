import { type PortGroup, type PlanStep } from "../plan";
import { type SkyName } from "../engine/sky";
import { type PortArrayContext, type SolvableWiring } from "../plan-model";
import { type RuleOutcome, type Subject } from "./finding";

/** An edge of an input's window. */
export type WindowEdge = "ceiling" | "floor" | "amps" | "watts";
/** What a rule speaks of on the window chart: the curves of some skies, and the edge they are held against. */
export type ChartPart = { readonly skies: readonly SkyName[]; readonly edge: WindowEdge | null };

/** Whether what is judged must stay at or under the limit, or reach it. */
export type Sense = "atMost" | "atLeast";

/** What a rule is, apart from its judging. What would fix it is found by trying, in core/wiring/best-wirings. */
export type RuleFacts<Id extends string = string> = {
  readonly id: Id;
  /** The step of the job where it belongs. */
  readonly step: PlanStep;
  readonly sense: Sense;
  readonly chart: ChartPart;
  /**
   * What fixes it short of a PlanStep: another wiring; only one that gives more watts, as it speaks of watts lost; panels laid
   * otherwise; cables, fuses and plugs, which no wiring has to replace; what holds the panels; parts to buy that are told with it;
   * or nothing.
   */
  readonly fixedBy: "wiring" | "moreWatts" | "layout" | "copper" | "base" | "parts" | "nothing";
  /** Whether its limit is the input's: another one may state another. */
  readonly ofInput: boolean;
};

/** A rule of one port array, of ports that share a limit, or of a whole wiring; it answers null where it does not apply. */
export type PortArrayRule<Id extends string, R> = RuleFacts<Id> & {
  readonly judge: (context: PortArrayContext) => RuleOutcome<R> | null;
};
export type GroupRule<Id extends string, R> = RuleFacts<Id> & {
  readonly judge: (group: PortGroup, portArrays: readonly PortArrayContext[]) => RuleOutcome<R> | null;
};
export type WiringRule<Id extends string, R> = RuleFacts<Id> & {
  readonly judge: (open: WholeWiring) => (RuleOutcome<R> & { readonly subject: Subject }) | null;
};
export type WholeWiring = Pick<SolvableWiring, "plan" | "wired" | "portArrays">;
