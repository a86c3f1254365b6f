import { type Mount, rossCPerWm2, type Sky, type Sun, tiltLight } from "../sky";
import { keyOf, lightAt, lightOf, type Position, type Stand, standOf, type PanelRef, type PanelKey } from "../array";

/** What falls on a panel: W/m² on each of its substrings (or one value for all), and how warm its cells are, °C. */
export type PanelLight = { readonly cellTempC: number; readonly irradianceWm2: readonly number[] };

/**
 * The one way light comes into the engine: what falls on a panel of so many substrings. A limit sky, the sky of now, an hour
 * of a year, a shadow, a drill's fault are all scenes; the engine knows none of them by name.
 */
export type Scene = (tile: Pick<PanelRef, "panelId" | "piece">, substrings: number) => PanelLight;

/** Every panel under the same light and as warm, however it stands. */
export function evenly(irradianceWm2: number, cellTempC: number): Scene {
  const all: PanelLight = { cellTempC, irradianceWm2: [irradianceWm2] };
  return () => all;
}

/** What of a place decides how panels there face and warm. */
export type Site = { readonly latitudeDeg: number; readonly mount: Mount };

/** Share of the beam on each substring of panels that lie in a shadow, by panel; those it does not name are in the sun. */
export type Shades = ReadonlyMap<PanelKey, readonly number[]>;
export const noShades: Shades = new Map();

/**
 * Panels as they stand under a sky, each with the light of its own plane, less what shadows take of its beam, and the heat of
 * its own mount.
 */
export function underSkyScene(sky: Sky, position: Position, site: Site, shades: Shades = noShades): Scene {
  // such a sky is judged with whatever the panels may be turned to
  if (sky.evenly) return evenly(sky.irradianceWm2, sky.cellTempC);
  return (tile, substrings) => {
    const stand = standOf(position, tile);
    const facing = facingOf(stand, site);
    const onPlaneWm2 = lightOnPlane(facing, sky);
    const byHand = lightOf(stand, substrings).map((part) => part * onPlaneWm2);
    const beams = shades.get(keyOf(tile));
    const irradianceWm2 = beams === undefined ? byHand : shaded(byHand, beams, straightShare(facing, sky), substrings);
    const heatCPerWm2 = rossCPerWm2[stand.mount ?? site.mount];
    return { cellTempC: sky.airTempC + heatCPerWm2 * mean(irradianceWm2), irradianceWm2 };
  };
}

/** Which way a plane looks: its tilt, and how far round from the noon sun it is tilted, degrees, as the sun is told. */
export type Facing = { readonly tiltDeg: number; readonly fromNoonDeg: number };
export const flat: Facing = { tiltDeg: 0, fromNoonDeg: 0 };

/** Azimuths go from north by east; the noon sun stands in the south of the northern half of the Earth, in the north of the southern. */
export function facingOf({ tiltDeg, azimuthDeg }: Pick<Stand, "tiltDeg" | "azimuthDeg">, site: Site): Facing {
  if (azimuthDeg === null) return { tiltDeg, fromNoonDeg: 0 };
  return { tiltDeg, fromNoonDeg: site.latitudeDeg >= 0 ? azimuthDeg - 180 : azimuthDeg };
}

/** A panel turned to a low sun gets more than one that lies flat, but not more than a clear sky has, as a share of that. */
const maxFacing = 1.25;

/** Light on a plane, W/m², where a sky gives `irradianceWm2` on one that lies flat. */
export function lightOnPlane(
  { tiltDeg, fromNoonDeg }: Facing,
  { sun, diffuseShare, irradianceWm2 }: Pick<Sky, "sun" | "diffuseShare" | "irradianceWm2">,
): number {
  if (tiltDeg === 0) return irradianceWm2;
  const seen: Sun = { ...sun, fromNoonDeg: sun.fromNoonDeg - fromNoonDeg };
  const facing = tiltLight(tiltDeg, seen, diffuseShare) / tiltLight(0, sun, diffuseShare);
  return (Number.isFinite(facing) ? Math.min(maxFacing, facing) : 1) * irradianceWm2;
}

/** Of the light on a plane under a sky, the share that comes straight from the sun: all but what comes from everywhere. */
function straightShare(
  { tiltDeg, fromNoonDeg }: Facing,
  { sun, diffuseShare }: Pick<Sky, "sun" | "diffuseShare">,
): number {
  const seen: Sun = { ...sun, fromNoonDeg: sun.fromNoonDeg - fromNoonDeg };
  const [all, even] = [tiltLight(tiltDeg, seen, diffuseShare), diffuseShare * tiltLight(tiltDeg, seen, 1)];
  return all > 0 ? Math.max(0, 1 - even / all) : 0;
}

/** Light on each part, less the beam a shadow takes; told by as many parts as either tells. */
function shaded(byHand: readonly number[], beams: readonly number[], straight: number, substrings: number): number[] {
  return Array.from({ length: substrings }, (_, k) => {
    const [light, beam] = [lightAt(byHand, k, substrings), lightAt(beams, k, substrings)];
    return light * (straight * beam + 1 - straight);
  });
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
