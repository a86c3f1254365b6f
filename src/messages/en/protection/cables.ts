import { type CablePlace, type Laying } from "@/core/engine/cable";
import { type BranchPlace } from "@/core/protection/cabling";
import { type UnitSystem } from "@/core/engine/units";

/** Cables, their sizes and lengths as people write them. */

/** "6 mm2" as it is read: 6 mm². */
export function sizeWords(name: string): string {
  return name.replace("mm2", "mm²").replace(" ", "\u00a0");
}

/** Exact by definition. */
const mmPerFoot = 304.8;

/** How long a cable is: metres or feet, to the tenth. */
export function lengthWords(mm: number, system: UnitSystem): string {
  return system === "us" ? `${(mm / mmPerFoot).toFixed(1)}\u00a0ft` : `${(mm / 1000).toFixed(1)}\u00a0m`;
}

/** Where a branch stands: "string 2", "branch 1 of the group in string 2". */
export function branchWords({ string, strings, inGroup }: BranchPlace): string {
  if (inGroup === null) return `string ${string}`;
  const group = inGroup.groups === 1 ? "the group" : `group ${inGroup.group}`;
  return `branch ${inGroup.branch} of ${group}${strings === 1 ? "" : ` in string ${string}`}`;
}

/** Where a cable lies, and how it is laid there. */
export const placeWords: Readonly<Record<CablePlace, string>> = {
  roof: "On a roof, in the sun",
  outside: "Outside, in the shade or clear of the surface",
  vehicleRoof: "Between roof and lining",
  inside: "Inside",
  engine: "In an engine space",
  ground: "In the ground",
};
export const layingWords: Readonly<Record<Laying, string>> = {
  freeAir: "Single, free in air",
  surface: "Single, on a surface",
  touching: "+ and − together, on a surface",
  conduit: "In a conduit",
  buried: "Buried, in a duct",
};
