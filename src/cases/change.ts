import { z } from "zod";
import { defaultPosition } from "@/core/plan";
import { judgeMisplugs } from "@/core/assessment";
import { changeover } from "@/core/engine/array";
import { portWords, misplugWords, stepWords } from "@/messages/en";
import { type CaseAnswering, malformed, planOf, wiringIn } from "./reading";

const schema = z.strictObject({ type: z.literal("change"), plan: z.unknown(), from: z.string(), to: z.string() });

/** The way from one wiring of a plan to another: what to do in order, and what can go wrong on it. */
export function answerChange(value: unknown): CaseAnswering {
  const parsed = schema.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  const reading = planOf(parsed.data.plan);
  if (reading.type === "malformed") return reading;
  const { plan } = reading;
  const from = wiringIn(plan, parsed.data.from, "$.from");
  if (from.type === "malformed") return from;
  const to = wiringIn(plan, parsed.data.to, "$.to");
  if (to.type === "malformed") return to;
  const steps = changeover(
    from.wiring.portArrays,
    to.wiring.portArrays,
    defaultPosition(plan, from.wiring),
    defaultPosition(plan, to.wiring),
  ).map((step) => stepWords(plan, step));
  const misplugs = judgeMisplugs(plan, from.wiring, to.wiring).map((judged) => ({
    dangerous: judged.dangerous,
    says: misplugWords(plan, judged, "metric"),
    port: portWords(plan, judged.misplug.portArray),
    volts: judged.volts,
  }));
  return { type: "answer", answer: { steps, slips: misplugs } };
}
