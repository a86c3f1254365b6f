/** A place on the drawing, px. */
export type Spot = { readonly x: number; readonly y: number };
export type Box = { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };

export type Line = { readonly text: string; readonly sizePx: number; readonly bold: boolean };
export type Wanted = {
  readonly key: string;
  readonly lines: readonly Line[];
  /** What it says where there is no room for all of it; null where it is all or nothing. */
  readonly shorter: readonly Line[] | null;
  /** What it speaks of. */
  readonly at: Spot;
  /** Where it would stand best, in that order; other places near what it speaks of are tried after these. */
  readonly sides: readonly Side[];
};
/** On which side of what it speaks of a label stands. */
export type Side = "aboveRight" | "aboveLeft" | "belowRight" | "belowLeft" | "right" | "left";
export type Placed = { readonly key: string; readonly box: Box; readonly lines: readonly Line[] };

/** An average figure or letter is this wide and a line this high, of the size of the letters; more than they are. */
const letterWidth = 0.6;
const boldLetterWidth = 0.64;
const lineHeight = 1.25;
/** Room kept between a label and whatever is near, px. */
const gapPx = 3;
/** From what it speaks of, px: the first distance is tried on all sides before the next. */
const distancesPx = [6, 16, 24, 38, 56, 80, 110, 150, 200, 260];
const directions = 16;

export function sizeOf({ lines }: Pick<Wanted, "lines">): { width: number; height: number } {
  return {
    width: Math.max(
      ...lines.map(({ text, sizePx, bold }) => text.length * sizePx * (bold ? boldLetterWidth : letterWidth)),
    ),
    height: lines.reduce((sum, { sizePx }) => sum + sizePx * lineHeight, 0),
  };
}

/** Where the words of each line stand in a label's box: the height of their baseline, px. */
export function baselines(lines: readonly Line[], { top }: Box): number[] {
  return lines.map(
    ({ sizePx }, k) =>
      top + lines.slice(0, k + 1).reduce((sum, line) => sum + line.sizePx * lineHeight, 0) - sizePx * 0.3,
  );
}

/**
 * Places for labels such that none lies over another, over a line or outside the drawing: near what each speaks of, on the
 * side it asks for where that is free. The first wanted choose first; one for which there is no room is left out.
 */
export function placeLabels(wanted: readonly Wanted[], within: Box, lines: readonly (readonly Spot[])[]): Placed[] {
  const placed: Placed[] = [];
  const free = (box: Box) =>
    inside(box, within) &&
    !placed.some((other) => overlap(box, other.box)) &&
    !lines.some((points) => crosses(box, points));
  for (const label of wanted) {
    const ways = label.shorter === null ? [label.lines] : [label.lines, label.shorter];
    for (const words of ways) {
      const box = candidates({ ...label, lines: words }).find(free);
      if (box === undefined) continue;
      placed.push({ key: label.key, box, lines: words });
      break;
    }
  }
  return placed;
}

function candidates({ at, sides, ...label }: Omit<Wanted, "key" | "shorter">): Box[] {
  const { width, height } = sizeOf(label);
  const box = (left: number, top: number): Box => ({ left, right: left + width, top, bottom: top + height });
  const onSide = (side: Side, d: number): Box => {
    const left = side.endsWith("ight") ? at.x + d : at.x - d - width;
    if (side === "left" || side === "right") return box(left, at.y - height / 2);
    return box(left, side.startsWith("above") ? at.y - d - height : at.y + d);
  };
  const around = (d: number) =>
    Array.from({ length: directions }, (_, k) => {
      const angle = (2 * Math.PI * k) / directions;
      const [dx, dy] = [Math.cos(angle), Math.sin(angle)];
      // the nearest edge of the box at that distance
      return box(at.x + dx * (d + width / 2) - width / 2, at.y + dy * (d + height / 2) - height / 2);
    });
  const [near = 6, next = 16] = distancesPx;
  return [...[near, next].flatMap((d) => sides.map((side) => onSide(side, d))), ...distancesPx.flatMap(around)];
}

function inside(box: Box, within: Box): boolean {
  return box.left >= within.left && box.right <= within.right && box.top >= within.top && box.bottom <= within.bottom;
}

export function overlap(a: Box, b: Box): boolean {
  return a.left < b.right + gapPx && b.left < a.right + gapPx && a.top < b.bottom + gapPx && b.top < a.bottom + gapPx;
}

/** Whether a line drawn from point to point passes through a box. */
export function crosses(box: Box, points: readonly Spot[]): boolean {
  return points.some((to, k) => {
    const from = points[k - 1];
    return from !== undefined && segmentMeets(box, from, to);
  });
}

/** Clips a segment to the box and its gap, as Liang and Barsky do. */
function segmentMeets(box: Box, from: Spot, to: Spot): boolean {
  let [enter, leave] = [0, 1];
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  for (const [step, room] of [
    [-dx, from.x - (box.left - gapPx)],
    [dx, box.right + gapPx - from.x],
    [-dy, from.y - (box.top - gapPx)],
    [dy, box.bottom + gapPx - from.y],
  ] as const) {
    if (step === 0) {
      if (room < 0) return false;
      continue;
    }
    const at = room / step;
    if (step < 0) enter = Math.max(enter, at);
    else leave = Math.min(leave, at);
    if (enter > leave) return false;
  }
  return true;
}
