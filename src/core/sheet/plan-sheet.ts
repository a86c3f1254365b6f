import { type SurfaceDrawing } from "./drawing";
import { line, type Mark, type Paper, papers, placed, type Sheet, text } from "./marks";

/** Scales a builder's rule has. */
const scales = [2, 5, 10, 20, 25, 50, 100, 200, 500, 1000] as const;
const marginMm = 12;
/** Room for the distances round the drawing. */
const dimensionsMm = 22;
const titleMm = 16;

/**
 * A drawing to scale on one sheet. Distances stand at each edge: from the left edge below, from the right edge above, from the back
 * edge at the left, from the front edge at the right; the two of a line add up to the surface's size, so that a wrong one shows.
 */
export function planSheet(title: string, drawing: SurfaceDrawing, paper: Paper, mm: (value: number) => string): Sheet {
  const { wideMm: wide, deepMm: deep } = papers[paper];
  const [roomX, roomY] = [wide - 2 * (marginMm + dimensionsMm), deep - 2 * (marginMm + dimensionsMm) - titleMm];
  const scale = scales.find((each) => drawing.wideMm / each <= roomX && drawing.deepMm / each <= roomY) ?? 1000;
  const [w, d] = [drawing.wideMm / scale, drawing.deepMm / scale];
  const [x0, y0] = [(wide - w) / 2, marginMm + titleMm + dimensionsMm + Math.max(0, (roomY - d) / 2)];
  const drawn = placed(drawing.marks, 1 / scale, [x0, y0]).map((mark): Mark =>
    mark.type === "text" ? { ...mark, sizeMm: Math.max(1.8, Math.min(3, mark.sizeMm / scale)) } : mark,
  );
  return {
    name: title,
    wideMm: wide,
    deepMm: deep,
    marks: [
      text([marginMm, marginMm + 4], title, 4.5),
      text(
        [marginMm, marginMm + 10],
        `Scale 1 : ${scale} on ${papers[paper].name}, front up. Print at 100 %. Measured in mm.`,
        3,
      ),
      ...drawn,
      ...drawing.edges.x.flatMap((x) => sideways(x0 + x / scale, y0, y0 + d, mm(x), mm(drawing.wideMm - x))),
      ...drawing.edges.y.flatMap((y) => upright(y0 + y / scale, x0, x0 + w, mm(drawing.deepMm - y), mm(y))),
      text([x0 + w / 2, y0 + d + dimensionsMm - 2], `from the left edge (of ${mm(drawing.wideMm)})`, 2.4, "middle"),
      text([x0 + w / 2, y0 - dimensionsMm + 4], "from the right edge", 2.4, "middle"),
      text([x0 - dimensionsMm + 4, y0 + d / 2], `from the back edge (of ${mm(drawing.deepMm)})`, 2.4, "middle", 90),
      text([x0 + w + dimensionsMm - 2, y0 + d / 2], "from the front edge", 2.4, "middle", 90),
      ...ruler(marginMm, deep - marginMm),
    ],
  };
}

/** Ticks below and above a drawing, with how far they are from its left and its right edge. */
function sideways(x: number, top: number, bottom: number, fromLeft: string, fromRight: string): Mark[] {
  return [
    line(
      [
        [x, bottom + 1],
        [x, bottom + 4],
      ],
      "fine",
    ),
    line(
      [
        [x, top - 1],
        [x, top - 4],
      ],
      "fine",
    ),
    text([x + 0.8, bottom + 15], fromLeft, 2.4, "start", 90),
    text([x + 0.8, top - 5], fromRight, 2.4, "start", 90),
  ];
}

function upright(y: number, left: number, right: number, fromBack: string, fromFront: string): Mark[] {
  return [
    line(
      [
        [left - 4, y],
        [left - 1, y],
      ],
      "fine",
    ),
    line(
      [
        [right + 1, y],
        [right + 4, y],
      ],
      "fine",
    ),
    text([left - 5, y + 0.8], fromBack, 2.4, "end"),
    text([right + 5, y + 0.8], fromFront, 2.4),
  ];
}

/** Ten centimetres to lay a rule on, at its bottom left corner. */
export function ruler(x: number, y: number): Mark[] {
  const ticks = Array.from({ length: 11 }, (_, k) =>
    line(
      [
        [x + 10 * k, y],
        [x + 10 * k, y - (k % 5 === 0 ? 4 : 2.5)],
      ],
      "plain",
    ),
  );
  return [
    line(
      [
        [x, y],
        [x + 100, y],
      ],
      "plain",
    ),
    ...ticks,
    text([x + 102, y], "100 mm: if it does not measure that, print again at 100 %", 2.4),
  ];
}
