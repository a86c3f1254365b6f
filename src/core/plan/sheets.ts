import { fieldNames, type PanelFieldCatalogue, panelFields } from "./panel-fields";
import { isJson, type Json, listOf } from "./section";

/**
 * How labels of panels and sheets of inputs of any version become those of today: the one list for the plan's document, library files
 * and what is stored. A step adds what came with its version and leaves a later sheet as it is. The steps of a label follow from the
 * strings of `panelFields`; a field of an input adds a step here. The version of the plan's section follows from their number.
 */
export type SheetStep = (sheet: Json) => Json;

/** What else came with a step, besides numbers that are null. */
const alsoSince: Readonly<Record<number, Json>> = { 2: { currency: "EUR" }, 3: { cellCut: "unknown" } };

/** The steps of labels whose numbers are those of a catalogue: each adds the strings that came with it. */
export function labelStepsOf(catalogue: PanelFieldCatalogue): readonly SheetStep[] {
  const last = Math.max(...Object.values(catalogue).map(({ since }) => since));
  return Array.from({ length: last }, (_, k) => {
    const added = fieldNames(catalogue, ({ since }) => since === k + 1).map((name) => [name, null]);
    return withMissing({ ...Object.fromEntries(added), ...alsoSince[k + 1] });
  });
}

export const labelSteps = labelStepsOf(panelFields);
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
