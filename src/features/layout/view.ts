import { type Surface } from "@/core/plan";
import { boundsOf, pointsOf, type Polygon } from "@/core/layout/roof";

/** How a surface is looked at: from above, its front up, or to the right where that leaves it more room. */
export type View = {
  readonly isTurned: boolean;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** The longer side of what is shown, mm: letters and marks are sized by it. */ readonly span: number;
  readonly middle: readonly [number, number];
  readonly project: (point: readonly [number, number]) => readonly [number, number];
  readonly unproject: (point: readonly [number, number]) => readonly [number, number];
  readonly path: (shape: Polygon, isOpen?: boolean) => string;
  /** A turn on the roof, clockwise, as the screen has it. */ readonly turn: (deg: number) => number;
};

/** Round the outline, for the sun and for words, as a share of the longer side. */
const marginShare = 0.11;

export function viewOf({ outline }: Pick<Surface, "outline">, isTurned: boolean): View {
  const { x, y } = boundsOf(pointsOf(outline));
  const project = ([px, py]: readonly [number, number]) => (isTurned ? ([py, px] as const) : ([px, -py] as const));
  const unproject = ([u, v]: readonly [number, number]) => (isTurned ? ([v, u] as const) : ([u, -v] as const));
  const [wide, deep] = isTurned ? [y[1] - y[0], x[1] - x[0]] : [x[1] - x[0], y[1] - y[0]];
  const span = Math.max(wide, deep);
  const margin = marginShare * span;
  const [left, top] = isTurned ? [y[0], x[0]] : [x[0], -y[1]];
  return {
    isTurned,
    left: left - margin,
    top: top - margin,
    width: wide + 2 * margin,
    height: deep + 2 * margin,
    span,
    middle: [(x[0] + x[1]) / 2, (y[0] + y[1]) / 2],
    project,
    unproject,
    path: (shape, isOpen = false) =>
      `M${shape
        .map(project)
        .map(([u, v]) => `${u.toFixed(1)} ${v.toFixed(1)}`)
        .join("L")}${isOpen ? "" : "Z"}`,
    turn: (deg) => deg + (isTurned ? 90 : 0),
  };
}

/** Which way an arrow key moves something on the roof, as it is looked at. */
export function arrowOf(key: string, { isTurned }: View): readonly [number, number] | null {
  const onScreen: Readonly<Record<string, readonly [number, number]>> = {
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
  };
  const [right, up] = onScreen[key] ?? [0, 0];
  if (right === 0 && up === 0) return null;
  return isTurned ? [-up, right] : [right, up];
}
