import {
  type Place,
  type PlaceInPosition,
  type Plan,
  positionIn,
  type RoofObstacle,
  type Standing,
  type Surface,
} from "../../plan";
import { keyOf, standOf } from "../../engine/array";
import { frameOf, planeOver } from "./frame";
import { type Obstacle, type RoofPanel } from "./solids";

/** A panel as the roof has it: its size by its label, its cells, the substrings the engine gives it. */
export type PanelSize = {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cellsAlong: number;
  readonly cellsAcross: number;
  readonly substrings: number;
  /** Whether any of it was not on the label. */ readonly assumed: boolean;
};

/** A panel of a usual kind, where its label does not say: watts to the square metre of a crystalline panel, twice as long as wide. */
const defaultWm2 = 190;
const defaultCellMm = 160;

/** The size of a panel of a kind; null where nobody can tell it. */
export function sizeOf({ label }: Pick<Plan["panels"][number], "label">): PanelSize | null {
  const { lengthMm, widthMm, pmaxW, cellsAlong, cellsAcross, bypassDiodes } = label;
  const guessed = pmaxW === null ? null : 1000 * Math.sqrt(pmaxW / defaultWm2 / 2);
  const width = widthMm ?? guessed;
  const length = lengthMm ?? (guessed === null ? null : 2 * guessed);
  if (width === null || length === null) return null;
  const substrings = Math.max(1, bypassDiodes ?? 2);
  const across = cellsAcross ?? Math.max(1, Math.round(width / defaultCellMm));
  return {
    lengthMm: length,
    widthMm: width,
    cellsAlong: cellsAlong ?? Math.max(1, Math.round(length / defaultCellMm)),
    cellsAcross: across,
    substrings,
    assumed: widthMm === null || lengthMm === null || cellsAlong === null || cellsAcross === null,
  };
}

/** Where a panel lies in a position: where that says so, or else as in all. */
export function placeIn(
  place: Place,
  positionId: string | null,
): Pick<Place, "xMm" | "yMm" | "turnedDeg" | "gapMm"> & Pick<PlaceInPosition, "faceDown"> {
  return place.inPositions.find((each) => each.positionId === positionId) ?? { ...place, faceDown: false };
}

/** A panel on a surface; one that lies face down throws a shadow and has no light. */
export type LaidPanel = RoofPanel & { readonly faceDown: boolean };

/** Which way a vehicle points and where it stands, as it matters for shadows. */
export type Parked = { readonly headingDeg: number; readonly latitudeDeg: number };

/** The panels that lie on a surface as a position has them; stowed ones are not there, unless they are folded onto another. */
export function panelsOn(
  plan: Pick<Plan, "panels"> & Standing,
  surface: Surface,
  positionId: string,
  { headingDeg, latitudeDeg }: Parked,
): readonly LaidPanel[] {
  const position = positionIn(plan, positionId);
  const frame = frameOf(surface, headingDeg);
  const noonDeg = latitudeDeg >= 0 ? 180 : 0;
  const kinds = new Map(plan.panels.map((panel) => [panel.id, { panel, size: sizeOf(panel) }]));
  const turned = turnedBy(plan, positionId);
  return plan.space.places.flatMap((place): LaidPanel[] => {
    const { panel, size } = kinds.get(place.panelId) ?? { panel: undefined, size: null };
    const stand = standOf(position, place);
    const at = placeIn(place, positionId);
    const isAway = stand.stance === "stowed" && !at.faceDown;
    if (place.surfaceId !== surface.id || panel === undefined || size === null || isAway) return [];
    const azimuthDeg = (stand.azimuthDeg ?? noonDeg) + (stand.tiltDeg < 0 ? 180 : 0);
    const lies = at.faceDown || !turned.has(keyOf(place));
    const tilt = lies
      ? { tiltDeg: 0, tiltTowardsDeg: 0 }
      : planeOver({ tiltDeg: Math.abs(stand.tiltDeg), azimuthDeg }, frame);
    const runsAcross = panel.pieces.find(({ number }) => number === place.piece)?.substringsRun === "across";
    const cells = cellsOf(size, runsAcross, at.turnedDeg);
    return [
      {
        id: keyOf(place),
        xMm: at.xMm,
        yMm: at.yMm,
        // tilted it turns about its low edge, which keeps the gap
        zMm: at.gapMm + reachMm({ ...cells, ...tilt }) * Math.sin((tilt.tiltDeg * Math.PI) / 180),
        ...cells,
        ...tilt,
        faceDown: at.faceDown,
      },
    ];
  });
}

/** Panels that a position or a mount says how to face; all others lie on their surface. */
function turnedBy({ positions, mounts }: Standing, positionId: string): ReadonlySet<string> {
  const stands = positions.find(({ id }) => id === positionId)?.stands ?? [];
  return new Set([...stands, ...mounts.flatMap(({ pieces }) => pieces)].map(keyOf));
}

/** A panel's cells with its substrings as they run: along its longer edge, or across, which is along for a panel turned so. */
function cellsOf(
  { lengthMm, widthMm, cellsAlong, cellsAcross, substrings }: PanelSize,
  runsAcross: boolean,
  turnDeg: number,
) {
  if (!runsAcross) {
    const columns = shared(cellsAcross, substrings);
    return { alongMm: lengthMm, acrossMm: widthMm, cellsAlong, cellsAcross: columns, substrings, turnDeg };
  }
  const columns = shared(cellsAlong, substrings);
  return {
    alongMm: widthMm,
    acrossMm: lengthMm,
    cellsAlong: cellsAcross,
    cellsAcross: columns,
    substrings,
    turnDeg: turnDeg + 90,
  };
}

/** Columns are shared out evenly among the substrings. */
function shared(columns: number, substrings: number): number {
  return Math.max(substrings, Math.round(columns / substrings) * substrings);
}

/** From the middle of a panel to its low edge along its slope, mm. */
export function reachMm({
  alongMm,
  acrossMm,
  turnDeg,
  tiltTowardsDeg,
}: Pick<RoofPanel, "alongMm" | "acrossMm" | "turnDeg" | "tiltTowardsDeg">): number {
  const apart = ((turnDeg - tiltTowardsDeg) * Math.PI) / 180;
  return (Math.abs(Math.cos(apart)) * alongMm + Math.abs(Math.sin(apart)) * acrossMm) / 2;
}

/** What stands on a surface now, as bodies; what is only planned throws no shadow yet. */
export function obstaclesOn({ space }: Pick<Plan, "space">, surface: Pick<Surface, "id">): readonly Obstacle[] {
  return space.obstacles.filter(({ surfaceId, planned }) => surfaceId === surface.id && !planned).map(bodyOf);
}

export function bodyOf({ xMm, yMm, zMm, shape }: Pick<RoofObstacle, "xMm" | "yMm" | "zMm" | "shape">): Obstacle {
  return { ...shape, xMm, yMm, zMm };
}
