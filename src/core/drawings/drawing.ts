import { type Plan, pieceName, type Surface } from "../plan";
import { baseOf, bodyOf, boundsOf, footprintOf, type LaidPanel, pointsOf, type Polygon, wayLine } from "../layout/roof";
import { line, type Mark, type Spot, text } from "./marks";

/** A surface at its true size as marks: mm from its left edge to the right and from its front edge down, as one looks at it from above. */
export type SurfaceDrawing = {
  readonly marks: readonly Mark[];
  /** Lines between the cells of panels, at full size only. */ readonly cells: readonly Mark[];
  readonly wideMm: number;
  readonly deepMm: number;
  /** What is to be measured from the edges: panels by their edges, holes by their middles. */
  readonly edges: { readonly x: readonly number[]; readonly y: readonly number[] };
  /** Places where something is fixed or cut. */ readonly points: readonly DrawnPoint[];
};
export type DrawnPoint = {
  readonly at: Spot;
  readonly name: string;
  readonly isHole: boolean;
  /** How far its marks go round it. */ readonly reachMm: number;
};

/** Arms of the marks at a panel's corners, mm. */
const cornerMm = 30;

export function drawSurface(
  plan: Pick<Plan, "panels" | "space">,
  surface: Surface,
  panels: readonly LaidPanel[],
): SurfaceDrawing {
  const outline = pointsOf(surface.outline);
  const {
    x: [left, right],
    y: [back, front],
  } = boundsOf(outline);
  const spot = ([x, y]: readonly [number, number]): Spot => [x - left, front - y];
  const here = <T extends { readonly surfaceId: string }>(list: readonly T[]) =>
    list.filter(({ surfaceId }) => surfaceId === surface.id);
  const shape = (of: Polygon, ...more: [pen?: "fine" | "plain" | "bold", dashed?: boolean]) =>
    line(of.map(spot), more[0] ?? "plain", true, more[1] ?? false);
  const marks: Mark[] = [shape(outline, "bold")];
  const cells: Mark[] = [];
  const points: DrawnPoint[] = [];
  const [xs, ys]: [number[], number[]] = [[], []];
  for (const each of ribLines(surface)) marks.push(line(each.map(spot), "fine", false, true));
  for (const zone of here(plan.space.zones)) {
    const area = pointsOf(zone.outline);
    const {
      x: [l, r],
      y: [b, f],
    } = boundsOf(area);
    marks.push(shape(area, "fine", true), named(zone.name, middleOf(area.map(spot)), r - l, f - b));
  }
  for (const obstacle of here(plan.space.obstacles)) {
    const base = baseOf(bodyOf(obstacle));
    const {
      x: [l, r],
      y: [b, f],
    } = boundsOf(base);
    marks.push(shape(base, "plain", obstacle.planned), named(obstacle.name, middleOf(base.map(spot)), r - l, f - b));
  }
  for (const panel of panels) {
    const corners = footprintOf(panel);
    marks.push(shape(corners, "bold"));
    cells.push(...cellLines(panel).map((each) => line(each.map(spot), "fine")));
    const name = pieceName(plan, panel.id);
    const {
      x: [l, r],
      y: [b, f],
    } = boundsOf(corners);
    marks.push(named(name, spot([panel.xMm, panel.yMm]), r - l, f - b));
    xs.push(l - left, r - left);
    ys.push(front - f, front - b);
    for (const [k, corner] of corners.entries()) {
      points.push({ at: spot(corner), name: `${name}, corner ${k + 1}`, isHole: false, reachMm: cornerMm });
      marks.push(...crossAt(spot(corner), cornerMm, "fine"));
    }
  }
  for (const { xMm, yMm, holeMm, name, existing } of here(plan.space.glands)) {
    const at = spot([xMm, yMm]);
    marks.push({ type: "circle", middle: at, radiusMm: holeMm / 2, pen: "plain" }, ...crossAt(at, holeMm, "plain"));
    marks.push(text([at[0] + holeMm, at[1]], `${name}, ${existing ? "there already" : `hole ${holeMm} mm`}`, 50));
    xs.push(at[0]);
    ys.push(at[1]);
    if (!existing) points.push({ at, name, isHole: true, reachMm: holeMm });
  }
  for (const way of here(plan.space.ways)) {
    const corners = wayLine(way, plan, panels);
    if (corners.length > 1) marks.push(line(corners.map(spot), "plain", false, true));
  }
  return {
    marks,
    cells,
    wideMm: right - left,
    deepMm: front - back,
    edges: { x: distinct(xs), y: distinct(ys) },
    points,
  };
}

export function ribLines({ ribs, outline }: Surface): readonly (readonly Spot[])[] {
  if (ribs === null) return [];
  const {
    x: [left, right],
    y: [back, front],
  } = boundsOf(pointsOf(outline));
  const [from, to] = ribs.run === "along" ? [left, right] : [back, front];
  const lines: Spot[][] = [];
  for (let at = ribs.firstMm; at <= to && lines.length < 400; at += ribs.apartMm)
    for (const side of [at - ribs.widthMm / 2, at + ribs.widthMm / 2])
      if (side > from && side < to)
        lines.push(
          ribs.run === "along"
            ? [
                [side, back],
                [side, front],
              ]
            : [
                [left, side],
                [right, side],
              ],
        );
  return lines;
}

/** The lines between a panel's cells; of one that is tilted none, as they would not be where they seem. */
function cellLines({ xMm, yMm, alongMm, acrossMm, turnDeg, tiltDeg, cellsAlong, cellsAcross }: LaidPanel): Spot[][] {
  if (tiltDeg !== 0) return [];
  const [s, c] = [Math.sin((turnDeg * Math.PI) / 180), Math.cos((turnDeg * Math.PI) / 180)];
  const at = (along: number, across: number): Spot => [xMm + along * s + across * c, yMm + along * c - across * s];
  const even = (count: number, mm: number) => Array.from({ length: count - 1 }, (_, k) => ((k + 1) / count - 0.5) * mm);
  return [
    ...even(cellsAlong, alongMm).map((a) => [at(a, -acrossMm / 2), at(a, acrossMm / 2)]),
    ...even(cellsAcross, acrossMm).map((a) => [at(-alongMm / 2, a), at(alongMm / 2, a)]),
  ];
}

/** A name in the middle of something, along its longer side, as large as it fits; letters are about half as wide as high. */
function named(name: string, at: Spot, wideMm: number, deepMm: number): Mark {
  const longMm = Math.max(wideMm, deepMm);
  const sizeMm = Math.min(90, (0.9 * longMm) / (0.55 * Math.max(1, name.length)));
  return text(at, name, sizeMm, "middle", deepMm > wideMm ? 90 : 0);
}

function crossAt([x, y]: Spot, armMm: number, pen: "fine" | "plain"): Mark[] {
  return [
    line(
      [
        [x - armMm, y],
        [x + armMm, y],
      ],
      pen,
    ),
    line(
      [
        [x, y - armMm],
        [x, y + armMm],
      ],
      pen,
    ),
  ];
}

function middleOf(spots: readonly Spot[]): Spot {
  const {
    x: [left, right],
    y: [top, bottom],
  } = boundsOf(spots);
  return [(left + right) / 2, (top + bottom) / 2];
}

/** Nearer than half a millimetre nobody measures. */
function distinct(values: readonly number[]): number[] {
  const sorted = values.toSorted((a, b) => a - b);
  return sorted.filter((value, k) => k === 0 || value - (sorted[k - 1] ?? 0) > 0.5);
}
