import { brightSkyFactor } from "../../engine/fuse";
import { type Plan } from "../../plan";
import { type PortArray } from "../../engine/array";
import { ampsOfRows } from "./amps";
import { isUsed } from "./used";
import { chainOf } from "./chains";

/** Where the strings of a port are joined: by branch connectors, or in a combiner box. */
export type Joint = "single" | "plugs" | "box";

/** Branch connectors are for a few strings: with more the stack of them is heavier than a box. */
const maxPlugRows = 3;

/** By amps and number of strings, unless it is said. `designA`: 1.25 × Isc of all strings. */
export function jointOf(
  joining: Plan["protect"]["joining"],
  rows: number,
  designA: number | null,
  connectorA: number,
): Joint {
  if (rows < 2) return "single";
  if (joining !== "auto") return joining;
  return rows > maxPlugRows || (designA !== null && designA > connectorA) ? "box" : "plugs";
}

/** The same of a lane as it is wired. */
export function jointOfLane(plan: Plan, lane: PortArray): Joint {
  const rows = lane.rows.filter(isUsed);
  const amps = ampsOfRows(plan, rows);
  const designA = amps === null ? null : brightSkyFactor * amps.iscA;
  return jointOf(plan.protect.joining, rows.length, designA, chainOf(plan, lane, designA ?? 0, 0).branchA);
}
