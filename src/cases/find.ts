import { answerFindCase } from "@/core/case";
import { type CaseAnswering } from "./reading";

/** The best wirings of some panels on some ports, of all there are. */
export function answerFind(value: unknown): CaseAnswering {
  return answerFindCase(value);
}
