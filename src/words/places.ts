import { type Assessment, type Where } from "@/core/rules";

type Assessed = Extract<Assessment, { type: "assessed" }>;

/** What a finding speaks of, by name; null for a group, which says so in its own sentence. */
export function placeName({ lanes }: Pick<Assessed, "lanes">, where: Where): string | null {
  if (where.type === "group") return null;
  const lane = lanes.find(({ inputId, portId }) => inputId === where.inputId && portId === where.portId);
  if (lane === undefined) return null;
  const devices = new Set(lanes.map(({ inputId }) => inputId));
  return devices.size > 1 ? `${lane.deviceName}: ${lane.port.name}` : lane.port.name;
}

/** "Port 2: ", where a sentence must say which of several ports it means. */
export function portPrefix(assessed: Pick<Assessed, "lanes">, where: Where): string {
  const name = assessed.lanes.length > 1 ? placeName(assessed, where) : null;
  return name === null ? "" : `${name}: `;
}
