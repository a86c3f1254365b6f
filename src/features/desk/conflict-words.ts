import { type PartDifference, type PlanFault, type Side, stops } from "@/core/plan";
import { trueMinus, stopNames } from "@/words";

export const changedByWords: Readonly<Record<PartDifference["changedBy"], string>> = {
  mine: "changed here only",
  theirs: "changed there only",
  both: "changed on both sides",
  unknown: "not known who changed it",
};

/** What a part is, with its own name where it has one. */
export function partTitle({ kind, id, mine, theirs }: PartDifference): string {
  switch (kind) {
    case "name":
      return "Name of the plan";
    case "site":
      return `Site: ${placeWords(id)}`;
    case "panel":
      return `Panel: ${nameIn(mine, "label") ?? nameIn(theirs, "label") ?? id}`;
    case "input":
      return `Input: ${nameIn(mine, "device") ?? nameIn(theirs, "device") ?? id}`;
    case "wiring":
      return `Wiring: ${nameIn(mine) ?? nameIn(theirs) ?? id}`;
    case "note":
      return `Notes at ${stopNames[stops.find((stop) => stop === id) ?? "need"]}`;
  }
}

/** What a side says of a part where the two differ, one line a place; lists of rows are counted rather than spelt out. */
export function differenceWords({ kind, mine, theirs, paths }: PartDifference, side: Side): string[] {
  const value = side === "mine" ? mine : theirs;
  if (kind === "site") return [value === null ? "not stated" : shown(value)];
  if (value === null) return ["not in this version"];
  if (paths.length === 0) return ["only in this version"];
  const lines = new Set(
    paths.map((path) => {
      if (path === "(all)") return shown(value);
      if (kind === "wiring" && path.startsWith("lanes")) return lanesWords(value);
      return `${placeWords(path)}: ${shown(valueAt(value, path))}`;
    }),
  );
  const [...all] = lines;
  return all.length > mostLines ? [...all.slice(0, mostLines), `and ${all.length - mostLines} more`] : all;
}

const mostLines = 6;
const mostText = 80;

export function mergeFaultWords(fault: PlanFault): string {
  const why = fault.type === "invalid" ? fault.problem : "they do not make a plan that can be read";
  return `These choices do not fit together: ${why}. Take parts that need each other from the same side.`;
}

const fieldNames: Readonly<Record<string, string>> = {
  vocV: "Voc, V",
  iscA: "Isc, A",
  vmpV: "Vmp, V",
  impA: "Imp, A",
  pmaxW: "Pmax, W",
  count: "how many",
  recordLowC: "record low, °C",
  recordHighC: "record high, °C",
  latitudeDeg: "latitude",
  maxV: "highest volts",
  minV: "lowest volts",
  maxW: "watt limit",
  note: "note",
  name: "name",
  weightKg: "weight, kg",
  price: "price",
  lengthMm: "length, mm",
  widthMm: "width, mm",
};

/** "label.vocV" as "Voc, V"; a field without words of its own by its name. */
function placeWords(path: string): string {
  const field = path.split(".").findLast((part) => !/^\d+$/.test(part)) ?? path;
  return fieldNames[field] ?? field.replace(/([a-z])([A-Z0-9])/g, "$1 $2").toLowerCase();
}

/** How many panels each lane of a wiring has, row by row, and how many of them are not simply out in the light. */
function lanesWords(wiring: unknown): string {
  const lanes = valueAt(wiring, "lanes");
  if (!Array.isArray(lanes) || lanes.length === 0) return "wired: nothing";
  const words = lanes.map((lane, k) => {
    const rows = valueAt(lane, "rows");
    const panels = Array.isArray(rows) ? rows.map((row) => count(row, /"type":"panel"/g)).join(" + ") : "0";
    const states = [
      [/"stance":"stowed"/g, "stowed"],
      [/"stance":"off"/g, "taken out"],
      [/"tiltDeg":-?[1-9]/g, "tilted"],
      [/"light":\[(?!1\])/g, "shaded"],
    ] as const;
    const turned = states
      .map(([pattern, word]) => [count(lane, pattern), word] as const)
      .filter(([found]) => found > 0)
      .map(([found, word]) => `, ${found} ${word}`);
    return `lane ${k + 1}: ${panels} panels${turned.join("")}`;
  });
  return `wired: ${words.join("; ")}`;
}

function count(value: unknown, pattern: RegExp): number {
  return (JSON.stringify(value).match(pattern) ?? []).length;
}

function shown(value: unknown): string {
  if (value === null || value === undefined || value === "") return "nothing";
  if (typeof value === "number") return trueMinus(String(value));
  const text = typeof value === "string" ? value : JSON.stringify(value);
  return text.length > mostText ? `${text.slice(0, mostText)}…` : text;
}

function nameIn(value: unknown, inside?: string): string | null {
  const name = valueAt(value, inside === undefined ? "name" : `${inside}.name`);
  return typeof name === "string" ? name : null;
}

function valueAt(value: unknown, path: string): unknown {
  return path
    .split(".")
    .reduce<unknown>(
      (at, key) => (typeof at === "object" && at !== null ? (at as Record<string, unknown>)[key] : undefined),
      value,
    );
}
