import { z } from "zod";
import { type DeviceRead, maxText, type PanelRead, readText } from "@/core/panels/label-import";
import { type PhotoReading } from "@/core/panels/label-import/photo";
import { type CaseAnswering, malformed } from "./reading";

const labelCase = z.union([
  z.strictObject({ type: z.literal("label"), text: z.string().max(maxText) }),
  z.strictObject({ type: z.literal("label"), image: z.string().min(1).max(200) }),
]);

/** A label or a data sheet from text; a picture is to be read first, and answered by `answerPicture`. */
export function answerLabel(value: unknown): CaseAnswering {
  const parsed = labelCase.safeParse(value);
  if (!parsed.success) return malformed(parsed.error);
  if ("image" in parsed.data) return { type: "picture", file: parsed.data.image };
  const { panels, devices, unread } = readText(parsed.data.text);
  return { type: "answer", answer: { panels: panels.map(told), inputs: devices.map(toldDevice), unread } };
}

/** The answer to a case with a picture, once it is read. */
export function answerPicture({ panels, devices, unread }: PhotoReading): CaseAnswering {
  return { type: "answer", answer: { panels: panels.map(told), inputs: devices.map(toldDevice), unread } };
}

function told({ fields, from, doubts, offers }: PanelRead) {
  return { fields, from, doubts, offers };
}

const portNumbers = [
  "minV",
  "maxV",
  "mpptToV",
  "startV",
  "startOverBatteryV",
  "stayOverBatteryV",
  "maxW",
  "batteryMaxA",
] as const;

function toldDevice({ name, ports, groups, from, doubts }: DeviceRead) {
  return {
    name,
    ports: ports.map(({ currentLimits, wattsByBattery, ...port }) => ({
      ...stated(Object.fromEntries(portNumbers.map((field) => [field, port[field]]))),
      currentLimits: currentLimits.map(({ nature, ...limit }) =>
        stated({ ...limit, nature: nature === "neverExceed" ? nature : null }),
      ),
      ...(wattsByBattery.length > 0 && { wattsByBattery }),
    })),
    ...(groups.length > 0 && { groups: groups.map(stated) }),
    from,
    doubts,
  };
}

/** What is said, without what is not. */
function stated(record: object): Record<string, unknown> {
  return Object.fromEntries(Object.entries(record).filter(([, value]) => value !== null));
}
