import { type SurfaceDrawing } from "./drawing";
import { minTextMm, line, type Mark, pageRoom, type Paper, papers, placed, type Sheet, text } from "./marks";
import { legible, legendMarks } from "./legend";

/** Scales a builder's rule has. */
const scales = [2, 5, 10, 20, 25, 30, 40, 50, 75, 100, 200, 500, 1000] as const;
/** Room for the distances round the drawing. */
const dimensionsMm = 22;
const titleMm = 16;
/** Under the drawing, for the ruler. */
const rulerMm = 10;

/**
 * A drawing to scale on one sheet, or as part of a printed page (`"page"`), which is as deep as it needs; one for a screen says no scale. Distances stand at each edge:
 * from the left edge below, from the right edge above, from the back edge at the left, from the front edge at the right; the two of a line
 * add up to the surface's size, so that a wrong one shows. A name that does not fit where it stands is a number there, told below.
 */
export function planSheet(
  title: string,
  drawing: SurfaceDrawing,
  paper: Paper | "page" | "screen",
  mm: (value: number) => string,
): Sheet {
  const isPart = paper === "page" || paper === "screen";
  const { wideMm: wide, deepMm: room, name: paperName } = isPart ? pageRoom : papers[paper];
  const marginMm = isPart ? 1 : 12;
  const roomX = wide - 2 * (marginMm + dimensionsMm);
  const deepest = room - 2 * (marginMm + dimensionsMm) - titleMm - rulerMm;
  const laid = scales.map((scale) => ({ scale, ...legible(drawing.marks, scale) }));
  const { scale, marks, legend } =
    laid.find(
      (each) =>
        drawing.wideMm / each.scale <= roomX &&
        drawing.deepMm / each.scale <= deepest - legendMarks(each.legend, 0, 0, wide).deepMm,
    ) ?? (laid.at(-1) as (typeof laid)[number]);
  const [w, d] = [drawing.wideMm / scale, drawing.deepMm / scale];
  const told = (y: number) => legendMarks(legend, marginMm, y, wide - 2 * marginMm);
  const spareY = isPart ? 0 : Math.max(0, (deepest - told(0).deepMm - d) / 2);
  const [x0, y0] = [(wide - w) / 2, marginMm + titleMm + dimensionsMm + spareY];
  const below = told(y0 + d + dimensionsMm + 3);
  const deep = isPart ? y0 + d + dimensionsMm + 3 + below.deepMm + rulerMm : room;
  return {
    name: title,
    wideMm: wide,
    deepMm: deep,
    marks: [
      text([marginMm, marginMm + 4], title, 4.5),
      text(
        [marginMm, marginMm + 10],
        paper === "screen"
          ? "Front up. Not to scale here: go by the numbers, in mm."
          : `Scale 1 : ${scale} on ${paperName}, front up. Print at 100 %. Measured in mm.`,
        3,
      ),
      ...placed(marks, 1 / scale, [x0, y0]),
      ...spread(drawing.edges.x.map((x) => x0 + x / scale)).flatMap(([tick, at], k) => {
        const x = drawing.edges.x[k] ?? 0;
        return sideways(tick, at, y0, y0 + d, mm(x), mm(drawing.wideMm - x));
      }),
      ...spread(drawing.edges.y.map((y) => y0 + y / scale)).flatMap(([tick, at], k) => {
        const y = drawing.edges.y[k] ?? 0;
        return upright(tick, at, x0, x0 + w, mm(drawing.deepMm - y), mm(y));
      }),
      ...[
        text(
          [x0 + w / 2, y0 + d + dimensionsMm - 2],
          `from the left edge (of ${mm(drawing.wideMm)})`,
          minTextMm,
          "middle",
        ),
        text([x0 + w / 2, y0 - dimensionsMm + 4], "from the right edge", minTextMm, "middle"),
        text(
          [x0 - dimensionsMm + 3, y0 + d / 2],
          `from the back edge (of ${mm(drawing.deepMm)})`,
          minTextMm,
          "middle",
          90,
        ),
        text([x0 + w + dimensionsMm - 1, y0 + d / 2], "from the front edge", minTextMm, "middle", 90),
      ],
      ...below.marks,
      ...(paper === "screen" ? [] : ruler(marginMm, deep - (isPart ? 2 : marginMm))),
    ],
  };
}

/** Between two numbers, so that they can be read. */
const apartMm = 3.2;

/** Where ticks are, and where their numbers stand: so far apart that none lies on another. */
function spread(ticks: readonly number[]): readonly (readonly [number, number])[] {
  let last = -Infinity;
  return ticks.map((tick) => {
    last = Math.max(tick, last + apartMm);
    return [tick, last] as const;
  });
}

/** Ticks below and above a drawing, with how far they are from its left and its right edge. */
function sideways(tick: number, at: number, top: number, bottom: number, fromLeft: string, fromRight: string): Mark[] {
  return [
    line(
      [
        [tick, bottom + 1],
        [tick, bottom + 3],
        [at, bottom + 5],
      ],
      "fine",
    ),
    line(
      [
        [tick, top - 1],
        [tick, top - 3],
        [at, top - 5],
      ],
      "fine",
    ),
    text([at + 0.8, bottom + 15], fromLeft, minTextMm, "start", 90),
    text([at + 0.8, top - 6], fromRight, minTextMm, "start", 90),
  ];
}

function upright(tick: number, at: number, left: number, right: number, fromBack: string, fromFront: string): Mark[] {
  return [
    line(
      [
        [left - 1, tick],
        [left - 3, tick],
        [left - 5, at],
      ],
      "fine",
    ),
    line(
      [
        [right + 1, tick],
        [right + 3, tick],
        [right + 5, at],
      ],
      "fine",
    ),
    text([left - 6, at + 0.8], fromBack, minTextMm, "end"),
    text([right + 6, at + 0.8], fromFront, minTextMm),
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
    text([x + 102, y], "100 mm. If it is not, print again at 100 %", minTextMm),
  ];
}
