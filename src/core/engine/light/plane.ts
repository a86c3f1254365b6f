import { radPerDeg } from "../numeric";
import { type SunPosition } from "../sky";

/** What the sky of an hour gives, W/m²: straight from the sun on a plane that faces it, and from everywhere on the flat. */
export type HourLight = {
  readonly sun: SunPosition;
  readonly beamWm2: number;
  readonly diffuseWm2: number;
  readonly globalWm2: number;
  /** Straight sunlight outside the air, W/m². */ readonly outsideWm2: number;
};

/** How a plane lies: tilt from flat, and the compass direction it looks to. */
export type Plane = { readonly tiltDeg: number; readonly azimuthDeg: number };

export type PlaneLight = {
  /** On the plane, before any loss. */ readonly totalWm2: number;
  /** What goes in: beam and the light round the sun reduced where they strike at a slant. */ readonly insideWm2: number;
  /** Of that, beam and the light round the sun: what a shadow takes. */ readonly straightWm2: number;
};

/** What of the sky a plane sees past trees and houses: the sun or not, and the share of the sky it would see in the open. */
export type Seen = { readonly sunSeen: boolean; readonly skyShare: number };
const all: Seen = { sunSeen: true, skyShare: 1 };

const solarConstantWm2 = 1361.1;
/** Cosine of 85°: of a lower sun, what comes straight cannot be told from what falls on the flat. */
export const minCosZenith = 0.0872;
/** ASHRAE incidence: share lost at a slant, 1 − b₀·(1/cos θ − 1). */
const incidenceB0 = 0.05;

/** Straight sunlight outside the air, W/m², on day 1 to 365 of a year. E₀ = 1361.1·(1 + 0.033·cos(2π·n/365)). */
export function outsideAir(dayOfYear: number): number {
  return solarConstantWm2 * (1 + 0.033 * Math.cos((2 * Math.PI * dayOfYear) / 365));
}

/**
 * Light on a plane, by Hay & Davies (1980): the share A = beam / outside of the diffuse light comes from round the sun, the
 * rest evenly; of the ground, `albedo` of what falls on it. With the sun at or below the horizon all of it comes evenly.
 * Behind a skyline neither the sun nor the light round it is seen; the ground before it is as bright as in the open.
 */
export function lightOn(
  { tiltDeg, azimuthDeg }: Plane,
  hour: HourLight,
  albedo: number,
  { sunSeen, skyShare }: Seen = all,
): PlaneLight {
  const [tilt, elevation] = [tiltDeg * radPerDeg, hour.sun.elevationDeg * radPerDeg];
  const isUp = hour.sun.elevationDeg > 0;
  const cosZenith = Math.sin(elevation);
  const cosIncidence = isUp
    ? Math.max(
        0,
        cosZenith * Math.cos(tilt) +
          Math.cos(elevation) * Math.sin(tilt) * Math.cos((hour.sun.azimuthDeg - azimuthDeg) * radPerDeg),
      )
    : 0;
  const beam = isUp ? hour.beamWm2 : 0;
  const roundSun = isUp ? beam / hour.outsideWm2 : 0;
  const straight = sunSeen
    ? beam * cosIncidence + (hour.diffuseWm2 * roundSun * cosIncidence) / Math.max(cosZenith, minCosZenith)
    : 0;
  const even =
    (skyShare * hour.diffuseWm2 * (1 - roundSun) * (1 + Math.cos(tilt))) / 2 +
    (hour.globalWm2 * albedo * (1 - Math.cos(tilt))) / 2;
  const taken = cosIncidence > 0 ? Math.max(0, 1 - incidenceB0 * (1 / cosIncidence - 1)) : 0;
  return { totalWm2: straight + even, insideWm2: straight * taken + even, straightWm2: straight * taken };
}
