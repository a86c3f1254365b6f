import { type PanelKey } from "../engine/array";
import { type Unit } from "../engine/units";
import { type Assumption } from "../plan-model";

/** Worst first. `open` is a question only the person can answer; nothing can be judged until then. */
export const levels = ["stop", "open", "care", "note", "good"] as const;
export type Level = (typeof levels)[number];

export type Amount = { readonly value: number; readonly unit: Unit };

/** What a finding may speak of: anything in a plan that has a name of its own. */
export type Subject =
  | { readonly type: "plan" }
  | { readonly type: "place" }
  | { readonly type: "battery"; readonly batteryId: string }
  | { readonly type: "portArray"; readonly inputId: string; readonly portId: string }
  | { readonly type: "group"; readonly inputId: string; readonly groupId: string }
  | { readonly type: "string"; readonly wiringId: string; readonly stringId: string }
  | { readonly type: "piece"; readonly panelId: string; readonly piece: number }
  | { readonly type: "run"; readonly wiringId: string; readonly runId: string }
  | { readonly type: "input"; readonly inputId: string }
  | { readonly type: "surface"; readonly surfaceId: string }
  | { readonly type: "mount"; readonly mountId: string }
  | { readonly type: "fixing"; readonly fixingId: string }
  | { readonly type: "reading"; readonly readingId: string };

/** So many fuses of a size, A. */
export type FuseCount = { readonly amps: number; readonly count: number };

/** What one rule says of one thing; what that is and what would fix it are added around it. */
export type RuleOutcome<R> = {
  readonly level: Level;
  readonly value: Amount | null;
  readonly limit: Amount | null;
  /** Room left, % of the limit; negative when it is passed. */
  readonly marginPct: number | null;
  readonly assumptions: readonly Assumption[];
  /** Facts only, turned into words by the interface. */
  readonly reason: R;
  /** The panels it speaks of; empty means all of its subject. */
  readonly tiles: readonly PanelKey[];
};

/** In which position a finding holds, by its name; on the way between two, by both. */
export type InPosition =
  | { readonly type: "in"; readonly name: string }
  | { readonly type: "between"; readonly names: readonly [string, string] };

/** A floor lower than this is none, V: room above it says nothing. */
export const minFloorV = 0.01;

export function worstLevel(found: readonly { readonly level: Level }[]): Level {
  return levels.find((level) => found.some((finding) => finding.level === level)) ?? "good";
}

/** A rule passes when it is good or has only a remark. */
export function passes(level: Level): boolean {
  return level === "good" || level === "note";
}
