import { level, plus, towards, turned, type Vector } from "./vector";

/** A panel as it lies over the roof. Its along-edge is turned clockwise from the front; tilted, the side it faces sinks. */
export type RoofPanel = {
  readonly id: string;
  readonly xMm: number;
  readonly yMm: number;
  /** Of its middle. */ readonly zMm: number;
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly turnDeg: number;
  readonly tiltDeg: number;
  readonly tiltTowardsDeg: number;
  readonly cellsAlong: number;
  readonly cellsAcross: number;
  readonly substrings: number;
};

/** What stands on a roof, upright and solid; it may float. */
export type Obstacle =
  | {
      readonly type: "box";
      readonly xMm: number;
      readonly yMm: number;
      /** Of its bottom. */ readonly zMm: number;
      readonly lengthMm: number;
      readonly widthMm: number;
      readonly turnDeg: number;
      readonly heightMm: number;
    }
  | {
      readonly type: "pole";
      readonly xMm: number;
      readonly yMm: number;
      readonly radiusMm: number;
      readonly zMm: number;
      readonly heightMm: number;
    };

/** The plane of a panel: its middle, and directions of length 1 along, across and up from it. */
export type PanelPlane = {
  readonly middle: Vector;
  readonly along: Vector;
  readonly across: Vector;
  readonly normal: Vector;
};

/** A convex body by its corners and its edges. */
export type Solid = {
  readonly corners: readonly Vector[];
  readonly edges: readonly (readonly [number, number])[];
  /** A ball it lies in. */ readonly ball: { readonly middle: Vector; readonly radiusMm: number };
};

function solid(corners: readonly Vector[], edges: Solid["edges"]): Solid {
  const middle = corners.reduce<Vector>((sum, corner) => plus(sum, corner, 1 / corners.length), [0, 0, 0]);
  const radiusMm = Math.max(...corners.map((corner) => Math.hypot(...plus(corner, middle, -1))));
  return { corners, edges, ball: { middle, radiusMm } };
}

export function planeOf({ xMm, yMm, zMm, turnDeg, tiltDeg, tiltTowardsDeg }: RoofPanel): PanelPlane {
  const axis = level(tiltTowardsDeg - 90);
  const laid = (direction: Vector) => turned(direction, axis, tiltDeg);
  return {
    middle: [xMm, yMm, zMm],
    along: laid(level(turnDeg)),
    across: laid(level(turnDeg + 90)),
    normal: towards(tiltTowardsDeg, 90 - tiltDeg),
  };
}

export function solidOfPanel({ alongMm, acrossMm }: RoofPanel, { middle, along, across }: PanelPlane): Solid {
  const corner = (a: number, c: number) => plus(plus(middle, along, (a * alongMm) / 2), across, (c * acrossMm) / 2);
  return solid([corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)], ring(4, 0));
}

/** Sides a pole is drawn with; its radius is then that of the circle of equal area, its width within 0.1 %. */
const poleSides = 32;

export function solidOf(obstacle: Obstacle): Solid {
  const { xMm, yMm, zMm, heightMm } = obstacle;
  const foot: Vector = [xMm, yMm, zMm];
  if (obstacle.type === "box") {
    const [length, width] = [level(obstacle.turnDeg), level(obstacle.turnDeg + 90)];
    const corner = (l: number, w: number) =>
      plus(plus(foot, length, (l * obstacle.lengthMm) / 2), width, (w * obstacle.widthMm) / 2);
    return prism([corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)], heightMm);
  }
  const step = 360 / poleSides;
  const evened = obstacle.radiusMm * Math.sqrt((2 * Math.PI) / poleSides / Math.sin((2 * Math.PI) / poleSides));
  return prism(
    Array.from({ length: poleSides }, (_, k) => plus(foot, level(k * step), evened)),
    heightMm,
  );
}

function prism(base: readonly Vector[], heightMm: number): Solid {
  const sides = base.length;
  return solid(
    [...base, ...base.map((corner) => plus(corner, [0, 0, heightMm]))],
    [...ring(sides, 0), ...ring(sides, sides), ...Array.from({ length: sides }, (_, k) => [k, k + sides] as const)],
  );
}

function ring(count: number, from: number): (readonly [number, number])[] {
  return Array.from({ length: count }, (_, k) => [from + k, from + ((k + 1) % count)] as const);
}
