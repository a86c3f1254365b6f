import { type Joint } from "./joint";
import { type RunPart } from "./resolve-run";

/** What PV connectors take: most of them up to 6 mm², some 10 (EN 62852); 14 AWG, 2.08 mm², is the thinnest. */
export const connectorMm2 = { least: 2, most: 10 } as const;
const rounding = 0.05;

/** Whether a PV connector is made for a cable, by the area of its copper. */
export function fitsConnector(areaMm2: number): boolean {
  return areaMm2 >= connectorMm2.least && areaMm2 <= connectorMm2.most + rounding;
}

/** Whether a cable ends in a PV connector: that of a string, and that of all where no box joins them. */
export function endsInConnector({ part }: { readonly part: RunPart }, joint: Joint): boolean {
  return part === "string" || (part === "trunk" && joint !== "box");
}
