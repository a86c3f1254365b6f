import { type UnitSystem } from "@/core/units";

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
