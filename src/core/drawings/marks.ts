/** A drawing as marks, mm from its top left corner to the right and down: what SVG, PDF and DXF are made from. */
export type Spot = readonly [number, number];

export const pens = { fine: 0.13, plain: 0.25, bold: 0.5 } as const;
export type Pen = keyof typeof pens;

export type Mark =
  | {
      readonly type: "line";
      readonly points: readonly Spot[];
      readonly closed: boolean;
      readonly pen: Pen;
      readonly dashed: boolean;
    }
  | { readonly type: "circle"; readonly middle: Spot; readonly radiusMm: number; readonly pen: Pen }
  | {
      readonly type: "text";
      readonly at: Spot;
      readonly text: string;
      readonly sizeMm: number;
      readonly anchor: "start" | "middle" | "end";
      /** Turned so far anticlockwise. */ readonly turnedDeg: 0 | 90;
    };

/** One sheet of paper with what is on it. */
export type Sheet = {
  readonly name: string;
  readonly wideMm: number;
  readonly deepMm: number;
  readonly marks: readonly Mark[];
};

export const papers = {
  a4: { name: "A4", wideMm: 210, deepMm: 297 },
  letter: { name: "Letter", wideMm: 215.9, deepMm: 279.4 },
} as const;
export type Paper = keyof typeof papers;

/** What a drawing may take within a printed page of either paper, between its margins. */
export const pageRoom = { name: "this page", wideMm: 186, deepMm: 215 } as const;

/** Nothing smaller is read on a ladder: 8 pt, mm. */
export const minTextMm = 2.85;

/** How wide words come out at most, about: letters are half as wide as high. */
export function textWideMm(words: string, sizeMm: number): number {
  return 0.55 * sizeMm * words.length;
}

export function line(points: readonly Spot[], pen: Pen = "plain", closed = false, dashed = false): Mark {
  return { type: "line", points, closed, pen, dashed };
}

export function text(
  at: Spot,
  words: string,
  sizeMm = 3,
  anchor: "start" | "middle" | "end" = "start",
  turnedDeg: 0 | 90 = 0,
): Mark {
  return { type: "text", at, text: words, sizeMm, anchor, turnedDeg };
}

/** The part of a stretch that lies in a box; null where none does. Liang & Barsky (1984). */
export function clipped(
  [x0, y0]: Spot,
  [x1, y1]: Spot,
  [left, top, right, bottom]: readonly [number, number, number, number],
): readonly [Spot, Spot] | null {
  let [from, to] = [0, 1];
  const [dx, dy] = [x1 - x0, y1 - y0];
  for (const [p, q] of [
    [-dx, x0 - left],
    [dx, right - x0],
    [-dy, y0 - top],
    [dy, bottom - y0],
  ] as const) {
    if (p === 0) {
      if (q < 0) return null;
    } else if (p < 0) from = Math.max(from, q / p);
    else to = Math.min(to, q / p);
  }
  if (from > to) return null;
  return [
    [x0 + from * dx, y0 + from * dy],
    [x0 + to * dx, y0 + to * dy],
  ];
}

/** What of some marks shows in a box: lines cut at its edges, circles and words by their middles. */
export function within(marks: readonly Mark[], box: readonly [number, number, number, number]): Mark[] {
  const [left, top, right, bottom] = box;
  const has = ([x, y]: Spot, spare = 0) =>
    x >= left - spare && x <= right + spare && y >= top - spare && y <= bottom + spare;
  return marks.flatMap((mark): Mark[] => {
    switch (mark.type) {
      case "text":
        return has(mark.at) ? [mark] : [];
      case "circle":
        return has(mark.middle, mark.radiusMm) ? [mark] : [];
      case "line": {
        const ends = mark.closed ? [...mark.points, ...mark.points.slice(0, 1)] : mark.points;
        return ends.slice(1).flatMap((to, k) => {
          const cut = clipped(ends[k] ?? to, to, box);
          return cut === null ? [] : [{ ...mark, points: cut, closed: false }];
        });
      }
    }
  });
}

/** Marks moved and scaled: by so much on the paper, after so much of their size. */
export function placed(marks: readonly Mark[], scale: number, [dx, dy]: Spot): Mark[] {
  const at = ([x, y]: Spot): Spot => [x * scale + dx, y * scale + dy];
  return marks.map((mark): Mark => {
    switch (mark.type) {
      case "text":
        return { ...mark, at: at(mark.at) };
      case "circle":
        return { ...mark, middle: at(mark.middle), radiusMm: mark.radiusMm * scale };
      case "line":
        return { ...mark, points: mark.points.map(at) };
    }
  });
}
