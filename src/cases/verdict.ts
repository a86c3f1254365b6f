import { z } from "zod";
import { applyChanges, type Plan } from "@/core/plan";
import { allMends } from "@/core/wiring/best-wirings";
import { assess, type Finding, type Fixes } from "@/core/assessment";
import { findingSentence, mendSentence, missingSentence } from "@/messages/en";
import { type CaseAnswering, malformed, planOf, wiringIn } from "./reading";

const schema = z.strictObject({
  type: z.literal("verdict"),
  plan: z.unknown(),
  wiring: z.string().optional(),
  withMends: z.boolean().optional(),
});

/** What the ledger shows of one wiring of a plan, in its words; with `withMends` what it offers for each line, applied. */
export function answerVerdict(value: unknown): CaseAnswering {
  const parsed = schema.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  const reading = planOf(parsed.data.plan);
  if (reading.type === "malformed") return reading;
  const { plan } = reading;
  const found = wiringIn(plan, parsed.data.wiring, "$.wiring");
  if (found.type === "malformed") return found;
  const { id } = found.wiring;
  const assessment = assess(plan, id);
  const open = assessment.missing.map(missingSentence);
  if (assessment.type === "incomplete") return { type: "answer", answer: { worst: "open", findings: [], open } };
  const mends = parsed.data.withMends === true ? allMends(plan, id) : null;
  const findings = assessment.findings.map((finding) => ({
    rule: finding.rule,
    level: finding.level,
    subject: finding.subject,
    value: finding.value,
    limit: finding.limit,
    says: findingSentence(finding, "metric"),
    ...(mends === null ? {} : { mends: mendsFor(plan, finding, mends) }),
  }));
  return { type: "answer", answer: { worst: assessment.worst, findings, open } };
}

function mendsFor(plan: Plan, { id }: Finding, remedies: ReadonlyMap<string, Fixes>) {
  return (remedies.get(id)?.mends ?? []).map((mend) => ({
    says: mendSentence(mend),
    plan: applyChanges(plan, mend.changes),
  }));
}
