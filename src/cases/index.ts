import { answerCase } from "@/cases/net-answer";
import { answerDiagnoseCase, answerExpectCase, answerWalkCase } from "@/cases/commissioning";
import { answerFindCase } from "@/cases/find";
import { answerLogbookCase } from "@/cases/logbook";
import { answerMountCase } from "@/cases/mounting";
import { answerProtectCase } from "@/cases/protection";
import { readCase } from "@/cases/net-case";
import { answerChange } from "./change";
import { answerHarvestCase, type Beside } from "./harvest";
import { answerLabel } from "./label";
import { type CaseAnswering } from "./reading";
import { answerShadow } from "./shadow";
import { answerSun } from "./sun";
import { answerVerdict } from "./verdict";

export { answerPicture } from "./label";
export { type CaseAnswering } from "./reading";

/** Every kind of case but the plain net, by its `type`. A new kind is a file and a line here. */
const kinds: Readonly<Record<string, (value: unknown, beside: Beside) => CaseAnswering>> = {
  verdict: answerVerdict,
  change: answerChange,
  sun: answerSun,
  harvest: answerHarvestCase,
  shadow: answerShadow,
  find: answerFindCase,
  protect: answerProtectCase,
  mount: answerMountCase,
  logbook: answerLogbookCase,
  expect: answerExpectCase,
  diagnose: answerDiagnoseCase,
  walk: answerWalkCase,
  label: answerLabel,
};

/** Answers a case of any kind. `nowMs` is a clock, for nets that ask to be timed; `beside` reads files that lie with the case. */
export function answerAny(value: unknown, nowMs: () => number, beside: Beside): CaseAnswering {
  if (typeof value === "object" && value !== null && "type" in value) {
    const answer = typeof value.type === "string" ? kinds[value.type] : undefined;
    if (answer !== undefined) return answer(value, beside);
    const known = Object.keys(kinds).join(", ");
    return {
      type: "malformed",
      path: "$.type",
      problem: `${JSON.stringify(value.type)} is no kind of case; known: ${known}`,
    };
  }
  const reading = readCase(value);
  return reading.type === "malformed" ? reading : { type: "answer", answer: answerCase(reading.case, nowMs) };
}
export { answerDiagnoseCase, answerWalkCase } from "./commissioning";
export { answerFindCase, type FindAnswer } from "./find";
