import { type LogEntry } from "../measurements";
import { type LogFinding, taperSoc } from "./point";

/** Why an entry is what it is, as far as can be told. */
export type Why = "asDue" | "clipped" | "taper" | "tilt" | "dirt" | "fault" | "shadeSeason" | "sky" | "unknown";

/** What a clear sky is reckoned to. */
const alikeShare = 0.1;
/** The input takes less than this of what the array could: its limit shows. */
const clippedShare = 0.97;

type Asked = Pick<LogEntry, "cloud" | "socPct"> & {
  readonly atMs: number;
  readonly share: number;
  /** Of what the array could have given, what the input would have taken; null: not known of a whole day. */
  readonly takenShare: number | null;
  /** The tilt was not changed when it should have been. */ readonly isHeld: boolean;
};

/** The likeliest reason, by what is known for sure first: the battery, the tilt, what the whole log shows, then the sky. */
export function whyOf(asked: Asked, findings: readonly LogFinding[]): Why {
  const { share, socPct, cloud, atMs, takenShare, isHeld } = asked;
  if (isHeld) return "tilt";
  if (Math.abs(share - 1) <= alikeShare) return takenShare !== null && takenShare < clippedShare ? "clipped" : "asDue";
  if (share > 1) return cloud === "clear" ? "unknown" : "sky";
  if (socPct !== null && socPct >= taperSoc) return "taper";
  const shown = findings.find(
    ({ id, sinceMs, untilMs }) =>
      (id === "dirt" || id === "fault" || id === "shadeSeason") && sinceMs <= atMs && atMs <= (untilMs ?? Infinity),
  );
  // what a finding takes is less than what is missing under a dull word: then the word is the likelier
  if (shown !== undefined && (cloud === "clear" || 1 - share < 2 * (shown.lossPct / 100)))
    return shown.id === "taper" || shown.id === "fine" ? "unknown" : shown.id;
  return cloud === "clear" ? "unknown" : "sky";
}
