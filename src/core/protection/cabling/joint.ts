import { brightSkyFactor } from "../../engine/fuse";
import { type Plan } from "../../plan";
import { type PortArray } from "../../engine/array";
import { ampsOfStrings } from "./amps";
import { isUsed } from "./used";
import { chainOf } from "./chains";

/** Where the strings of a port are joined: by branch connectors, or in a combiner box. */
export type Joint = "single" | "plugs" | "box";

/** Branch connectors are for a few strings: with more the stack of them is heavier than a box. */
const maxPlugStrings = 3;

/** By amps and number of strings, unless it is said. `designA`: 1.25 × Isc of all strings. */
export function jointOf(
  joining: Plan["protect"]["joining"],
  strings: number,
  designA: number | null,
  connectorA: number,
): Joint {
  if (strings < 2) return "single";
  if (joining !== "auto") return joining;
  return strings > maxPlugStrings || (designA !== null && designA > connectorA) ? "box" : "plugs";
}

/** The same of a port array as it is wired. */
export function jointOfPortArray(plan: Plan, portArray: PortArray): Joint {
  const strings = portArray.strings.filter(isUsed);
  const amps = ampsOfStrings(plan, strings);
  const designA = amps === null ? null : brightSkyFactor * amps.iscA;
  return jointOf(plan.protect.joining, strings.length, designA, chainOf(plan, portArray, designA ?? 0, 0).branchA);
}
