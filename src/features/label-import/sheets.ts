import { blankDevice, blankPort, type DeviceSheet, labelSchema, type PanelSheet } from "@/core/plan";
import { type InputRead, type PanelFields } from "@/core/panels/label-import";
import { sheetsTexts } from "@/messages/en/label-import/view";

/** The fields as a label holds them; what no label may hold, and what is still in doubt, is left out. */
export function labelOf(fields: PanelFields, inDoubt: readonly string[]): Partial<PanelSheet> {
  const found = Object.entries(fields).filter(([field, value]) => {
    const schema = labelSchema.shape[field as keyof typeof labelSchema.shape];
    return schema !== undefined && !inDoubt.includes(field) && schema.safeParse(value).success;
  });
  return Object.fromEntries(found);
}

/** Words that make a limit of amps one that must never be passed, not one that the input keeps by itself. */
const hardLimit = /short|isc|kurzschluss/i;

/** A device of the ports that were read; ports in doubt stay empty. */
export function deviceOf({ name, ports, doubts, from }: InputRead): DeviceSheet {
  const device = blankDevice(name === "" ? sheetsTexts.importedController : name);
  return {
    ...device,
    kind: /controller|regler|mppt|pwm/i.test(name) ? "chargeController" : "powerStation",
    ports: ports.map((port, k) => {
      const blank = blankPort(`port-${k + 1}`, ports.length === 1 ? sheetsTexts.pvInput : sheetsTexts.pvK(k + 1));
      if (doubts.some(({ field }) => field === `port ${k + 1}`)) return blank;
      const isDoubted = doubts.some(({ field }) => field === "maxV");
      return {
        ...blank,
        minV: port.minV,
        maxV: isDoubted ? null : port.maxV,
        maxW: port.maxW,
        currentLimits: port.currentLimits.slice(0, 4).map((limit) => ({
          ...limit,
          nature: hardLimit.test(from[`port ${k + 1}`] ?? "") ? ("neverExceed" as const) : ("drawsUpTo" as const),
        })),
      };
    }),
  };
}
