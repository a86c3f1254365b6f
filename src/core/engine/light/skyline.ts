import { radPerDeg } from "../numeric";
import { type Plane, type Seen } from "./plane";
import { type SunPosition } from "../sky";

/** A point of the skyline; between two points it runs straight, and on round from the last to the first. */
export type SkylinePoint = { readonly azimuthDeg: number; readonly elevationDeg: number };

export type Skyline = {
  /** How high it stands in a direction, °. */ readonly heightDeg: (azimuthDeg: number) => number;
  readonly seenFrom: (plane: Plane, sun: SunPosition) => Seen;
};

/** Steps in which the sky is added up, °: finer ones change a share by under 0.002. */
const stepDeg = 5;

export function skylineOf(points: readonly SkylinePoint[]): Skyline {
  const sorted = [...points].sort((a, b) => a.azimuthDeg - b.azimuthDeg);
  const heightDeg = (azimuthDeg: number) => heightBetween(sorted, azimuthDeg);
  const isOpen = points.every(({ elevationDeg }) => elevationDeg === 0);
  const shares = new Map<string, number>();
  const skyShare = (plane: Plane): number => {
    if (isOpen) return 1;
    const key = `${plane.tiltDeg.toFixed(1)}/${plane.azimuthDeg.toFixed(1)}`;
    const known = shares.get(key) ?? seenOf(plane, heightDeg);
    // a panel that follows the sun stands a new way every hour
    if (shares.size < 500) shares.set(key, known);
    return known;
  };
  return {
    heightDeg,
    seenFrom: (plane, sun) => ({
      sunSeen: isOpen || sun.elevationDeg > heightDeg(sun.azimuthDeg),
      skyShare: skyShare(plane),
    }),
  };
}

function heightBetween(sorted: readonly SkylinePoint[], azimuthDeg: number): number {
  const [first] = sorted;
  const last = sorted.at(-1);
  if (first === undefined || last === undefined) return 0;
  const at = ((azimuthDeg % 360) + 360) % 360;
  const next = sorted.findIndex((point) => point.azimuthDeg >= at);
  // before the first or beyond the last: the stretch that goes over north
  const to = next < 0 ? { ...first, azimuthDeg: first.azimuthDeg + 360 } : (sorted[next] ?? first);
  const from = next > 0 ? (sorted[next - 1] ?? last) : next < 0 ? last : { ...last, azimuthDeg: last.azimuthDeg - 360 };
  const width = to.azimuthDeg - from.azimuthDeg;
  const along = width > 0 ? (at - from.azimuthDeg) / width : 0;
  return from.elevationDeg + along * (to.elevationDeg - from.elevationDeg);
}

/** Share of an even sky a plane sees over the skyline, of what it sees in the open: both added up over the half sphere. */
function seenOf({ tiltDeg, azimuthDeg }: Plane, heightDeg: (azimuthDeg: number) => number): number {
  const tilt = tiltDeg * radPerDeg;
  let [open, seen] = [0, 0];
  for (let azimuth = stepDeg / 2; azimuth < 360; azimuth += stepDeg) {
    const height = heightDeg(azimuth);
    const round = Math.cos((azimuth - azimuthDeg) * radPerDeg);
    for (let elevation = stepDeg / 2; elevation < 90; elevation += stepDeg) {
      const up = elevation * radPerDeg;
      const cosIncidence = Math.sin(up) * Math.cos(tilt) + Math.cos(up) * Math.sin(tilt) * round;
      if (cosIncidence <= 0) continue;
      const weight = cosIncidence * Math.cos(up);
      open += weight;
      // the step the skyline runs through is seen in part
      seen += weight * Math.min(1, Math.max(0, (elevation + stepDeg / 2 - height) / stepDeg));
    }
  }
  return open > 0 ? seen / open : 1;
}
