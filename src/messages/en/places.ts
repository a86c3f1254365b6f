import { capital } from "./format";
import { type Assessment, type FindingWithoutFixes } from "@/core/assessment";
import { type InPose, type Subject } from "@/core/checks";

type Assessed = Extract<Assessment, { type: "assessed" }>;

/** What a finding speaks of, by name; null for what says so in its own sentence. */
export function placeName({ lanes }: Pick<Assessed, "lanes">, subject: Subject): string | null {
  if (subject.type !== "lane") return null;
  const lane = lanes.find(({ inputId, portId }) => inputId === subject.inputId && portId === subject.portId);
  if (lane === undefined) return null;
  const devices = new Set(lanes.map(({ inputId }) => inputId));
  return devices.size > 1 ? `${lane.deviceName}: ${lane.port.name}` : lane.port.name;
}

/** "PV 2, in position “Under way”: ", where a sentence must say which of several ports or poses it means. */
export function placePrefix(
  assessed: Pick<Assessed, "lanes">,
  { subject, pose }: Pick<FindingWithoutFixes, "subject" | "pose">,
): string {
  const name = assessed.lanes.length > 1 ? placeName(assessed, subject) : null;
  const words = [name, pose === null ? null : poseWords(pose)].filter((part) => part !== null).join(", ");
  return words === "" ? "" : `${capital(words)}: `;
}

/** In which pose something holds, or on the way between which two. */
export function poseWords(pose: InPose): string {
  return pose.type === "in"
    ? `in position “${pose.name}”`
    : `while changing between the positions “${pose.names[0]}” and “${pose.names[1]}”`;
}
