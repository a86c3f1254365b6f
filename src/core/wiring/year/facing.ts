import { type Plane } from "../../engine/light";
import { keysIn, type Mounting, type Plan, positionIn } from "../../plan";
import { type SunPosition, sunPosition } from "../../engine/sky";
import { keyOf, lying, type Stand, type PanelKey } from "../../engine/array";
import { dayOf } from "../../engine/weather";

/** How a panel faces through the year. */
export type Facing = Pick<Mounting, "tiltDeg" | "azimuthDeg" | "azimuthFrom" | "turning">;

const fixed: Pick<Facing, "azimuthFrom" | "turning"> = { azimuthFrom: "north", turning: { type: "fixed" } };

/** Every panel of a plan in a position: how it stands, and how it faces through the year. What a position says of a panel goes before its mount. */
export function facingsIn(
  plan: Plan,
  positionId: string,
): (key: PanelKey) => { readonly stand: Stand; readonly facing: Facing } {
  const position = positionIn(plan, positionId);
  const stood = new Set(
    (plan.positions.find(({ id }) => id === positionId)?.stands ?? [])
      .filter(({ tiltDeg }) => tiltDeg !== 0)
      .map(keyOf),
  );
  const sloping = slopesOf(plan);
  const mounted = new Map(plan.mounts.flatMap((mount) => mount.pieces.map((ref) => [keyOf(ref), mount] as const)));
  const all = new Map(
    [...keysIn(plan)].map((key) => {
      const stand = position.get(key) ?? lying;
      const mount = stood.has(key) ? undefined : (mounted.get(key) ?? sloping.get(key));
      const { tiltDeg, azimuthDeg } = stand;
      return [key, { stand, facing: mount ?? { tiltDeg, azimuthDeg, ...fixed } }] as const;
    }),
  );
  return (key) => all.get(key) ?? { stand: lying, facing: { tiltDeg: 0, azimuthDeg: null, ...fixed } };
}

/** How panels face that lie on a surface that slopes: a vehicle's turns with it. */
function slopesOf({ space }: Pick<Plan, "space">): ReadonlyMap<PanelKey, Facing> {
  const surfaces = new Map(space.surfaces.map((surface) => [surface.id, surface]));
  return new Map(
    space.places.flatMap((place): [PanelKey, Facing][] => {
      const surface = surfaces.get(place.surfaceId);
      if (surface === undefined || surface.slopeDeg === 0) return [];
      const { slopeDeg: tiltDeg, fallsToDeg, headingDeg } = surface;
      const azimuthFrom = headingDeg === null ? "front" : "north";
      const facing = { tiltDeg, azimuthDeg: ((headingDeg ?? 0) + fallsToDeg) % 360, azimuthFrom } as const;
      return [[keyOf(place), { ...facing, turning: fixed.turning }]];
    }),
  );
}

/** Where panels are and which way the vehicle points, as it matters for facing. */
export type Stay = {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** Ahead of UTC of the clock the hours are told by. */ readonly utcOffsetH: number;
  /** Degrees from north by east. */ readonly headingDeg: number;
};
export type DayHour = { readonly dayOfYear: number; readonly atHour: number; readonly sun: SunPosition };

/** The way a panel lies at an hour. What it was turned to in the day is remembered by day and stay. */
export function createTrackerCache(): (facing: Facing, hour: DayHour, stay: Stay) => Plane {
  const days = new Map<string, Daylight>();
  return (facing, hour, stay) => {
    const { turning } = facing;
    switch (turning.type) {
      case "fixed":
        return laid(facing.tiltDeg, facing, stay);
      case "seasons":
        return laid(tiltOn(turning.turns, hour.dayOfYear), facing, stay);
      case "following":
        return towards(hour.sun);
      case "reaimed": {
        const key = `${hour.dayOfYear}/${stay.latitudeDeg}/${stay.longitudeDeg}`;
        const daylight = days.get(key) ?? daylightOf(hour.dayOfYear, stay);
        // a year has 365 days: no more is kept than that
        if (days.size < 400) days.set(key, daylight);
        return towards(aimAt(daylight, turning.timesADay, hour));
      }
    }
  };
}

/** A panel tilted away from where it looks is one tilted towards the other side. */
function laid(tiltDeg: number, { azimuthDeg, azimuthFrom }: Facing, { latitudeDeg, headingDeg }: Stay): Plane {
  const noonDeg = latitudeDeg >= 0 ? 180 : 0;
  const looksTo = azimuthDeg === null ? noonDeg : azimuthDeg + (azimuthFrom === "front" ? headingDeg : 0);
  return { tiltDeg: Math.abs(tiltDeg), azimuthDeg: (looksTo + (tiltDeg < 0 ? 180 : 0)) % 360 };
}

/** Square to the sun, but never beyond upright. */
function towards({ azimuthDeg, elevationDeg }: SunPosition): Plane {
  return { tiltDeg: Math.min(90, Math.max(0, 90 - elevationDeg)), azimuthDeg };
}

/** The tilt set last before a day; before the first of the year, the last of the year before. */
function tiltOn(turns: readonly { readonly fromDay: string; readonly tiltDeg: number }[], day: number): number {
  const sorted = turns
    .map(({ fromDay, tiltDeg }) => ({ from: dayOf(Number(fromDay.slice(0, 2)), Number(fromDay.slice(3))), tiltDeg }))
    .sort((a, b) => a.from - b.from);
  return (sorted.findLast(({ from }) => from <= day) ?? sorted.at(-1))?.tiltDeg ?? 0;
}

/** Minutes between looks at the sun for the times of turning. */
const lookMinutes = 10;

/** A day's daylight, look by look: hours of the clock, and where the sun stands. */
type Daylight = readonly { readonly atHour: number; readonly sun: SunPosition }[];

function daylightOf(dayOfYear: number, { latitudeDeg, longitudeDeg, utcOffsetH }: Stay): Daylight {
  const midnight = Date.UTC(2025, 0, dayOfYear) - utcOffsetH * 3_600_000;
  return Array.from({ length: (24 * 60) / lookMinutes }, (_, k) => {
    const minute = (k + 0.5) * lookMinutes;
    return { atHour: minute / 60, sun: sunPosition(midnight + minute * 60_000, latitudeDeg, longitudeDeg) };
  }).filter(({ sun }) => sun.elevationDeg > 0);
}

/** Where a panel looks that is turned so often a day: to the sun in the middle of the part of the daylight that it is. */
function aimAt(daylight: Daylight, times: number, { atHour, sun }: DayHour): SunPosition {
  const before = daylight.filter((look) => look.atHour <= atHour).length;
  const part = Math.min(times - 1, Math.floor((before / Math.max(1, daylight.length)) * times));
  return daylight[Math.floor(((part + 0.5) / times) * daylight.length)]?.sun ?? sun;
}
