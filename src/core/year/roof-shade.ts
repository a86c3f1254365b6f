import { type Plan, poseIn } from "../plan";
import { createShadows, heldBeam, obstaclesOn, panelsOn } from "../roof";
import { keyOf, partsOfKey, type TileKey } from "../wiring";
import { type SkyHour } from "../weather";
import { type Stay } from "./facing";

/** Share of the beam on each substring of a panel; null where nothing shades it, or it lies nowhere. */
export type RoofShade = (key: TileKey, hour: SkyHour, stay: Stay, poseId: string) => readonly number[] | null;

/** Shadows of what stands on the plan's surfaces, and of panels on one another, worked out once for each place of the sun. */
export function createRoofShade(plan: Plan): RoofShade {
  const laid = new Set(plan.space.places.map(keyOf));
  if (laid.size === 0) return () => null;
  const halfCut = new Set(plan.panels.filter(({ label }) => label.cellCut === "half").map(({ id }) => id));
  const makers = new Map<string, (hour: SkyHour) => ReadonlyMap<string, readonly number[]>>();
  const known = new Map<string, ReadonlyMap<string, readonly number[]>>();

  function makerOf(stay: Stay, poseId: string) {
    const pose = poseIn(plan, poseId);
    const surfaces = plan.space.surfaces.map((surface) => {
      const headingDeg = surface.headingDeg ?? stay.headingDeg;
      const noonDeg = stay.latitudeDeg >= 0 ? 180 : 0;
      const panels = panelsOn(plan, surface, pose, { headingDeg, noonDeg });
      return { headingDeg, panels, shadows: createShadows(panels, obstaclesOn(plan, surface)) };
    });
    return ({ light: { sun } }: SkyHour) =>
      new Map(
        surfaces.flatMap(({ headingDeg, panels, shadows }) =>
          shadows({ azimuthDeg: sun.azimuthDeg - headingDeg, elevationDeg: sun.elevationDeg }).flatMap((shade, k) => {
            const panel = panels[k];
            if (panel === undefined || shade.lit > 1 - 1e-6) return [];
            const { panelId } = partsOfKey(shade.id);
            return [[shade.id, heldBeam(shade, panel.cellsAlong, halfCut.has(panelId))] as const];
          }),
        ),
      );
  }

  return (key, hour, stay, poseId) => {
    if (!laid.has(key)) return null;
    const standing = `${poseId}/${stay.headingDeg}/${stay.latitudeDeg}`;
    const maker = makers.get(standing) ?? makerOf(stay, poseId);
    makers.set(standing, maker);
    // every kind of day of a month has the same sun at an hour
    const at = `${standing}/${hour.dayOfYear}/${hour.atHour}`;
    const shades = known.get(at) ?? maker(hour);
    if (known.size > 2000) known.clear();
    known.set(at, shades);
    return shades.get(key) ?? null;
  };
}

/** Whether a panel lies somewhere, and so has shadows of its own. */
export function isLaid({ space }: Pick<Plan, "space">, key: TileKey): boolean {
  return space.places.some((place) => keyOf(place) === key);
}
