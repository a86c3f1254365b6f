import { z } from "zod";
import { applyChanges, type Plan } from "@/core/plan";
import { allFixes } from "@/core/wiring/best-wirings";
import { assess, type Finding, type Fixes } from "@/core/assessment";
import { findingSentence, fixSentence, missingSentence } from "@/messages/en";
import { type CaseAnswering, malformed, planOf, wiringIn } from "./reading";

const schema = z.strictObject({
  type: z.literal("verdict"),
  plan: z.unknown(),
  wiring: z.string().optional(),
  withFixes: z.boolean().optional(),
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
  const fixes = parsed.data.withFixes === true ? allFixes(plan, id) : null;
  const findings = assessment.findings.map((finding) => ({
    rule: finding.rule,
    level: finding.level,
    subject: finding.subject,
    value: finding.value,
    limit: finding.limit,
    says: findingSentence(finding, "metric"),
    ...(fixes === null ? {} : { fixes: fixesFor(plan, finding, fixes) }),
  }));
  return { type: "answer", answer: { worst: assessment.worst, findings, open } };
}

function fixesFor(plan: Plan, { id }: Finding, remedies: ReadonlyMap<string, Fixes>) {
  return (remedies.get(id)?.fixes ?? []).map((fix) => ({
    says: fixSentence(fix, "metric"),
    plan: applyChanges(plan, fix.changes),
  }));
}
