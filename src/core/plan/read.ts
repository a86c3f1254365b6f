import { z } from "zod";
import { depthOf, keyOf, mostDepth, mostPieces, tilesOf } from "../wiring";
import { piecesIn, type Plan, planFormat, planSchema, planVersion, type Wiring } from "./document";
import { excessOf } from "./bounds";
import { type PlanFault } from "./fault";
import { upgrades } from "./upgrades";

export type PlanReading =
  { readonly type: "plan"; readonly plan: Plan } | { readonly type: "fault"; readonly fault: PlanFault };

/** Largest plan file read, bytes: the fullest plan that is valid, indented as it is exported, is just under this. */
export const mostPlanBytes = 16_000_000;

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
  const found =
    first === undefined || first.code === "unrecognized_keys" ? "" : ` (found ${describe(valueAt(value, first.path))})`;
  return {
    type: "invalid",
    path: path === "" ? "(top)" : path,
    problem: `${first?.message ?? "invalid"}${found}`,
    more: error.issues.length - 1,
  };
}

/** Ids that name nothing, or twice, would make a plan that reads well and computes nonsense. */
function looseReference(plan: Plan): { path: string; problem: string } | null {
  const lists: readonly [string, readonly { readonly id: string }[]][] = [
    ["panels", plan.panels],
    ["inputs", plan.inputs],
    ["wirings", plan.wirings],
  ];
  for (const [path, list] of lists) {
    const twice = list.findIndex((item, k) => list.findIndex((other) => other.id === item.id) < k);
    if (twice >= 0) return { path: `${path}.${twice}.id`, problem: `"${list[twice]?.id}" is used twice` };
  }
  const pieces = piecesIn(plan);
  if (pieces > mostPieces) return { path: "panels", problem: `${pieces} panels; allowed: up to ${mostPieces}` };
  for (const [k, wiring] of plan.wirings.entries()) {
    const loose = looseInWiring(plan, wiring);
    if (loose !== null) return { path: `wirings.${k}.${loose.path}`, problem: loose.problem };
  }
  return null;
}

function looseInWiring(plan: Plan, { lanes }: Wiring): { path: string; problem: string } | null {
  for (const [k, lane] of lanes.entries()) {
    const input = plan.inputs.find((candidate) => candidate.id === lane.inputId);
    if (lane.inputId !== null && input === undefined)
      return { path: `lanes.${k}.inputId`, problem: `no input "${lane.inputId}" in this plan` };
    if (lane.portId !== null && !input?.device.ports.some((port) => port.id === lane.portId))
      return { path: `lanes.${k}.portId`, problem: `no port "${lane.portId}" on that input` };
    if (lanes.findIndex((other) => other.inputId === lane.inputId && other.portId === lane.portId) < k)
      return { path: `lanes.${k}.portId`, problem: "this port has a lane already" };
    if (depthOf(lane.rows) > mostDepth)
      return { path: `lanes.${k}.rows`, problem: `groups nested deeper than ${mostDepth}` };
  }
  const seen = new Set<string>();
  for (const tile of tilesOf(lanes)) {
    const panel = plan.panels.find((candidate) => candidate.id === tile.panelId);
    if (panel === undefined) return { path: "lanes", problem: `no panel "${tile.panelId}" in this plan` };
    if (tile.piece > panel.count)
      return {
        path: "lanes",
        problem: `piece ${tile.piece} of "${panel.label.name}", but the plan has ${panel.count}`,
      };
    if (seen.has(keyOf(tile)))
      return { path: "lanes", problem: `piece ${tile.piece} of "${panel.label.name}" is wired twice` };
    seen.add(keyOf(tile));
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
