import { type Plan } from "../plan";
import { createRoofLight, type RoofLight } from "../roof";
import { keyOf, type TileKey } from "../wiring";
import { type SkyHour } from "../weather";
import { type Stay } from "./facing";

/** Share of the beam on each substring of a panel; null where nothing shades it, or it lies nowhere. */
export type RoofShade = (key: TileKey, hour: SkyHour, stay: Stay, poseId: string) => readonly number[] | null;

/** Shadows of what stands on the plan's surfaces, and of panels on one another, worked out once for each place of the sun. */
export function createRoofShade(plan: Plan): RoofShade {
  const laid = new Set(plan.space.places.map(keyOf));
  if (laid.size === 0) return () => null;
  const makers = new Map<string, RoofLight>();
  const known = new Map<string, ReturnType<RoofLight>>();
  return (key, hour, stay, poseId) => {
    if (!laid.has(key)) return null;
    const standing = `${poseId}/${stay.headingDeg}/${stay.latitudeDeg}`;
    const maker = makers.get(standing) ?? createRoofLight(plan, poseId, stay);
    makers.set(standing, maker);
    // every kind of day of a month has the same sun at an hour
    const at = `${standing}/${hour.dayOfYear}/${hour.atHour}`;
    const shades = known.get(at) ?? maker(hour.light.sun);
    if (known.size > 2000) known.clear();
    known.set(at, shades);
    return shades.get(key) ?? null;
  };
}

/** Whether a panel lies somewhere, and so has shadows of its own. */
export function isLaid({ space }: Pick<Plan, "space">, key: TileKey): boolean {
  return space.places.some((place) => keyOf(place) === key);
}
