import { radPerDeg } from "../../engine/numeric";
import { type Surface } from "../../plan";
import { type SunPosition } from "../../engine/sky";
import { level, towards, turned, type Vector } from "./vector";

/**
 * A surface's own frame: its front is 0°, its plane is level. What stands on a slope stands square to it here, and the sun and
 * whatever is told by the compass are turned to match.
 */
export type Frame = {
  /** Where its front points, degrees from north. */ readonly headingDeg: number;
  readonly slopeDeg: number;
  readonly fallsToDeg: number;
};

export function frameOf(
  { headingDeg, slopeDeg, fallsToDeg }: Pick<Surface, "headingDeg" | "slopeDeg" | "fallsToDeg">,
  vehicleDeg: number,
): Frame {
  return { headingDeg: headingDeg ?? vehicleDeg, slopeDeg, fallsToDeg };
}

function turnedIn(vector: Vector, { slopeDeg, fallsToDeg }: Frame): Vector {
  return slopeDeg === 0 ? vector : turned(vector, level(fallsToDeg - 90), -slopeDeg);
}

function directionOf([x, y, z]: Vector): SunPosition {
  return {
    azimuthDeg: (Math.atan2(x, y) / radPerDeg + 360) % 360,
    elevationDeg: Math.asin(Math.max(-1, Math.min(1, z))) / radPerDeg,
  };
}

/** Where the sun stands over a surface, from its front; below the horizon it is below the surface too. */
export function sunOver({ azimuthDeg, elevationDeg }: SunPosition, frame: Frame): SunPosition {
  const fromFrontDeg = azimuthDeg - frame.headingDeg;
  if (frame.slopeDeg === 0 || elevationDeg <= 0) return { azimuthDeg: fromFrontDeg, elevationDeg };
  return directionOf(turnedIn(towards(fromFrontDeg, elevationDeg), frame));
}

/** How a plane told by the compass lies over a surface: its tilt from it, and to where it is tilted, from the front. */
export function planeOver(
  plane: { readonly tiltDeg: number; readonly azimuthDeg: number },
  frame: Frame,
): { readonly tiltDeg: number; readonly tiltTowardsDeg: number } {
  const tiltTowardsDeg = plane.azimuthDeg - frame.headingDeg;
  if (frame.slopeDeg === 0) return { tiltDeg: plane.tiltDeg, tiltTowardsDeg };
  const normal = directionOf(turnedIn(towards(tiltTowardsDeg, 90 - plane.tiltDeg), frame));
  const tiltDeg = 90 - normal.elevationDeg;
  // lying on it: no more than rounding is left
  return tiltDeg < 1e-5 ? { tiltDeg: 0, tiltTowardsDeg: 0 } : { tiltDeg, tiltTowardsDeg: normal.azimuthDeg };
}
