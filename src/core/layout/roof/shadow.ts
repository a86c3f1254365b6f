import { type SunPosition } from "../../engine/sky";
import { areaOf, hullOf, type Polygon, without } from "./convex";
import { type Obstacle, type PanelPlane, planeOf, type RoofPanel, type Solid, solidOf, solidOfPanel } from "./solids";
import { dot, plus, type Point, towards, type Vector } from "./vector";

/** Shares of area that the beam reaches: of a panel, of each substring, and of the least lit cell of each, which holds its current. */
export type PanelShade = {
  readonly id: string;
  readonly lit: number;
  readonly substrings: readonly { readonly lit: number; readonly worstCellLit: number }[];
  /** Share of each cell, column by column from the low end of across, each from the low end of along. */
  readonly cells: readonly number[];
};

/** A panel whose own substrings do not share its columns out evenly cannot be asked about: the caller has seen to it. */
type Ready = { readonly panel: RoofPanel; readonly plane: PanelPlane; readonly solid: Solid };

/**
 * Which cells of which panel lie in the shade of obstacles and of one another, by plain geometry: the part of every body that is
 * on the sun's side of a panel's plane falls on it as a convex shadow, which is taken out of the cells it meets. Exact but for
 * poles, which have 32 sides. The sun is a point; panels have no thickness; the roof casts no shadow.
 */
export function createShadows(panels: readonly RoofPanel[], obstacles: readonly Obstacle[]) {
  const ready = panels.map((panel): Ready => {
    const plane = planeOf(panel);
    return { panel, plane, solid: solidOfPanel(panel, plane) };
  });
  const bodies = [...obstacles.map(solidOf), ...ready.map(({ solid }) => solid)];
  return ({ azimuthDeg, elevationDeg }: SunPosition): PanelShade[] => {
    const sun = towards(azimuthDeg, elevationDeg);
    return ready.map((one) => {
      const { panel, plane } = one;
      if (elevationDeg <= 0 || dot(plane.normal, sun) <= 1e-9) return shadeOf(panel, () => 0);
      const shadows: Shadow[] = [];
      for (const body of bodies) {
        const shadow = body === one.solid ? null : shadowOn(body, panel, plane, sun);
        if (shadow !== null) shadows.push(shadow);
      }
      return shadeOf(panel, (cell) => litOf(cell, shadows));
    });
  };
}

/** Nearer to the plane than this counts as in it, mm. */
const onPlaneMm = 1e-6;

/** A shadow on a panel, with its sides as lines: how far inside of each a point is. */
type Shadow = {
  readonly polygon: Polygon;
  readonly sides: readonly Side[];
  /** The box round it. */
  readonly minX: number;
  readonly maxX: number;
  readonly minY: number;
  readonly maxY: number;
};
type Side = { readonly nx: number; readonly ny: number; readonly least: number };

/** The shadow of a body on a panel's plane, from the panel's middle along and across; null where it falls beside the panel. */
function shadowOn(
  body: Solid,
  panel: RoofPanel,
  { middle, along, across, normal }: PanelPlane,
  sun: Vector,
): Shadow | null {
  const facing = dot(normal, sun);
  // the sun's direction for each mm of height over the plane, as the panel's edges have it
  const [fallAlong, fallAcross] = [dot(sun, along) / facing, dot(sun, across) / facing];
  const [halfAlong, halfAcross] = [panel.alongMm / 2, panel.acrossMm / 2];
  // most bodies are nowhere near: told by the ball round them
  const { ball } = body;
  const [ballX, ballY, ballZ] = [ball.middle[0] - middle[0], ball.middle[1] - middle[1], ball.middle[2] - middle[2]];
  const ballHeight = ballX * normal[0] + ballY * normal[1] + ballZ * normal[2];
  if (ballHeight <= -ball.radiusMm) return null;
  const ballAlong = ballX * along[0] + ballY * along[1] + ballZ * along[2] - ballHeight * fallAlong;
  const ballAcross = ballX * across[0] + ballY * across[1] + ballZ * across[2] - ballHeight * fallAcross;
  if (Math.abs(ballAlong) >= halfAlong + ball.radiusMm * (1 + Math.abs(fallAlong))) return null;
  if (Math.abs(ballAcross) >= halfAcross + ball.radiusMm * (1 + Math.abs(fallAcross))) return null;
  const heights: number[] = [];
  const points: Point[] = [];
  let isCut = false;
  let isOver = false;
  let [minAlong, maxAlong, minAcross, maxAcross] = [Infinity, -Infinity, Infinity, -Infinity];
  const cast = (x: number, y: number, z: number, height: number): void => {
    const a = x * along[0] + y * along[1] + z * along[2] - height * fallAlong;
    const c = x * across[0] + y * across[1] + z * across[2] - height * fallAcross;
    if (a < minAlong) minAlong = a;
    if (a > maxAlong) maxAlong = a;
    if (c < minAcross) minAcross = c;
    if (c > maxAcross) maxAcross = c;
    points.push([a, c]);
  };
  for (const corner of body.corners) {
    const [x, y, z] = [corner[0] - middle[0], corner[1] - middle[1], corner[2] - middle[2]];
    const height = x * normal[0] + y * normal[1] + z * normal[2];
    heights.push(height);
    if (height > onPlaneMm) isOver = true;
    if (height >= -onPlaneMm) cast(x, y, z, Math.max(0, height));
    else isCut = true;
  }
  if (!isOver) return null;
  // where the body goes through the plane it is cut: what is below casts nothing on it
  if (isCut)
    for (const [from, to] of body.edges) {
      const [a, b] = [heights[from] ?? 0, heights[to] ?? 0];
      const [start, end] = [body.corners[from], body.corners[to]];
      if (start === undefined || end === undefined || a >= 0 === b >= 0) continue;
      const [x, y, z] = plus(plus(start, plus(end, start, -1), a / (a - b)), middle, -1);
      cast(x, y, z, 0);
    }
  if (maxAlong <= -halfAlong || minAlong >= halfAlong || maxAcross <= -halfAcross || minAcross >= halfAcross)
    return null;
  const polygon = hullOf(points);
  if (polygon.length < 3) return null;
  const sides = polygon.map(([ax, ay], k): Side => {
    const [bx, by] = polygon[(k + 1) % polygon.length] ?? [ax, ay];
    const [nx, ny] = [ay - by, bx - ax];
    return { nx, ny, least: nx * ax + ny * ay };
  });
  return { polygon, sides, minX: minAlong, maxX: maxAlong, minY: minAcross, maxY: maxAcross };
}

type Cell = { readonly from: Point; readonly to: Point };

/** Share of a cell that no shadow covers. Most cells lie wholly in a shadow or out of it, which their middles tell. */
function litOf({ from, to }: Cell, shadows: readonly Shadow[]): number {
  const [midX, midY] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const [halfX, halfY] = [(to[0] - from[0]) / 2, (to[1] - from[1]) / 2];
  let pieces: readonly Polygon[] | null = null;
  for (const { polygon, sides, minX, maxX, minY, maxY } of shadows) {
    if (maxX <= from[0] || minX >= to[0] || maxY <= from[1] || minY >= to[1]) continue;
    let [isOut, isIn] = [false, true];
    for (const { nx, ny, least } of sides) {
      const over = nx * midX + ny * midY - least;
      const reach = Math.abs(nx) * halfX + Math.abs(ny) * halfY;
      if (over <= -reach) {
        isOut = true;
        break;
      }
      if (over < reach) isIn = false;
    }
    if (isOut) continue;
    if (isIn) return 0;
    pieces ??= [[from, [to[0], from[1]], to, [from[0], to[1]]]];
    pieces = pieces.flatMap((piece) => without(piece, polygon));
    if (pieces.length === 0) return 0;
  }
  if (pieces === null) return 1;
  return Math.min(1, pieces.reduce((sum, piece) => sum + areaOf(piece), 0) / (4 * halfX * halfY));
}

/** Cells tile the panel: rows along, columns across; the first substring has the first columns from the low end. */
function shadeOf(panel: RoofPanel, litOfCell: (cell: Cell) => number): PanelShade {
  const { id, alongMm, acrossMm, cellsAlong, cellsAcross, substrings } = panel;
  const [along, across] = [alongMm / cellsAlong, acrossMm / cellsAcross];
  const columns = cellsAcross / substrings;
  const cells: number[] = [];
  const each = Array.from({ length: substrings }, (_, substring) => {
    let [sum, worst] = [0, 1];
    for (let column = substring * columns; column < (substring + 1) * columns; column++)
      for (let row = 0; row < cellsAlong; row++) {
        const from: Point = [row * along - alongMm / 2, column * across - acrossMm / 2];
        const lit = litOfCell({ from, to: [from[0] + along, from[1] + across] });
        cells.push(lit);
        sum += lit;
        worst = Math.min(worst, lit);
      }
    return { lit: sum / (columns * cellsAlong), worstCellLit: worst };
  });
  return { id, lit: each.reduce((sum, { lit }) => sum + lit, 0) / substrings, substrings: each, cells };
}

/** Where bodies and panels throw their shadows on the surface itself, from above; nothing once the sun is down. */
export function shadowsOnSurface(
  panels: readonly RoofPanel[],
  obstacles: readonly Obstacle[],
  { azimuthDeg, elevationDeg }: SunPosition,
): Polygon[] {
  if (elevationDeg <= 0) return [];
  const sun = towards(azimuthDeg, elevationDeg);
  const bodies = [...obstacles.map(solidOf), ...panels.map((panel) => solidOfPanel(panel, planeOf(panel)))];
  return bodies.map(({ corners }) =>
    hullOf(
      corners.map(([x, y, z]): Point => {
        const along = Math.max(0, z) / sun[2];
        return [x - along * sun[0], y - along * sun[1]];
      }),
    ),
  );
}

/**
 * Share of the beam that each substring has the current of: that of its least lit cell. Of a panel of half cells the two halves of
 * a substring are in parallel: the mean of the least lit cells of both.
 */
export function heldBeam(shade: PanelShade, cellsAlong: number, isHalfCut: boolean): number[] {
  const { cells, substrings } = shade;
  if (!isHalfCut || cellsAlong < 2) return substrings.map(({ worstCellLit }) => worstCellLit);
  const cellsAcross = cells.length / cellsAlong;
  return heldInGroups(shade, { cellsAlong, cellsAcross, substrings: substrings.length }, true, false);
}

/** The same with substrings along the panel's columns, or the other way: along its rows, shared out as evenly as they are. */
export function heldInGroups(
  { cells }: Pick<PanelShade, "cells">,
  { cellsAlong, cellsAcross, substrings }: Pick<RoofPanel, "cellsAlong" | "cellsAcross" | "substrings">,
  isHalfCut: boolean,
  otherWay: boolean,
): number[] {
  const least = Array.from({ length: substrings }, () => [1, 1]);
  for (const [k, lit] of cells.entries()) {
    const [column, row] = [Math.floor(k / cellsAlong), k % cellsAlong];
    const [side, sides, end, ends] = otherWay
      ? [row, cellsAlong, column, cellsAcross]
      : [column, cellsAcross, row, cellsAlong];
    const group = least[Math.min(substrings - 1, Math.floor((side * substrings) / sides))];
    const half = isHalfCut && (ends === 1 || end >= ends / 2) ? 1 : 0;
    // a single cell between both ends is in both halves
    if (group !== undefined && isHalfCut && ends === 1) group[0] = Math.min(group[0] ?? 1, lit);
    if (group !== undefined) group[half] = Math.min(group[half] ?? 1, lit);
  }
  return least.map(([a = 1, b = 1]) => (isHalfCut ? (a + b) / 2 : a));
}
