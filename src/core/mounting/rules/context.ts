import { type Held, type MountReport } from "..";
import { type Plan } from "../../plan";
import { type Mount } from "../../engine/sky";
import { type RuleOutcome, type Subject, type RuleFacts } from "../../checks";

/** What rules of fixing look at: each of a plan's fixings with all that is worked out of it. */
export type MountContext = {
  readonly plan: Plan;
  readonly reports: readonly MountReport[];
  /** What holds panels of which nobody said it. */ readonly usual: Mount;
};

/** What a rule of fixing says; `about` tells one thing it says of a subject from another. */
export type MountJudged<R> = RuleOutcome<R> & { readonly subject: Subject; readonly about: string };

export type MountRule<Id extends string, R> = RuleFacts<Id> & {
  readonly judge: (context: MountContext) => readonly MountJudged<R>[];
};

/** Half of what holds may be used, and all of it is a Stop (physics of bonds: what ages, creeps and was badly cleaned). */
export const careShare = 0.5;

export const factsOf = {
  step: "mounting",
  sense: "atMost",
  chart: { skies: [], edge: null },
  ofInput: false,
} as const;

export function told<R>(
  fixingId: string,
  about: string,
  judged: Pick<RuleOutcome<R>, "level" | "reason"> & Partial<RuleOutcome<R>>,
): MountJudged<R> {
  return {
    value: null,
    limit: null,
    marginPct: null,
    assumptions: [],
    tiles: [],
    ...judged,
    subject: { type: "fixing", fixingId },
    about,
  };
}

export function heldIn({ reports }: MountContext): readonly { readonly report: MountReport; readonly held: Held }[] {
  return reports.flatMap((report) => (report.held === null ? [] : [{ report, held: report.held }]));
}
