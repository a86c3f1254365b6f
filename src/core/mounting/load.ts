import { type Fixing, pieceName, type Plan, positionIn } from "../plan";
import { boundsOf, footprintOf, panelsOn, type Parked, sizeOf, weightOf } from "../layout/roof";
import { keyOf, standOf, type PanelKey } from "../engine/array";
import { type RoofZone, snowN, windForces, type WindCase } from "./forces";
import { mountingMethods } from "./methods";

/** What wind does to the panels of a fixing: the strongest of what may come. */
export type WindOn = {
  readonly by: "driving" | "gust" | "stowing";
  readonly windMs: number;
  readonly tiltDeg: number;
  readonly upliftN: number;
  readonly dragN: number;
};
export type PanelWind = WindOn & {
  readonly key: PanelKey;
  readonly name: string;
  readonly windCase: WindCase;
  readonly kg: number;
  readonly longMm: number;
  readonly wideMm: number;
};

export type Load = {
  readonly panels: number;
  readonly kg: number;
  readonly kgAssumed: number;
  readonly areaMm2: number;
  /** Of its largest panel. */ readonly longMm: number;
  readonly wideMm: number;
  readonly speedKmh: number;
  readonly speedIsAssumed: boolean;
  readonly gustMs: number;
  readonly gustIsAssumed: boolean;
  readonly stowMs: number | null;
  readonly stowIsAssumed: boolean;
  /** The steepest they stand, and how they are driven. */ readonly tiltDeg: number;
  readonly tiltIsAssumed: boolean;
  /** Where on a building's roof they lie, and whether that is a guess; null: on no building. */
  readonly zone: RoofZone | null;
  readonly zoneIsAssumed: boolean;
  /** Snow on all of them, N, as the place was said to have it; null: not said. */ readonly snowN: number | null;
  /** All together; each panel in each wind; and the one panel that is pulled most, in the wind that pulls it most. */
  readonly all: WindOn;
  readonly each: readonly PanelWind[];
  readonly worst: PanelWind;
  /** Panels whose label tells no size and no watts: nothing is known of the wind on them. */ readonly unknown: number;
};

/** Driving against a wind of 50 km/h at 100 km/h; a gust of 35 m/s where it stands; put away above 25 knots: unless stated. */
export const headwindKmh = 50;
export const defaultSpeedKmh = 100;
export const defaultGustMs = 35;
export const defaultStowKn = 25;
export const msPerKn = 1852 / 3600;
const defaultTiltDeg = 45;
/** Flatter than this the wind sees it as lying flat. */
const minTiltDeg = 10;

type Piece = {
  readonly key: PanelKey;
  readonly name: string;
  readonly longMm: number;
  readonly wideMm: number;
  readonly kg: number;
  readonly isAssumed: boolean;
  readonly isLeading: boolean;
};

/** Null where nothing is fixed by it yet, or of no panel anybody knows the size. */
export function loadOn(plan: Plan, fixing: Fixing, parked: Parked): Load | null {
  const pieces = piecesOf(plan, fixing, parked);
  if (pieces.length === 0) return null;
  const method = mountingMethods[fixing.method];
  const tilts = tiltsOf(plan, fixing);
  const isOnRoad = method.travels && surfacesUnder(plan, fixing).every(({ kind }) => kind === "roof");
  const speedKmh = fixing.speedKmh ?? (isOnRoad ? defaultSpeedKmh : 0);
  const gustMs = fixing.gustMs ?? defaultGustMs;
  // one of which nobody has said that it comes in stays up in the gale
  const isStowed = method.comesIn === "always" || (method.comesIn === "asked" && fixing.staysUp === false);
  const stowMs = isStowed ? (fixing.stowKn ?? defaultStowKn) * msPerKn : null;
  const isOnBuilding = method.isOnBuilding || surfacesUnder(plan, fixing).some(({ kind }) => kind === "porch");
  const zone: RoofZone | null = isOnBuilding ? (fixing.zone ?? "edge") : null;
  const slopeDeg = Math.max(0, ...surfacesUnder(plan, fixing).map((surface) => surface.slopeDeg));
  const winds: readonly Pick<WindOn, "by" | "windMs" | "tiltDeg">[] =
    stowMs !== null
      ? [{ by: "stowing", windMs: stowMs, tiltDeg: tilts.maxDeg }]
      : [
          { by: "gust", windMs: gustMs, tiltDeg: tilts.maxDeg },
          ...(speedKmh > 0
            ? [{ by: "driving", windMs: (speedKmh + headwindKmh) / 3.6, tiltDeg: tilts.minDeg } as const]
            : []),
        ];
  const each = winds.map((wind) => pieces.map((piece) => windOn(piece, wind, method.holdsBy === "peel", zone)));
  const sums = each.map((on, k): WindOn => {
    return {
      ...(winds[k] as (typeof winds)[number]),
      upliftN: on.reduce((sum, { upliftN }) => sum + upliftN, 0),
      dragN: on.reduce((sum, { dragN }) => sum + dragN, 0),
    };
  });
  const most = <T extends WindOn>(a: T, b: T) => (b.upliftN + b.dragN > a.upliftN + a.dragN ? b : a);
  return {
    panels: pieces.length,
    kg: pieces.reduce((sum, { kg }) => sum + kg, 0),
    kgAssumed: pieces.reduce((sum, { kg, isAssumed }) => sum + (isAssumed ? kg : 0), 0),
    areaMm2: pieces.reduce((sum, { longMm, wideMm }) => sum + longMm * wideMm, 0),
    longMm: Math.max(...pieces.map(({ longMm }) => longMm)),
    wideMm: Math.max(...pieces.map(({ wideMm }) => wideMm)),
    speedKmh,
    speedIsAssumed: fixing.speedKmh === null,
    gustMs,
    gustIsAssumed: fixing.gustMs === null,
    stowMs,
    stowIsAssumed: fixing.stowKn === null,
    tiltDeg: tilts.maxDeg,
    tiltIsAssumed: tilts.isAssumed,
    zone,
    zoneIsAssumed: isOnBuilding && fixing.zone === null,
    snowN:
      fixing.snowKnM2 === null
        ? null
        : pieces.reduce(
            // as flat as they ever stand it lies thickest
            (sum, { longMm, wideMm }) => sum + snowN(fixing.snowKnM2 ?? 0, longMm * wideMm, tilts.minDeg + slopeDeg),
            0,
          ),
    all: sums.reduce(most),
    each: each.flat(),
    worst: each.flat().reduce(most),
    unknown: fixing.pieces.length - pieces.length,
  };
}

function windOn(
  piece: Piece,
  wind: Pick<WindOn, "by" | "windMs" | "tiltDeg">,
  isFilm: boolean,
  zone: RoofZone | null,
): PanelWind {
  const windCase: WindCase = isFilm
    ? "film"
    : wind.tiltDeg >= minTiltDeg
      ? "tilted"
      : wind.by === "driving" && piece.isLeading
        ? "flatLeading"
        : "flat";
  const { longMm: alongMm, wideMm: acrossMm } = piece;
  const forces = windForces({
    windCase,
    alongMm,
    acrossMm,
    count: 1,
    windMs: wind.windMs,
    tiltDeg: wind.tiltDeg,
    zone,
  });
  const { key, name, kg, longMm, wideMm } = piece;
  return { ...wind, ...forces, windCase, key, name, kg, longMm, wideMm };
}

function piecesOf(plan: Plan, { pieces }: Fixing, parked: Parked): Piece[] {
  const leading = leadingOf(plan, parked);
  return pieces.flatMap((ref): Piece[] => {
    const panel = plan.panels.find(({ id }) => id === ref.panelId);
    const size = panel === undefined ? null : sizeOf(panel);
    if (panel === undefined || size === null) return [];
    const key = keyOf(ref);
    const { kg, isAssumed } = weightOf(panel);
    const isPlaced = plan.space.places.some((place) => keyOf(place) === key);
    const longMm = Math.max(size.lengthMm, size.widthMm);
    const wideMm = Math.min(size.lengthMm, size.widthMm);
    return [
      { key, name: pieceName(plan, key), longMm, wideMm, kg, isAssumed, isLeading: !isPlaced || leading.has(key) },
    ];
  });
}

/** Panels with no other before them on their surface: the wind from the windscreen's edge meets them first. */
function leadingOf(plan: Plan, parked: Parked): ReadonlySet<PanelKey> {
  return new Set(
    plan.space.surfaces.flatMap((surface) => {
      const boxes = panelsOn(plan, surface, plan.positions[0]?.id ?? "", parked).map((panel) => ({
        id: panel.id,
        ...boundsOf(footprintOf(panel)),
      }));
      return boxes
        .filter((box) =>
          boxes.every(
            (other) =>
              other.id === box.id ||
              other.y[1] <= box.y[1] + 1 ||
              other.y[0] < box.y[1] - 1 ||
              other.x[1] <= box.x[0] ||
              other.x[0] >= box.x[1],
          ),
        )
        .map(({ id }) => id as PanelKey);
    }),
  );
}

export function surfacesUnder({ space }: Plan, { pieces }: Fixing): Plan["space"]["surfaces"] {
  const held = new Set(pieces.map(keyOf));
  const ids = new Set(space.places.filter((place) => held.has(keyOf(place))).map(({ surfaceId }) => surfaceId));
  return space.surfaces.filter(({ id }) => ids.has(id));
}

/** How steep its panels stand at most and at least, in any position and season, against what holds them. */
function tiltsOf(plan: Plan, { tiltDeg, pieces, method }: Fixing) {
  if (tiltDeg !== null) return { maxDeg: tiltDeg, minDeg: tiltDeg, isAssumed: false };
  const slopes = new Map(plan.space.surfaces.map(({ id, slopeDeg }) => [id, slopeDeg]));
  const slopeOf = (key: PanelKey) =>
    slopes.get(plan.space.places.find((place) => keyOf(place) === key)?.surfaceId ?? "") ?? 0;
  const inPositions = plan.positions.map((position) => {
    const stands = positionIn(plan, position.id);
    return pieces.map((ref) => {
      const key = keyOf(ref);
      const stand = standOf(stands, ref);
      // what lies on a slope as the slope does is flat to it
      return stand.stance === "stowed" ? 0 : Math.max(0, Math.abs(stand.tiltDeg) - slopeOf(key));
    });
  });
  const seasons = plan.mounts.flatMap(({ pieces: held, turning }) =>
    turning.type === "seasons" && held.some((ref) => pieces.some((own) => keyOf(own) === keyOf(ref)))
      ? turning.turns.map(({ tiltDeg: tilt }) => Math.abs(tilt))
      : [],
  );
  const [said, ...inSeasons] = [Math.max(0, ...inPositions.flat()), ...seasons];
  // a frame stands at some tilt: where none is said, one in which wind both lifts it and pushes it
  if (mountingMethods[method].holdsBy === "standing" && said === 0 && inSeasons.length === 0)
    return { maxDeg: defaultTiltDeg, minDeg: defaultTiltDeg, isAssumed: true };
  const steepest = inPositions.map((tilts) => Math.max(0, ...tilts));
  return {
    maxDeg: Math.max(0, ...steepest, ...seasons),
    minDeg: Math.min(...(steepest.length > 0 ? steepest : [0])),
    isAssumed: false,
  };
}
