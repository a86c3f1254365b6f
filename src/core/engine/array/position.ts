import { type Mount } from "../sky";
import { type PanelRef } from "./port-array";
import { keyOf, type PanelKey } from "./walk";

/** Out: takes what light there is. Stowed: joined but covered. */
export const stances = ["out", "stowed"] as const;
export type Stance = (typeof stances)[number];

/** How one panel stands in the light. */
export type Stand = {
  readonly stance: Stance;
  /** Share of the light that reaches it: one value, or one for each substring. */
  readonly light: readonly number[];
  /** Degrees from lying flat, towards `azimuthDeg`; away from it: negative. */
  readonly tiltDeg: number;
  /** Where it is tilted to, degrees from north by east; null: towards the noon sun. */
  readonly azimuthDeg: number | null;
  /** What holds it, where that differs from how panels are fixed here; null: it does not. */
  readonly mount: Mount | null;
};

/** How the panels stand, by panel; those it says nothing of lie flat, out and in full light. */
export type Position = ReadonlyMap<PanelKey, Stand>;

/** Flat, out and in full light. */
export const lying: Stand = { stance: "out", light: [1], tiltDeg: 0, azimuthDeg: null, mount: null };
/** Every panel flat, out and in full light. */
export const allOut: Position = new Map();

export function standOf(position: Position, tile: Pick<PanelRef, "panelId" | "piece">): Stand {
  return position.get(keyOf(tile)) ?? lying;
}

/** Stowed, shaded or tilted. */
export function isChanged({ stance, light, tiltDeg }: Pick<Stand, "stance" | "light" | "tiltDeg">): boolean {
  return stance === "stowed" || tiltDeg !== 0 || light.some((share) => share < 1);
}

/** A stand's light spread over as many substrings as the panel has, whatever the number it was given for. */
export function lightOf({ light, stance }: Pick<Stand, "light" | "stance">, substrings: number): number[] {
  if (stance === "stowed") return [0];
  if (light.length === 1) return [...light];
  return Array.from({ length: substrings }, (_, k) => lightAt(light, k, substrings));
}

/** Share of light on one of so many substrings, whatever the number it was given for. */
export function lightAt(light: readonly number[], substring: number, substrings: number): number {
  return light[Math.floor((substring * light.length) / substrings)] ?? 1;
}
