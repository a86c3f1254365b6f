import { z } from "zod";
import { type Plan, planFormat, planSchema, planVersion } from "./document";

/** Why a file or document was not taken, with where in it the trouble lies. */
export type PlanFault =
  | { readonly type: "notJson"; readonly detail: string }
  | { readonly type: "tooLarge"; readonly bytes: number; readonly mostBytes: number }
  | { readonly type: "foreign"; readonly found: string }
  | { readonly type: "newer"; readonly version: number; readonly known: number }
  | { readonly type: "invalid"; readonly path: string; readonly problem: string; readonly more: number };

export type PlanReading = { readonly type: "plan"; readonly plan: Plan } | { readonly type: "fault"; readonly fault: PlanFault };

/** Largest plan file read, bytes: a full plan with its notes is under a tenth of this. */
export const mostPlanBytes = 1_000_000;

/**
 * Steps from each older version of the document to the next, oldest first. A step takes and returns
 * plain JSON and knows no later version; what comes out is validated like any other document.
 */
const upgrades: readonly ((older: Record<string, unknown>) => Record<string, unknown>)[] = [];

/** Reads a plan from the text of a file. Nothing in it is trusted: size, shape, bounds, references. */
export function readPlanText(text: string): PlanReading {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > mostPlanBytes) return fault({ type: "tooLarge", bytes, mostBytes: mostPlanBytes });
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
  if (!isRecord(value)) return fault({ type: "foreign", found: describe(value) });
  if (value["format"] !== planFormat) {
    return fault({ type: "foreign", found: "format" in value ? `format ${describe(value["format"])}` : 'an object with no "format"' });
  }
  const version = value["version"];
  if (typeof version !== "number" || !Number.isInteger(version) || version < 1) {
    return fault({ type: "invalid", path: "version", problem: `${describe(version)} is not a version; allowed: a whole number from 1 to ${planVersion}`, more: 0 });
  }
  if (version > planVersion) return fault({ type: "newer", version, known: planVersion });
  const current = upgrades.slice(version - 1).reduce<Record<string, unknown>>((older, step) => step(older), value);
  const parsed = planSchema.safeParse(current);
  if (!parsed.success) return fault(faultOf(parsed.error, current));
  const loose = looseReference(parsed.data);
  return loose === null ? { type: "plan", plan: parsed.data } : fault({ type: "invalid", ...loose, more: 0 });
}

/** A validation error as one fault: the first problem, where it is, and how many more there are. */
export function faultOf(error: z.ZodError, value: unknown): Extract<PlanFault, { type: "invalid" }> {
  const first = error.issues[0];
  const path = first === undefined ? "" : first.path.map(String).join(".");
  const found = first === undefined || first.code === "unrecognized_keys" ? "" : ` (found ${describe(valueAt(value, first.path))})`;
  return { type: "invalid", path: path === "" ? "(top)" : path, problem: `${first?.message ?? "invalid"}${found}`, more: error.issues.length - 1 };
}

/** Ids that name nothing, or twice, would make a plan that reads well and computes nonsense. */
function looseReference(plan: Plan): { path: string; problem: string } | null {
  const lists: readonly [string, readonly { readonly id: string }[]][] = [
    ["panels", plan.panels],
    ["inputs", plan.inputs],
    ["wirings", plan.wirings],
    ...plan.inputs.map((input, k): [string, readonly { readonly id: string }[]] => [`inputs.${k}.device.ports`, input.device.ports]),
  ];
  for (const [path, list] of lists) {
    const twice = list.findIndex((item, k) => list.findIndex((other) => other.id === item.id) < k);
    if (twice >= 0) return { path: `${path}.${twice}.id`, problem: `"${list[twice]?.id}" is used twice` };
  }
  for (const [k, wiring] of plan.wirings.entries()) {
    const input = plan.inputs.find((candidate) => candidate.id === wiring.inputId);
    if (wiring.panelId !== null && !plan.panels.some((panel) => panel.id === wiring.panelId)) return { path: `wirings.${k}.panelId`, problem: `no panel "${wiring.panelId}" in this plan` };
    if (wiring.inputId !== null && input === undefined) return { path: `wirings.${k}.inputId`, problem: `no input "${wiring.inputId}" in this plan` };
    if (wiring.portId !== null && !input?.device.ports.some((port) => port.id === wiring.portId)) return { path: `wirings.${k}.portId`, problem: `no port "${wiring.portId}" on that input` };
  }
  return null;
}

function fault(why: PlanFault): PlanReading {
  return { type: "fault", fault: why };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function valueAt(value: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>((at, key) => (typeof at === "object" && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined), value);
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
