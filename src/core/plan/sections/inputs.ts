import { type z } from "zod";
import { type Plan } from "../plan";
import { type PortFieldName, portFieldNames } from "../port-fields";
import { defaultCurrency } from "../fields";
import { type Json, listOf, type DanglingReference, type Parts, patchById, duplicateId } from "../section";
import { deviceSteps, sheetUpgrades } from "../sheets";
import { withPortArrays } from "./wirings";
import { type schema, type PortSheet, type DeviceSheet } from "../schemas/inputs";
import { withoutInput } from "./need";

export { schema } from "../schemas/inputs";

export const upgrades = sheetUpgrades("devices", "device", deviceSteps);
export const version = 1 + upgrades.length;

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
    return withPortArrays({ ...plan, inputs }, (portArrays) =>
      portArrays.map((portArray) =>
        portArray.inputId === null ? { ...portArray, inputId: change.id, portId } : portArray,
      ),
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
    return withPortArrays(without, (portArrays) =>
      portArrays.filter((portArray) => portArray.inputId !== change.inputId || portArray.portId !== change.portId),
    );
  },
  removeInput: (plan: Plan, change: { readonly type: "removeInput"; readonly inputId: string }): Plan => {
    const inputs = plan.inputs.filter((input) => input.id !== change.inputId);
    const without = { ...withoutInput(plan, change.inputId), inputs };
    return withPortArrays(without, (portArrays) =>
      portArrays.filter((portArray) => portArray.inputId !== change.inputId),
    );
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

export function findDangling({ inputs }: Plan): DanglingReference | null {
  return duplicateId("inputs", inputs);
}

export function fromVersion3({ inputs }: Json): unknown {
  return Array.isArray(inputs) ? listOf(inputs) : inputs;
}

/** A port with nothing known about it yet. */
export function blankPort(portId: string, portName: string): PortSheet {
  const numbers = Object.fromEntries(portFieldNames.map((each) => [each, null])) as Record<PortFieldName, null>;
  return {
    id: portId,
    name: portName,
    ...numbers,
    ceilingBasis: "unknown",
    overVoltage: "unknown",
    currentLimits: [],
    maxWNature: "drawsUpTo",
    conversion: "mppt",
    tracker: "unknown",
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
