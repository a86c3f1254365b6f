import {
  fieldNames,
  panelFields,
  type PartDifference,
  type PlanFault,
  portFieldNames,
  portFields,
  type Side,
  planSteps,
} from "@/core/plan";
import { panelFieldWords, portFieldWords, trueMinus, stepNames } from "..";

export const changedByWords: Readonly<Record<PartDifference["changedBy"], string>> = {
  mine: "changed in this tab only",
  theirs: "changed in the saved version only",
  both: "changed in both",
  unknown: "changed; unknown where",
};

/** What a part is, with its own name where it has one. */
export function partTitle({ kind, id, mine, theirs }: PartDifference): string {
  switch (kind) {
    case "name":
      return "Name of the plan";
    case "site":
      return `Location: ${placeWords(id)}`;
    case "panel":
      return `Panel: ${nameIn(mine, "label") ?? nameIn(theirs, "label") ?? id}`;
    case "input":
      return `Controller: ${nameIn(mine, "device") ?? nameIn(theirs, "device") ?? id}`;
    case "wiring":
      return `Wiring: ${nameIn(mine) ?? nameIn(theirs) ?? id}`;
    case "position":
      return `Position: ${nameIn(mine) ?? nameIn(theirs) ?? id}`;
    case "mount":
      return `Tilt group: ${nameIn(mine) ?? nameIn(theirs) ?? id}`;
    case "need":
      return `Need: ${placeWords(id)}`;
    case "space":
      return `Layout: ${placeWords(id)}`;
    case "standard":
      return `Standard: ${placeWords(id)}`;
    case "fixing":
      return `Mounting: ${placeWords(id)}`;
    case "protect":
      return `Protection: ${placeWords(id)}`;
    case "shopping":
      return `Shopping: ${placeWords(id)}`;
    case "note":
      return `Notes at ${stepNames[planSteps.find((step) => step === id) ?? "need"]}`;
  }
}

/** What a side says of a part where the two differ, one line a place; lists of strings are counted rather than spelt out. */
export function differenceWords({ kind, mine, theirs, paths }: PartDifference, side: Side): string[] {
  const value = side === "mine" ? mine : theirs;
  if (kind === "site" || kind === "standard" || kind === "shopping")
    return [value === null ? "not stated" : shown(value)];
  if (value === null) return ["not in this version"];
  if (paths.length === 0) return ["only in this version"];
  const lines = new Set(
    paths.map((path) => {
      if (path === "(all)") return shown(value);
      if (kind === "wiring" && path.startsWith("portArrays")) return portArraysWords(value);
      if (
        kind === "wiring" &&
        (path.startsWith("stringsGiven") || path.startsWith("runs") || path.startsWith("guards"))
      )
        return portArraysWords(value);
      if (kind === "position" && path.startsWith("stands")) return standsWords(value);
      if (kind === "panel" && (path.startsWith("pieces") || path === "given")) return piecesWords(value);
      return `${placeWords(path)}: ${shown(valueAt(value, path))}`;
    }),
  );
  const [...all] = lines;
  return all.length > maxLines ? [...all.slice(0, maxLines), `and ${all.length - maxLines} more`] : all;
}

const maxLines = 6;
const maxText = 80;

export function mergeFaultWords(fault: PlanFault): string {
  const why = fault.type === "invalid" ? fault.problem : "together they are not a valid plan";
  return `These choices do not fit together: ${why}. Choose parts that depend on each other from the same version.`;
}

/** A number of a label as forms call it, with its unit. */
const ofLabels = Object.fromEntries(
  fieldNames(panelFields).map((name) => [
    name,
    [panelFieldWords[name].name, panelFields[name].unit].filter((word) => word !== "").join(", "),
  ]),
);

const ofPorts = Object.fromEntries(
  portFieldNames.map((name) => [name, `${portFieldWords[name].name}, ${portFields[name].unit}`]),
);

const otherNames: Readonly<Record<string, string>> = {
  positionIds: "positions it is used in",
  recordLowC: "record low, °C",
  recordHighC: "record high, °C",
  latitudeDeg: "latitude",
  note: "note",
  name: "name",
};

/** "label.vocV" as "Voc, V"; a field without words of its own by its name. */
function placeWords(path: string): string {
  const field = path.split(".").findLast((part) => !/^\d+$/.test(part)) ?? path;
  return (
    otherNames[field] ?? ofLabels[field] ?? ofPorts[field] ?? field.replace(/([a-z])([A-Z0-9])/g, "$1 $2").toLowerCase()
  );
}

/** How many panels of a kind there are. */
function piecesWords(panel: unknown): string {
  const pieces = valueAt(panel, "pieces");
  const told = Array.isArray(pieces) ? pieces.filter((piece) => count(piece, /"own":\[(?!\])/g) > 0).length : 0;
  const own = told > 0 ? `, ${told} with a label of its own` : "";
  return `how many: ${Array.isArray(pieces) ? pieces.length : 0}${own}`;
}

/** How many panels a position has that are not simply out in the light. */
function standsWords(position: unknown): string {
  const stands = valueAt(position, "stands");
  const words = turnedWords(stands);
  return words.length === 0 ? "every panel in use, flat and in full sun" : words.join(", ");
}

function turnedWords(value: unknown): string[] {
  const states = [
    [/"stance":"stowed"/g, "stowed"],
    [/"tiltDeg":-?[1-9]/g, "tilted"],
    [/"light":\[(?!1\])/g, "shaded"],
  ] as const;
  return states.flatMap(([pattern, word]) => {
    const found = count(value, pattern);
    return found > 0 ? [`${found} ${word}`] : [];
  });
}

/** How many panels each port array of a wiring has, string by string, and how many of them are taken out. */
function portArraysWords(wiring: unknown): string {
  const portArrays = valueAt(wiring, "portArrays");
  if (!Array.isArray(portArrays) || portArrays.length === 0) return "wired: nothing";
  const words = portArrays.map((portArray, k) => {
    const strings = valueAt(portArray, "strings");
    const panels = Array.isArray(strings) ? strings.map((string) => count(string, /"type":"panel"/g)).join(" + ") : "0";
    const out = count(portArray, /"bypassed":true/g);
    return `PV input ${k + 1}: panels ${panels}${out > 0 ? `, ${out} bypassed` : ""}`;
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
  return text.length > maxText ? `${text.slice(0, maxText)}…` : text;
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
