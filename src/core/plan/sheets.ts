import { isJson, type Json, listOf } from "./section";

/**
 * How labels of panels and sheets of inputs of any version become those of today: the one list for the plan's document, library files
 * and what is stored. A step adds what came with its version and leaves a later sheet as it is. To add a field to a sheet is to add
 * a step here: the version of the plan's section follows.
 */
export type SheetStep = (sheet: Json) => Json;

export const labelSteps: readonly SheetStep[] = [
  withMissing({ stowedLengthMm: null, stowedWidthMm: null, stowedDepthMm: null }),
  withMissing({ weightKg: null, price: null, currency: "EUR" }),
  withMissing({ cellsAlong: null, cellsAcross: null, cellCut: "unknown" }),
];
export const deviceSteps: readonly SheetStep[] = [
  withGroups,
  withMissing({ weightKg: null, price: null, currency: "EUR" }),
];
/** Of these so many were taken before the plan's sections had versions of their own. */
const beforeSections = { labels: 3, devices: 2 } as const;

/** A sheet of any version as it is today. What is no sheet is passed on for its schema to name. */
export function sheetFromAnyVersion(sheet: unknown, steps: readonly SheetStep[]): unknown {
  return isJson(sheet) ? steps.reduce((older, step) => step(older), sheet) : sheet;
}

export const labelFromAnyVersion = (label: unknown): unknown => sheetFromAnyVersion(label, labelSteps);
export const deviceFromAnyVersion = (device: unknown): unknown => sheetFromAnyVersion(device, deviceSteps);

/** The upgrades of a section that is a list of things with a sheet each: one for every step since sections have versions. */
export function sheetUpgrades(list: "labels" | "devices", field: "label" | "device", steps: readonly SheetStep[]) {
  return steps.slice(beforeSections[list]).map(
    (step) =>
      (older: unknown): unknown =>
        Array.isArray(older)
          ? older.map((each: unknown) =>
              isJson(each) && isJson(each[field]) ? { ...each, [field]: step(each[field]) } : each,
            )
          : older,
  );
}

function withMissing(fields: Json): SheetStep {
  return (sheet) => ({ ...fields, ...sheet });
}

/** Inputs of version 1 had neither groups nor modules, and their ports no way to convert. */
function withGroups(device: Json): Json {
  if ("groups" in device) return device;
  const ports = listOf(device["ports"]).map((port) => ({
    ...port,
    conversion: "mppt",
    tracker: "unknown",
    batteryMaxA: null,
    pwmDropV: null,
    moduleId: null,
  }));
  return { ...device, ports, groups: [], modules: [] };
}
