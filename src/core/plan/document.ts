import { z } from "zod";
import { ceilingBases, conversions, limitNatures, overVoltageOutcomes, trackers } from "../input";
import { cellTypes } from "../panel";
import { mounts } from "../sky";
import { type FieldName, fieldSpecs } from "../units";
import { mostOf } from "./bounds";
import { laneSchema } from "./lane-schema";

/** The plan document: what is saved, exported and undone. Everything derived is computed from it. */
export const planFormat = "golden-array-plan";
export const planVersion = 3;

export const panelKinds = ["rigid", "flexible", "thinFilm", "folding", "blanket"] as const;
export const inputKinds = ["chargeController", "powerStation"] as const;
export const stops = ["need", "space", "panels", "input", "wire", "protect", "mount", "prove", "log"] as const;
export type Stop = (typeof stops)[number];

function field(name: FieldName) {
  const spec = fieldSpecs[name];
  const number = z.number().min(spec.least).max(spec.most);
  return spec.whole ? number.int() : number;
}
/** A measured point may be at short circuit or at open circuit: 0 V or 0 A. */
const nonNegative = (name: FieldName) => z.number().min(0).max(fieldSpecs[name].most);
const stated = (name: FieldName) => field(name).nullable();
const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id is 1 to 64 letters, digits, - or _");
/** A name stands in one line: what is no character of writing becomes a space. */
const name = z
  .string()
  .overwrite((typed) => typed.replace(/\p{Cc}+/gu, " "))
  .trim()
  .min(1)
  .max(80);
const notesOf = z.string().max(5000);
/** What a thing costs and weighs, as its seller says; the currency is named with the price, by its ISO 4217 code. */
const carried = {
  weightKg: stated("weightKg"),
  price: stated("price"),
  currency: z.string().regex(/^[A-Z]{3}$/, "a currency is its three-letter code, such as EUR"),
};

export const labelSchema = z.strictObject({
  name,
  kind: z.enum(panelKinds),
  cellType: z.enum(cellTypes),
  pmaxW: stated("pmaxW"),
  vocV: stated("vocV"),
  iscA: stated("iscA"),
  vmpV: stated("vmpV"),
  impA: stated("impA"),
  tempCoVocPctPerC: stated("tempCoVocPctPerC"),
  tempCoIscPctPerC: stated("tempCoIscPctPerC"),
  tempCoPmaxPctPerC: stated("tempCoPmaxPctPerC"),
  cellsInSeries: stated("cellsInSeries"),
  bypassDiodes: stated("bypassDiodes"),
  maxSeriesFuseA: stated("maxSeriesFuseA"),
  maxSystemV: stated("maxSystemV"),
  lengthMm: stated("lengthMm"),
  widthMm: stated("widthMm"),
  stowedLengthMm: stated("stowedLengthMm"),
  stowedWidthMm: stated("stowedWidthMm"),
  stowedDepthMm: stated("stowedDepthMm"),
  ...carried,
});

const tierSchema = z.strictObject({
  fromV: stated("fromV"),
  toV: stated("toV"),
  amps: stated("amps"),
  nature: z.enum(limitNatures),
});

export const portSchema = z.strictObject({
  id,
  name,
  minV: stated("minV"),
  maxV: stated("maxV"),
  ceilingBasis: z.enum(ceilingBases),
  overVoltage: z.enum(overVoltageOutcomes),
  wakeV: stated("wakeV"),
  batteryV: stated("batteryV"),
  wakeMarginV: stated("wakeMarginV"),
  stayMarginV: stated("stayMarginV"),
  currentLimits: z.array(tierSchema).max(4),
  maxW: stated("maxW"),
  maxWNature: z.enum(limitNatures),
  conversion: z.enum(conversions),
  tracker: z.enum(trackers),
  batteryMaxA: stated("batteryMaxA"),
  pwmDropV: stated("pwmDropV"),
  /** The add-on module that brings this port, or null for a port the device has by itself. */
  moduleId: id.nullable(),
});

/** Ports that share a limit of watts or amps. */
export const portGroupSchema = z.strictObject({
  id,
  name,
  portIds: z.array(id).max(16),
  maxW: stated("maxW"),
  maxA: stated("amps"),
  nature: z.enum(limitNatures),
});

const deviceShape = z.strictObject({
  name,
  kind: z.enum(inputKinds),
  ports: z.array(portSchema).min(1).max(16),
  groups: z.array(portGroupSchema).max(8),
  modules: z.array(z.strictObject({ id, name })).max(8),
  ...carried,
});

const wiringSchema = z.strictObject({
  id,
  name,
  note: notesOf,
  lanes: z.array(laneSchema).max(64),
});

/** A device; its groups and ports name only what it has. */
export const deviceSchema = deviceShape.superRefine((device, context) => {
  const twice = device.ports.findIndex((port, k) => device.ports.findIndex((other) => other.id === port.id) < k);
  if (twice >= 0)
    context.addIssue({
      code: "custom",
      path: ["ports", twice, "id"],
      message: `"${device.ports[twice]?.id}" is used twice`,
    });
  for (const [k, { portIds }] of device.groups.entries()) {
    const loose = portIds.find((portId) => !device.ports.some(({ id: known }) => known === portId));
    if (loose !== undefined)
      context.addIssue({ code: "custom", path: ["groups", k, "portIds"], message: `no port "${loose}" on that input` });
  }
  const port = device.ports.findIndex(
    ({ moduleId }) => moduleId !== null && !device.modules.some(({ id: known }) => known === moduleId),
  );
  if (port >= 0)
    context.addIssue({
      code: "custom",
      path: ["ports", port, "moduleId"],
      message: `no module "${device.ports[port]?.moduleId}" on that input`,
    });
});

/** Points of a panel's curve as measured, and the sky they were measured under. */
export const measuredSchema = z.strictObject({
  irradianceWm2: field("irradianceWm2"),
  cellTempC: field("cellTempC"),
  points: z.array(z.strictObject({ v: nonNegative("vocV"), i: nonNegative("iscA") })).max(500),
});

export const planSchema = z.strictObject({
  format: z.literal(planFormat),
  version: z.literal(planVersion),
  name,
  site: z.strictObject({
    recordLowC: stated("recordLowC"),
    recordHighC: stated("recordHighC"),
    latitudeDeg: stated("latitudeDeg"),
    mount: z.enum(mounts).nullable(),
  }),
  panels: z
    .array(
      z.strictObject({
        id,
        libraryId: id.nullable(),
        label: labelSchema,
        count: field("count"),
        measured: measuredSchema.nullable(),
      }),
    )
    .max(mostOf.panels),
  inputs: z.array(z.strictObject({ id, libraryId: id.nullable(), device: deviceSchema })).max(mostOf.inputs),
  wirings: z.array(wiringSchema).min(1).max(mostOf.wirings),
  notes: z.strictObject({
    need: notesOf,
    space: notesOf,
    panels: notesOf,
    input: notesOf,
    wire: notesOf,
    protect: notesOf,
    mount: notesOf,
    prove: notesOf,
    log: notesOf,
  }),
});

export type Plan = z.infer<typeof planSchema>;

/** All panels a plan has, wired or not. */
export function piecesIn({ panels }: Pick<Plan, "panels">): number {
  return panels.reduce((sum, { count }) => sum + count, 0);
}
export type PanelSheet = z.infer<typeof labelSchema>;
export type PortSheet = z.infer<typeof portSchema>;
export type DeviceSheet = z.infer<typeof deviceShape>;
export type PortGroup = z.infer<typeof portGroupSchema>;
export type Wiring = z.infer<typeof wiringSchema>;
export type PlanPanel = Plan["panels"][number];
export type PlanInput = Plan["inputs"][number];

export const emptyNotes: Plan["notes"] = {
  need: "",
  space: "",
  panels: "",
  input: "",
  wire: "",
  protect: "",
  mount: "",
  prove: "",
  log: "",
};

/** A new plan: a name and open questions. */
export function emptyPlan(planName: string): Plan {
  return {
    format: planFormat,
    version: planVersion,
    name: planName,
    site: { recordLowC: null, recordHighC: null, latitudeDeg: null, mount: null },
    panels: [],
    inputs: [],
    wirings: [{ id: "wiring-1", name: "First wiring", note: "", lanes: [] }],
    notes: emptyNotes,
  };
}

const usualCurrency = "EUR";
/** The code ISO 4217 keeps for tests: a price that no seller asks. */
export const madeUpCurrency = "XTS";

/** A label with nothing on it yet. */
export function blankLabel(labelName: string): PanelSheet {
  return {
    name: labelName,
    kind: "rigid",
    cellType: "mono",
    pmaxW: null,
    vocV: null,
    iscA: null,
    vmpV: null,
    impA: null,
    tempCoVocPctPerC: null,
    tempCoIscPctPerC: null,
    tempCoPmaxPctPerC: null,
    cellsInSeries: null,
    bypassDiodes: null,
    maxSeriesFuseA: null,
    maxSystemV: null,
    lengthMm: null,
    widthMm: null,
    stowedLengthMm: null,
    stowedWidthMm: null,
    stowedDepthMm: null,
    weightKg: null,
    price: null,
    currency: usualCurrency,
  };
}

/** A port with nothing known about it yet. */
export function blankPort(portId: string, portName: string): PortSheet {
  return {
    id: portId,
    name: portName,
    minV: null,
    maxV: null,
    ceilingBasis: "unknown",
    overVoltage: "unknown",
    wakeV: null,
    batteryV: null,
    wakeMarginV: null,
    stayMarginV: null,
    currentLimits: [],
    maxW: null,
    maxWNature: "drawsUpTo",
    conversion: "mppt",
    tracker: "unknown",
    batteryMaxA: null,
    pwmDropV: null,
    moduleId: null,
  };
}

export function blankDevice(deviceName: string): DeviceSheet {
  return {
    name: deviceName,
    kind: "powerStation",
    ports: [blankPort("port-1", "Solar input")],
    groups: [],
    modules: [],
    weightKg: null,
    price: null,
    currency: usualCurrency,
  };
}
