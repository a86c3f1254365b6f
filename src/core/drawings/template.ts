import { type SurfaceDrawing } from "./drawing";
import { minTextMm, line, type Mark, type Paper, papers, placed, type Sheet, text, within } from "./marks";
import { ruler } from "./plan-sheet";

/** Printers leave about so much of the paper white. */
const marginMm = 12;
/** Below the drawing: the check ruler and what the tile is. */
const footMm = 20;
/** Tiles overlap by so much, to be glued on each other. */
const overlapMm = 10;
/** More sheets than this nobody glues together. */
const maxTiles = 120;

export type Template = { readonly sheets: readonly Sheet[]; readonly leftOut: number };

/**
 * The surface at its true size in tiles of paper, of which only those are drawn that have a hole to cut or a corner of a panel on them.
 * Each has its place by column and row, a ruler to check the printer by, corners that meet those of its neighbours, and how far its
 * own corner is from the left and the back edge.
 */
export function templateSheets(
  title: string,
  drawing: SurfaceDrawing,
  paper: Paper,
  what: "holes" | "all",
  mm: (value: number) => string,
): Template {
  const { wideMm, deepMm } = papers[paper];
  const [tileX, tileY] = [wideMm - 2 * marginMm, deepMm - 2 * marginMm - footMm];
  const [stepX, stepY] = [tileX - overlapMm, tileY - overlapMm];
  const wanted = drawing.points.filter(({ isHole }) => isHole || what === "all");
  const tiles = new Map<string, { readonly column: number; readonly row: number }>();
  for (const { at, reachMm } of wanted)
    for (const x of [at[0] - reachMm, at[0] + reachMm])
      for (const y of [at[1] - reachMm, at[1] + reachMm]) {
        // rows are counted from the back, where one begins to measure
        const [column, row] = [
          Math.max(0, Math.floor(x / stepX)),
          Math.max(0, Math.floor((drawing.deepMm - y) / stepY)),
        ];
        tiles.set(`${column}/${row}`, { column, row });
      }
  const sorted = [...tiles.values()].sort((a, b) => a.row - b.row || a.column - b.column);
  const sheets = sorted.slice(0, maxTiles).map(({ column, row }): Sheet => {
    const left = column * stepX;
    const bottom = drawing.deepMm - row * stepY;
    const top = bottom - tileY;
    const box = [left, top, left + tileX, bottom] as const;
    const shown = within([...drawing.marks, ...drawing.cells], box).map((mark): Mark =>
      mark.type === "text" ? { ...mark, sizeMm: 4 } : mark,
    );
    const name = `${String.fromCharCode(65 + (column % 26))}${row + 1}`;
    const on = drawing.points
      .filter(({ at: [x, y] }) => x >= left && x <= left + tileX && y >= top && y <= bottom)
      .map((point) => point.name);
    return {
      name: `${title}, ${name}`,
      wideMm,
      deepMm,
      marks: [
        ...placed(shown, 1, [marginMm - left, marginMm - top]),
        ...corners(marginMm, marginMm, tileX, tileY),
        text(
          [marginMm, marginMm + tileY + 5],
          `${title}: tile ${name}, column ${column + 1} from the left, row ${row + 1} from the back`,
          3,
        ),
        text(
          [marginMm, marginMm + tileY + 9],
          `Its lower left mark: ${mm(left)} from the left edge, ${mm(drawing.deepMm - bottom)} from the back edge. Tiles overlap by ${overlapMm} mm.`,
          minTextMm,
        ),
        text([marginMm, marginMm + tileY + 13], on.join("; ").slice(0, 110), minTextMm),
        ...ruler(marginMm, deepMm - marginMm + 3),
      ],
    };
  });
  return { sheets, leftOut: Math.max(0, sorted.length - maxTiles) };
}

/** A mark in each corner of a tile: laid on its neighbours', they make one. */
function corners(x: number, y: number, wide: number, deep: number): Mark[] {
  const arm = 6;
  return [
    [x, y, 1, 1],
    [x + wide, y, -1, 1],
    [x + wide, y + deep, -1, -1],
    [x, y + deep, 1, -1],
  ].map(([cx = 0, cy = 0, sx = 1, sy = 1]) =>
    line(
      [
        [cx + sx * arm, cy],
        [cx, cy],
        [cx, cy + sy * arm],
      ],
      "plain",
    ),
  );
}
