import { carried, id, name, numberOf, stated } from "../fields";
import { z } from "zod";
import {
  ceilingBases,
  conversions,
  limitNatures,
  overVoltageOutcomes,
  tierNatures,
  trackers,
} from "../../engine/pv-input";
import { maxOf } from "../bounds";
import { type PortFieldName, portFieldNames, portFields } from "../port-fields";

/** The charge controllers and power stations, with their ports. */

export const inputKinds = ["chargeController", "powerStation"] as const;

const tierSchema = z.strictObject({
  fromV: stated("fromV"),
  toV: stated("toV"),
  amps: stated("amps"),
  nature: z.enum(tierNatures),
});

const portNumbers = Object.fromEntries(
  portFieldNames.map((each) => [each, numberOf(portFields[each]).nullable()]),
) as Record<PortFieldName, z.ZodNullable<z.ZodNumber>>;

export const portSchema = z.strictObject({
  id,
  name,
  ...portNumbers,
  ceilingBasis: z.enum(ceilingBases),
  overVoltage: z.enum(overVoltageOutcomes),
  currentLimits: z.array(tierSchema).max(4),
  maxWNature: z.enum(limitNatures),
  conversion: z.enum(conversions),
  tracker: z.enum(trackers),
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

export const schema = z.array(z.strictObject({ id, libraryId: id.nullable(), device: deviceSchema })).max(maxOf.inputs);

export type PlanInput = z.infer<typeof schema>[number];
