import { type Plan, positionIn, type Surface } from "@/core/plan";
import {
  createShadows,
  footprintOf,
  frameOf,
  heldBeam,
  type LaidPanel,
  obstaclesOn,
  panelsOn,
  type PanelShade,
  type Polygon,
  shadowsOnSurface,
  sunOver,
} from "@/core/layout/roof";
import { sunPosition } from "@/core/engine/sky";
import { assumedLatitudeDeg, parkedIn } from "@/core/plan-model";
import { lightAt, partsOfKey, standOf } from "@/core/engine/array";

/** The sun looked at: a month's middle, and an hour by the sun. */
export type SunTime = { readonly month: number; readonly hour: number };

export type LaidOut = LaidPanel & {
  readonly shape: Polygon;
  readonly shade: PanelShade;
  /** Share of the beam that each substring has the current of. */ readonly heldBeam: readonly number[];
};
export type Layout = {
  readonly panels: readonly LaidOut[];
  readonly shadows: readonly Polygon[];
  /** Of the sun, clockwise from the roof's front, and how high it stands over the horizon. */
  readonly sun: { readonly azimuthDeg: number; readonly elevationDeg: number };
};

export function sunAt({ site }: Pick<Plan, "site">, { month, hour }: SunTime) {
  const longitudeDeg = site.longitudeDeg ?? 0;
  const atMs = Date.UTC(2026, month - 1, 15) + (hour - longitudeDeg / 15) * 3_600_000;
  return sunPosition(atMs, site.latitudeDeg ?? assumedLatitudeDeg, longitudeDeg);
}

/** A surface with its panels as a position has them, under a sun: the shadows on it, and on every cell. `before`: as it was drawn last. */
export function layoutOf(
  plan: Plan,
  surface: Surface,
  positionId: string,
  time: SunTime,
  before: Layout | null = null,
): Layout {
  const known = new Map(before?.panels.map((panel) => [panel.id, panel]));
  const parked = parkedIn(plan);
  const frame = frameOf(surface, parked.headingDeg);
  const panels = panelsOn(plan, surface, positionId, parked);
  const obstacles = obstaclesOn(plan, surface);
  const seen = sunAt(plan, time);
  const sun = sunOver(seen, frame);
  const shades = createShadows(panels, obstacles)(sun);
  const position = positionIn(plan, positionId);
  const halfCut = new Set(plan.panels.filter(({ label }) => label.cellCut === "half").map(({ id }) => id));
  return {
    panels: panels.flatMap((panel, k): LaidOut[] => {
      const shade = shades[k];
      if (shade === undefined) return [];
      const ref = partsOfKey(panel.id);
      const held = heldBeam(shade, panel.cellsAlong, halfCut.has(ref.panelId));
      // what the position shades by hand is dark here too; face down all of it is
      const byHand = panel.faceDown ? [0] : standOf(position, ref).light;
      const heldNow = held.map((each, part) => each * lightAt(byHand, part, held.length));
      const laid = { ...panel, shape: footprintOf(panel), shade: dimmed(shade, byHand), heldBeam: heldNow };
      const same = known.get(panel.id);
      // one that lies and is lit as before stays the same object, and is not drawn again
      return [same !== undefined && isAlike(same, laid) ? same : laid];
    }),
    shadows: shadowsOnSurface(panels, obstacles, sun),
    sun: { azimuthDeg: seen.azimuthDeg - frame.headingDeg, elevationDeg: seen.elevationDeg },
  };
}

function isAlike(a: LaidOut, b: LaidOut): boolean {
  return (
    a.faceDown === b.faceDown &&
    a.zMm === b.zMm &&
    a.shape.length === b.shape.length &&
    a.shape.every(([x, y], k) => x === b.shape[k]?.[0] && y === b.shape[k]?.[1]) &&
    a.shade.cells.length === b.shade.cells.length &&
    a.shade.cells.every((lit, k) => lit === b.shade.cells[k]) &&
    a.heldBeam.every((held, k) => held === b.heldBeam[k])
  );
}

/** The hour of a month's middle day at which the sun stands most nearly in a direction from the roof's front, where it is up. */
export function hourTowards(plan: Pick<Plan, "site">, now: SunTime, wantedDeg: number, shownDeg: number): SunTime {
  const turned = sunAt(plan, now).azimuthDeg - shownDeg;
  const apart = (hour: number) => {
    const { azimuthDeg, elevationDeg } = sunAt(plan, { ...now, hour });
    const round = Math.abs(((((azimuthDeg - turned - wantedDeg + 540) % 360) + 360) % 360) - 180);
    return elevationDeg > 0 ? round : 999;
  };
  const hours = Array.from({ length: 96 }, (_, k) => k / 4);
  return { ...now, hour: hours.reduce((best, hour) => (apart(hour) < apart(best) ? hour : best)) };
}

/** A panel's shade with what its position shades of it by hand. */
function dimmed(shade: PanelShade, byHand: readonly number[]): PanelShade {
  if (byHand.every((light) => light === 1)) return shade;
  const parts = shade.substrings.length;
  const cells = shade.cells.map((lit, k) => lit * lightAt(byHand, Math.floor((k * parts) / shade.cells.length), parts));
  return { ...shade, cells, lit: cells.reduce((sum, lit) => sum + lit, 0) / cells.length };
}

/** Edges this near to one another meet, mm. */
const snapMm = 25;
/** What a hand sets down elsewhere falls on whole centimetres. */
const gridMm = 10;

/** Where a shape whose sides are half its size from its middle comes to rest, so that one of them meets an edge if any is near. */
export function snapped(middle: number, half: number, edges: readonly number[]): number {
  let near: number | null = null;
  for (const edge of edges)
    for (const candidate of [edge - half, edge + half, edge])
      if (
        Math.abs(candidate - middle) <= snapMm &&
        (near === null || Math.abs(candidate - middle) < Math.abs(near - middle))
      )
        near = candidate;
  return near ?? Math.round(middle / gridMm) * gridMm;
}
