import { z } from "zod";
import { ceilingBases, conversions, limitNatures, overVoltageOutcomes, trackers } from "../../input";
import { maxOf } from "../bounds";
import { type Plan } from "../document";
import { carried, id, name, stated, defaultCurrency } from "../fields";
import { type Json, listOf, type Loose, type Parts, patchById, twiceIn } from "../section";
import { deviceSteps, sheetUpgrades } from "../sheets";
import { withoutInput } from "./need";
import { withLanes } from "./wirings";

/** The charge controllers and power stations, with their ports. */

export const inputKinds = ["chargeController", "powerStation"] as const;

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
export type PortSheet = z.infer<typeof portSchema>;

/** Ports that share a limit of watts or amps. */
export const portGroupSchema = z.strictObject({
  id,
  name,
  portIds: z.array(id).max(16),
  maxW: stated("maxW"),
  maxA: stated("amps"),
  nature: z.enum(limitNatures),
});
export type PortGroup = z.infer<typeof portGroupSchema>;

const deviceShape = z.strictObject({
  name,
  kind: z.enum(inputKinds),
  ports: z.array(portSchema).min(1).max(16),
  groups: z.array(portGroupSchema).max(8),
  modules: z.array(z.strictObject({ id, name })).max(8),
  ...carried,
});
export type DeviceSheet = z.infer<typeof deviceShape>;

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

export const upgrades = sheetUpgrades("devices", "device", deviceSteps);
export const version = 1 + upgrades.length;
export const schema = z.array(z.strictObject({ id, libraryId: id.nullable(), device: deviceSchema })).max(maxOf.inputs);
export type PlanInput = z.infer<typeof schema>[number];

export const empty: z.infer<typeof schema> = [];
export const parts: Parts = { kind: "input", by: "item" };

export const changes = {
  addInput: (
    plan: Plan,
    change: {
      readonly type: "addInput";
      readonly id: string;
      readonly libraryId: string | null;
      readonly device: DeviceSheet;
    },
  ): Plan => {
    const inputs = [...plan.inputs, { id: change.id, libraryId: change.libraryId, device: change.device }];
    const portId = change.device.ports[0]?.id ?? null;
    return withLanes({ ...plan, inputs }, (lanes) =>
      lanes.map((lane) => (lane.inputId === null ? { ...lane, inputId: change.id, portId } : lane)),
    );
  },
  setDevice: (
    plan: Plan,
    change: {
      readonly type: "setDevice";
      readonly inputId: string;
      readonly patch: Partial<Omit<DeviceSheet, "ports">>;
    },
  ): Plan => withDevice(plan, change.inputId, (device) => ({ ...device, ...change.patch })),
  setPort: (
    plan: Plan,
    change: {
      readonly type: "setPort";
      readonly inputId: string;
      readonly portId: string;
      readonly patch: Partial<Omit<PortSheet, "id">>;
    },
  ): Plan => withDevice(plan, change.inputId, (device) => withPort(device, change.portId, change.patch)),
  addPort: (
    plan: Plan,
    change: { readonly type: "addPort"; readonly inputId: string; readonly port: PortSheet },
  ): Plan => withDevice(plan, change.inputId, (device) => ({ ...device, ports: [...device.ports, change.port] })),
  removePort: (
    plan: Plan,
    change: { readonly type: "removePort"; readonly inputId: string; readonly portId: string },
  ): Plan => {
    const without = withDevice(plan, change.inputId, (device) => withoutPort(device, change.portId));
    return withLanes(without, (lanes) =>
      lanes.filter((lane) => lane.inputId !== change.inputId || lane.portId !== change.portId),
    );
  },
  removeInput: (plan: Plan, change: { readonly type: "removeInput"; readonly inputId: string }): Plan => {
    const inputs = plan.inputs.filter((input) => input.id !== change.inputId);
    const without = { ...withoutInput(plan, change.inputId), inputs };
    return withLanes(without, (lanes) => lanes.filter((lane) => lane.inputId !== change.inputId));
  },
};

function withDevice(plan: Plan, inputId: string, change: (device: DeviceSheet) => DeviceSheet): Plan {
  return { ...plan, inputs: patchById(plan.inputs, inputId, (input) => ({ ...input, device: change(input.device) })) };
}

export function withPort(device: DeviceSheet, portId: string, patch: Partial<Omit<PortSheet, "id">>): DeviceSheet {
  return { ...device, ports: patchById(device.ports, portId, (port) => ({ ...port, ...patch })) };
}

export function withoutPort(device: DeviceSheet, portId: string): DeviceSheet {
  return {
    ...device,
    ports: device.ports.filter((port) => port.id !== portId),
    groups: device.groups.map((group) => ({
      ...group,
      portIds: group.portIds.filter((candidate) => candidate !== portId),
    })),
  };
}

export function looseIn({ inputs }: Plan): Loose | null {
  return twiceIn("inputs", inputs);
}

export function fromVersion3({ inputs }: Json): unknown {
  return Array.isArray(inputs) ? listOf(inputs) : inputs;
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
    currency: defaultCurrency,
  };
}
