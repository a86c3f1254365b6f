import { radPerDeg } from "../../engine/numeric";

/** A point or a direction over the roof, mm: right, front, up. */
export type Vector = readonly [number, number, number];
/** A point in a plane of its own. */
export type Point = readonly [number, number];

/** The direction so many degrees clockwise from the front, level. */
export function level(deg: number): Vector {
  return [Math.sin(deg * radPerDeg), Math.cos(deg * radPerDeg), 0];
}

/** The direction of the sun. */
export function towards(azimuthDeg: number, elevationDeg: number): Vector {
  const flat = Math.cos(elevationDeg * radPerDeg);
  const [x, y] = level(azimuthDeg);
  return [x * flat, y * flat, Math.sin(elevationDeg * radPerDeg)];
}

export function dot(a: Vector, b: Vector): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}

export function plus(a: Vector, b: Vector, times = 1): Vector {
  return [a[0] + times * b[0], a[1] + times * b[1], a[2] + times * b[2]];
}

export function cross(a: Vector, b: Vector): Vector {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
}

/** Turned about an axis of length 1. Rodrigues. */
export function turned(vector: Vector, axis: Vector, deg: number): Vector {
  const [c, s] = [Math.cos(deg * radPerDeg), Math.sin(deg * radPerDeg)];
  const along = dot(axis, vector) * (1 - c);
  return plus(plus([vector[0] * c, vector[1] * c, vector[2] * c], cross(axis, vector), s), axis, along);
}
