import { z } from "zod";
import { maxPieces } from "../engine/array";
import { type Plan, planFormat, planVersion } from "./plan";
import { planSchema, sectionVersions } from "./document";
import { excessOf } from "./bounds";
import { type PlanFault } from "./fault";
import { piecesIn } from "./pieces";
import { isJson, type Json, type DanglingReference, type Section } from "./section";
import { sectionNames, sections } from "./sections";
import { upgrades } from "./upgrades";

export type PlanReading =
  { readonly type: "plan"; readonly plan: Plan } | { readonly type: "fault"; readonly fault: PlanFault };

/** Largest plan file read, bytes: the fullest plan that is valid, indented as it is exported, is just under this. */
export const maxPlanBytes = 16_000_000;

/** Reads a plan from the text of a file. Nothing in it is trusted: size, shape, bounds, references. */
export function readPlanText(text: string): PlanReading {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > maxPlanBytes) return fault({ type: "tooLarge", bytes, maxBytes: maxPlanBytes });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return fault({ type: "notJson", detail: error instanceof Error ? error.message : "unreadable" });
  }
  return readPlan(value);
}

/** Reads a plan from parsed JSON: recognises the format, upgrades older versions, validates. */
export function readPlan(value: unknown): PlanReading {
  if (!isJson(value)) return fault({ type: "foreign", found: describe(value) });
  if (value["format"] !== planFormat) {
    return fault({
      type: "foreign",
      found: "format" in value ? `format ${describe(value["format"])}` : 'an object with no "format"',
    });
  }
  const version = value["version"];
  if (typeof version !== "number" || !Number.isInteger(version) || version < 1) {
    return fault({
      type: "invalid",
      path: "version",
      problem: `${describe(version)} is not a version; allowed: a whole number from 1 to ${planVersion}`,
      more: 0,
    });
  }
  if (version > planVersion) return fault({ type: "newer", version, known: planVersion });
  const excess = excessOf(value);
  if (excess !== null) return fault(excess);
  const current = withSections(upgrades.slice(version - 1).reduce<Json>((older, step) => step(older), value));
  if ("fault" in current) return fault(current.fault);
  const parsed = planSchema.safeParse(current.plan);
  if (!parsed.success) return fault(faultOf(parsed.error, current.plan));
  const plan: Plan = parsed.data;
  const loose = findDangling(plan);
  return loose === null ? { type: "plan", plan } : fault({ type: "invalid", ...loose, more: 0 });
}

/** A validation error as one fault: the first problem, where it is, and how many more there are. */
export function faultOf(error: z.ZodError, value: unknown): Extract<PlanFault, { type: "invalid" }> {
  const first = error.issues[0];
  const path = first === undefined ? "" : first.path.map(String).join(".");
  const found =
    first === undefined || first.code === "unrecognized_keys" ? "" : ` (found ${describe(valueAt(value, first.path))})`;
  return {
    type: "invalid",
    path: path === "" ? "(top)" : path,
    problem: `${first?.message ?? "invalid"}${found}`,
    more: error.issues.length - 1,
  };
}

function findDangling(plan: Plan): DanglingReference | null {
  const pieces = piecesIn(plan);
  if (pieces > maxPieces) return { path: "panels", problem: `${pieces} panels; allowed: up to ${maxPieces}` };
  for (const section of sectionNames) {
    const loose = sections[section].findDangling(plan);
    if (loose !== null) return loose;
  }
  return null;
}

/** Each section brought up to the version known here; a newer one is refused by name. */
function withSections(plan: Json): { readonly plan: Json } | { readonly fault: PlanFault } {
  const { sections: versions } = plan;
  if (!isJson(versions)) return { plan };
  const stranger = Object.keys(versions).find((section) => !sectionNames.some((known) => known === section));
  if (stranger !== undefined)
    return { fault: { type: "newerSection", section: stranger.slice(0, 40), version: 1, known: 0 } };
  const current: Record<string, unknown> = { ...plan, sections: sectionVersions };
  for (const section of sectionNames) {
    const { version: known, upgrades: steps, isOptional: isOptional, empty } = sections[section] as Section;
    const version = versions[section];
    if (version === undefined && isOptional === true && plan[section] === undefined) {
      current[section] = empty;
      continue;
    }
    if (typeof version !== "number" || !Number.isInteger(version) || version < 1)
      return {
        fault: {
          type: "invalid",
          path: `sections.${section}`,
          problem: `${describe(version)} is not a version; allowed: a whole number from 1 to ${known}`,
          more: 0,
        },
      };
    if (version > known) return { fault: { type: "newerSection", section, version, known } };
    current[section] = steps.slice(version - 1).reduce((older, step) => step(older), plan[section]);
  }
  return { plan: current };
}

function fault(why: PlanFault): PlanReading {
  return { type: "fault", fault: why };
}

function valueAt(value: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) => (typeof at === "object" && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined),
    value,
  );
}

/** A value in a few words, safe to show: long text is cut, structures are named. */
function describe(value: unknown): string {
  if (value === undefined) return "nothing";
  if (value === null) return "null";
  if (Array.isArray(value)) return "a list";
  if (typeof value === "object") return "an object";
  if (typeof value === "string") return JSON.stringify(value.length > 40 ? `${value.slice(0, 40)}…` : value);
  return String(value);
}

/** The published JSON Schema of the plan format, generated from the schema the application itself uses. */
export function planJsonSchema(): unknown {
  return z.toJSONSchema(planSchema, { target: "draft-2020-12" });
}
