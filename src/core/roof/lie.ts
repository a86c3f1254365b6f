import { type Plan, type RoofObstacle, type Surface } from "../plan";
import { keyOf, type Pose, standOf } from "../wiring";
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
const usualWm2 = 190;
const usualCellMm = 160;

/** The size of a panel of a kind; null where nobody can tell it. */
export function sizeOf({ label }: Pick<Plan["panels"][number], "label">): PanelSize | null {
  const { lengthMm, widthMm, pmaxW, cellsAlong, cellsAcross, bypassDiodes } = label;
  const guessed = pmaxW === null ? null : 1000 * Math.sqrt(pmaxW / usualWm2 / 2);
  const width = widthMm ?? guessed;
  const length = lengthMm ?? (guessed === null ? null : 2 * guessed);
  if (width === null || length === null) return null;
  const substrings = Math.max(1, bypassDiodes ?? 2);
  const across = cellsAcross ?? Math.max(1, Math.round(width / usualCellMm));
  return {
    lengthMm: length,
    widthMm: width,
    cellsAlong: cellsAlong ?? Math.max(1, Math.round(length / usualCellMm)),
    // columns are shared out evenly among the substrings
    cellsAcross: Math.max(substrings, Math.round(across / substrings) * substrings),
    substrings,
    assumed: widthMm === null || lengthMm === null || cellsAlong === null || cellsAcross === null,
  };
}

/** The panels that lie on a surface as a pose has them; stowed ones are not there. Tilts towards the noon sun are told by the heading. */
export function panelsOn(
  plan: Pick<Plan, "space" | "panels">,
  surface: Pick<Surface, "id">,
  pose: Pose,
  facing: { readonly headingDeg: number; readonly noonDeg: number },
): readonly RoofPanel[] {
  const sizes = new Map(plan.panels.map((panel) => [panel.id, sizeOf(panel)]));
  return plan.space.places.flatMap((place): RoofPanel[] => {
    const size = sizes.get(place.panelId);
    const stand = standOf(pose, place);
    if (place.surfaceId !== surface.id || size === undefined || size === null || stand.stance === "stowed") return [];
    const towards = (stand.azimuthDeg ?? facing.noonDeg) + (stand.tiltDeg < 0 ? 180 : 0) - facing.headingDeg;
    return [
      {
        id: keyOf(place),
        xMm: place.xMm,
        yMm: place.yMm,
        zMm: place.gapMm,
        alongMm: size.lengthMm,
        acrossMm: size.widthMm,
        turnDeg: place.turnedDeg,
        tiltDeg: Math.abs(stand.tiltDeg),
        tiltTowardsDeg: towards,
        cellsAlong: size.cellsAlong,
        cellsAcross: size.cellsAcross,
        substrings: size.substrings,
      },
    ];
  });
}

/** What stands on a surface now, as bodies; what is only planned throws no shadow yet. */
export function obstaclesOn({ space }: Pick<Plan, "space">, surface: Pick<Surface, "id">): readonly Obstacle[] {
  return space.obstacles.filter(({ surfaceId, planned }) => surfaceId === surface.id && !planned).map(bodyOf);
}

export function bodyOf({ xMm, yMm, zMm, shape }: Pick<RoofObstacle, "xMm" | "yMm" | "zMm" | "shape">): Obstacle {
  return { ...shape, xMm, yMm, zMm };
}
