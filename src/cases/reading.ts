import { type z } from "zod";
import { type Plan, readPlan } from "@/core/plan";

/** What came of a case: its answer, or where in it the trouble lies. */
export type CaseAnswering =
  | { readonly type: "answer"; readonly answer: unknown }
  /** A picture beside the case is to be read before there is an answer. */
  | { readonly type: "picture"; readonly file: string }
  | { readonly type: "malformed"; readonly path: string; readonly problem: string };

export function malformed(error: z.ZodError): Extract<CaseAnswering, { type: "malformed" }> {
  const [issue] = error.issues;
  const path = (issue?.path ?? []).reduce<string>(
    (at, key) => (typeof key === "number" ? `${at}[${key}]` : `${at}.${String(key)}`),
    "$",
  );
  return { type: "malformed", path, problem: issue?.message ?? "not as expected" };
}

/** A plan of any version, as a case holds it. */
export function planOf(
  value: unknown,
): { readonly type: "plan"; readonly plan: Plan } | Extract<CaseAnswering, { type: "malformed" }> {
  const reading = readPlan(value);
  if (reading.type === "plan") return reading;
  const { fault } = reading;
  switch (fault.type) {
    case "invalid":
      return { type: "malformed", path: `$.plan.${fault.path}`, problem: fault.problem };
    case "newer":
      return { type: "malformed", path: "$.plan.version", problem: `${fault.version} is newer than ${fault.known}` };
    case "newerSection":
      return {
        type: "malformed",
        path: `$.plan.sections.${fault.section}`,
        problem: `${fault.version} is newer than ${fault.known}`,
      };
    case "foreign":
      return { type: "malformed", path: "$.plan", problem: `this is ${fault.found}, not a plan` };
    case "notJson":
    case "tooLarge":
    case "tooCostly":
      return { type: "malformed", path: "$.plan", problem: "not readable" };
  }
}

/** The wiring of this id, or the first of the plan when none is named. */
export function wiringIn(
  { wirings }: Plan,
  id: string | undefined,
  path: string,
):
  | { readonly type: "wiring"; readonly wiring: Plan["wirings"][number] }
  | Extract<CaseAnswering, { type: "malformed" }> {
  const wiring = id === undefined ? wirings[0] : wirings.find((each) => each.id === id);
  if (wiring !== undefined) return { type: "wiring", wiring };
  const problem = `no wiring "${id ?? ""}"; there are ${wirings.map((each) => `"${each.id}"`).join(", ")}`;
  return { type: "malformed", path, problem };
}
