import { capital } from "./format";
import { type Assessment, type FindingWithoutFixes } from "@/core/assessment";
import { type InPosition, type Subject } from "@/core/checks";

type Assessed = Extract<Assessment, { type: "assessed" }>;

/** What a finding speaks of, by name; null for what says so in its own sentence. */
export function placeName({ portArrays }: Pick<Assessed, "portArrays">, subject: Subject): string | null {
  if (subject.type !== "portArray") return null;
  const portArray = portArrays.find(({ inputId, portId }) => inputId === subject.inputId && portId === subject.portId);
  if (portArray === undefined) return null;
  const devices = new Set(portArrays.map(({ inputId }) => inputId));
  return devices.size > 1 ? `${portArray.deviceName}: ${portArray.port.name}` : portArray.port.name;
}

/** "PV 2, in position “Under way”: ", where a sentence must say which of several ports or positions it means. */
export function placePrefix(
  assessed: Pick<Assessed, "portArrays">,
  { subject, position }: Pick<FindingWithoutFixes, "subject" | "position">,
): string {
  const name = assessed.portArrays.length > 1 ? placeName(assessed, subject) : null;
  const words = [name, position === null ? null : positionWords(position)].filter((part) => part !== null).join(", ");
  return words === "" ? "" : `${capital(words)}: `;
}

/** In which position something holds, or on the way between which two. */
export function positionWords(position: InPosition): string {
  return position.type === "in"
    ? `in position “${position.name}”`
    : `while changing between the positions “${position.names[0]}” and “${position.names[1]}”`;
}
