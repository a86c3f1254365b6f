import { placeIn, type ProvedPortArray } from "./port-array";
import { type Place, type Reading } from "./reading";
import { keyOfPlace } from "../measurements";
import { type WalkStep, drift } from "./walk";

/** The readings as the engine takes them, scaled to the light of the moment. */
export function asReadings(portArray: ProvedPortArray, steps: readonly WalkStep[]): readonly Reading[] {
  const byPlace = new Map<string, Reading>();
  for (const { read } of steps) {
    const at = read === null ? null : placeIn(portArray, read.place);
    if (read === null || at === null) continue;
    const before = byPlace.get(keyOfPlace(read.place)) ?? blank(at);
    const value = read.quantity === "shortA" ? read.value * drift(portArray, read) : read.value;
    byPlace.set(keyOfPlace(read.place), { ...before, [read.quantity]: value });
  }
  return [...byPlace.values()];
}

function blank(at: Place): Reading {
  return { at, openV: null, shortA: null, runV: null, runA: null, displayW: null, batterySoc: null };
}
