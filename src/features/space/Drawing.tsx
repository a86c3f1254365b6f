"use client";

import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from "react";
import { type Plan, type RoofObstacle, type Surface } from "@/core/plan";
import { baseOf, bodyOf, type Polygon } from "@/core/roof";
import { partsOfKey } from "@/core/wiring";
import { useDesk } from "@/features/desk";
import { pieceName } from "./fault-words";
import { boundsOf, type Layout, snapped } from "./layout";
import style from "./space.module.css";

export type Chosen = { readonly type: "panel" | "obstacle"; readonly id: string } | null;

type Props = {
  readonly plan: Plan;
  readonly surface: Surface;
  readonly layout: Layout;
  readonly chosen: Chosen;
  readonly onChoose: (chosen: Chosen) => void;
  /** The sun was taken hold of and turned to a direction, clockwise from the roof's front. */
  readonly onSun: (azimuthDeg: number) => void;
};

const pathOf = (shape: Polygon) => `M${shape.map(([x, y]) => `${x.toFixed(1)} ${(-y).toFixed(1)}`).join("L")}Z`;

type Grip = { readonly what: NonNullable<Chosen>; readonly dx: number; readonly dy: number };

/** The surface from above on graph paper at true scale, its front up: what stands on it, the panels with their cells, shadows as ink wash, the sun as a handle round the edge. */
export function Drawing({ plan, surface, layout, chosen, onChoose, onSun }: Props) {
  const desk = useDesk();
  const drawing = useRef<SVGSVGElement>(null);
  const [grip, setGrip] = useState<Grip | "sun" | null>(null);
  const outline = surface.outline.map(({ xMm, yMm }) => [xMm, yMm] as const);
  const { x: bx, y: by } = boundsOf(outline);
  const span = Math.max(bx[1] - bx[0], by[1] - by[0]);
  const margin = 0.14 * span;
  const [left, top] = [bx[0] - margin, -by[1] - margin];
  const [width, height] = [bx[1] - bx[0] + 2 * margin, by[1] - by[0] + 2 * margin];
  const [midX, midY] = [(bx[0] + bx[1]) / 2, (by[0] + by[1]) / 2];
  const obstacles = useMemo(
    () =>
      plan.space.obstacles
        .filter(({ surfaceId }) => surfaceId === surface.id)
        .map((obstacle) => ({
          obstacle,
          base: baseOf(bodyOf(obstacle)),
          free: baseOf(bodyOf(obstacle), obstacle.clearanceMm),
        })),
    [plan.space.obstacles, surface.id],
  );
  const inTrouble = new Set(
    layout.faults.flatMap((fault) => [fault.panel, ...(fault.type === "overlap" ? [fault.other] : [])]),
  );

  const at = (event: PointerEvent): readonly [number, number] => {
    const matrix = drawing.current?.getScreenCTM()?.inverse();
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [point.x, -point.y];
  };
  const edgesBut = (id: string) => {
    const shapes = [
      outline,
      ...layout.panels.filter((panel) => panel.id !== id).map(({ shape }) => shape),
      ...obstacles.filter(({ obstacle }) => obstacle.id !== id).map(({ base }) => base),
    ].map(boundsOf);
    return { x: shapes.flatMap(({ x }) => [...x]), y: shapes.flatMap(({ y }) => [...y]) };
  };
  const moveTo = ({ type, id }: NonNullable<Chosen>, xMm: number, yMm: number, gesture: string) => {
    if (type === "obstacle")
      desk.change({ type: "patchInSpace", list: "obstacles", id, patch: { xMm, yMm } }, `space:${id}:${gesture}`);
    else desk.change({ type: "patchPlaces", refs: [partsOfKey(id)], patch: { xMm, yMm } }, `space:${id}:${gesture}`);
  };
  const drag = (event: PointerEvent) => {
    if (grip === null) return;
    const [x, y] = at(event);
    if (grip === "sun") return onSun((Math.atan2(x - midX, y - midY) * 180) / Math.PI);
    const { what, dx, dy } = grip;
    const shape =
      what.type === "panel"
        ? layout.panels.find(({ id }) => id === what.id)?.shape
        : obstacles.find(({ obstacle }) => obstacle.id === what.id)?.base;
    if (shape === undefined) return;
    const { x: sx, y: sy } = boundsOf(shape);
    const edges = edgesBut(what.id);
    moveTo(what, snapped(x - dx, (sx[1] - sx[0]) / 2, edges.x), snapped(y - dy, (sy[1] - sy[0]) / 2, edges.y), "drag");
  };
  const take = (event: PointerEvent, what: NonNullable<Chosen>, xMm: number, yMm: number) => {
    drawing.current?.setPointerCapture(event.pointerId);
    const [x, y] = at(event);
    setGrip({ what, dx: x - xMm, dy: y - yMm });
    onChoose(what);
  };
  const nudge = (
    event: KeyboardEvent,
    what: NonNullable<Chosen>,
    xMm: number,
    yMm: number,
    turnedDeg: number | null,
  ) => {
    const by = event.shiftKey ? 100 : event.altKey ? 1 : 10;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowUp: [0, by],
      ArrowDown: [0, -by],
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
    };
    const move = moves[event.key];
    if (move !== undefined) moveTo(what, xMm + move[0], yMm + move[1], "key");
    else if (event.key === "r" && turnedDeg !== null && what.type === "panel")
      desk.change({ type: "patchPlaces", refs: [partsOfKey(what.id)], patch: { turnedDeg: (turnedDeg + 90) % 360 } });
    else if (event.key === "Delete" || event.key === "Backspace") {
      if (what.type === "panel") desk.change({ type: "liftPanels", refs: [partsOfKey(what.id)] });
      else desk.change({ type: "removeFromSpace", list: "obstacles", id: what.id });
    } else if (event.key === "Enter" || event.key === " ") onChoose(what);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const sunRadius = 0.57 * Math.max(width - margin, height - margin);
  const sunRad = (layout.sun.azimuthDeg * Math.PI) / 180;
  const sunUp = layout.sun.elevationDeg > 0;
  const sunAt = [
    Math.min(left + width - 0.05 * span, Math.max(left + 0.05 * span, midX + sunRadius * Math.sin(sunRad))),
    Math.min(top + height - 0.05 * span, Math.max(top + 0.05 * span, -(midY + sunRadius * Math.cos(sunRad)))),
  ] as const;
  return (
    <svg
      ref={drawing}
      viewBox={`${left} ${top} ${width} ${height}`}
      className={style["drawing"]}
      role="group"
      aria-label={`${surface.name} from above, its front up`}
      onPointerMove={drag}
      onPointerUp={() => {
        setGrip(null);
        desk.endGesture();
      }}
      onPointerDown={(event) => {
        if (event.target === event.currentTarget) onChoose(null);
      }}
    >
      <defs>
        <pattern id="space-grid" width={100} height={100} patternUnits="userSpaceOnUse">
          <path d="M100 0H0V100" className={style["fine"]} />
        </pattern>
        <pattern id="space-bold" width={500} height={500} patternUnits="userSpaceOnUse">
          <rect width={500} height={500} fill="url(#space-grid)" />
          <path d="M500 0H0V500" className={style["bold"]} />
        </pattern>
        <clipPath id="space-roof">
          <path d={pathOf(outline)} />
        </clipPath>
      </defs>
      <rect x={left} y={top} width={width} height={height} fill="url(#space-bold)" pointerEvents="none" />
      <path d={pathOf(outline)} className={style["outline"]} pointerEvents="none" />
      <text x={midX} y={-by[1] - 0.02 * span} textAnchor="middle" fontSize={0.032 * span} className={style["word"]}>
        front
      </text>
      {plan.space.zones
        .filter(({ surfaceId }) => surfaceId === surface.id)
        .map(({ id, name, outline: of }) => {
          const shape = of.map(({ xMm, yMm }) => [xMm, yMm] as const);
          const { x: zx, y: zy } = boundsOf(shape);
          const middle = `${(zx[0] + zx[1]) / 2} ${-(zy[0] + zy[1]) / 2}`;
          const upright = zy[1] - zy[0] > zx[1] - zx[0];
          return (
            <g key={id} pointerEvents="none">
              <path d={pathOf(shape)} className={style["zone"]} />
              <text
                transform={`translate(${middle}) rotate(${upright ? -90 : 0})`}
                textAnchor="middle"
                dominantBaseline="middle"
                fontSize={0.026 * span}
                className={style["word"]}
              >
                {name}
              </text>
            </g>
          );
        })}
      <g clipPath="url(#space-roof)" pointerEvents="none">
        {layout.shadows.map((shape, k) => (
          <path key={k} d={pathOf(shape)} className={style["wash"]} />
        ))}
      </g>
      {obstacles.map(({ obstacle, base, free }) => (
        <Thing
          key={obstacle.id}
          obstacle={obstacle}
          base={base}
          free={free}
          span={span}
          chosen={chosen?.id === obstacle.id}
          onPointerDown={(event) => take(event, { type: "obstacle", id: obstacle.id }, obstacle.xMm, obstacle.yMm)}
          onKeyDown={(event) => nudge(event, { type: "obstacle", id: obstacle.id }, obstacle.xMm, obstacle.yMm, null)}
        />
      ))}
      {layout.panels.map((panel) => {
        const { id, shape, shade, xMm, yMm, turnDeg } = panel;
        const what = { type: "panel", id } as const;
        const words = `${pieceName(plan, id)}, ${Math.round(xMm)} mm from the left, ${Math.round(yMm)} mm from the back, ${Math.round(100 * shade.lit)} % lit${inTrouble.has(id) ? ", in trouble" : ""}`;
        return (
          <g
            key={id}
            data-panel={id}
            role="button"
            tabIndex={0}
            aria-pressed={chosen?.id === id}
            aria-label={words}
            className={style["panel"]}
            data-chosen={chosen?.id === id}
            data-trouble={inTrouble.has(id)}
            onPointerDown={(event) => take(event, what, xMm, yMm)}
            onKeyDown={(event) => nudge(event, what, xMm, yMm, turnDeg)}
          >
            <path d={pathOf(shape)} className={style["glass"]} />
            <Cells panel={panel} />
            <path d={pathOf(shape)} className={style["frame"]} />
            <text
              x={xMm}
              y={-yMm}
              textAnchor="middle"
              dominantBaseline="middle"
              fontSize={0.03 * span}
              className={style["number"]}
              aria-hidden
            >
              {id.split(".").at(-1)}
            </text>
          </g>
        );
      })}
      <circle
        cx={sunAt[0]}
        cy={sunAt[1]}
        r={0.032 * span}
        className={style["sun"]}
        data-up={sunUp}
        onPointerDown={(event) => {
          drawing.current?.setPointerCapture(event.pointerId);
          setGrip("sun");
        }}
      >
        <title>The sun: take hold of it and go round</title>
      </circle>
    </svg>
  );
}

type ThingProps = {
  readonly obstacle: RoofObstacle;
  readonly base: Polygon;
  readonly free: Polygon;
  readonly span: number;
  readonly chosen: boolean;
  readonly onPointerDown: (event: PointerEvent) => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
};

function Thing({ obstacle, base, free, span, chosen, onPointerDown, onKeyDown }: ThingProps) {
  const { id, name, xMm, yMm, shape, planned, clearanceMm } = obstacle;
  return (
    <g
      data-obstacle={id}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${name}, ${shape.heightMm} mm high, ${Math.round(xMm)} mm from the left, ${Math.round(yMm)} mm from the back`}
      className={style["thing"]}
      data-chosen={chosen}
      data-planned={planned}
      onPointerDown={onPointerDown}
      onKeyDown={onKeyDown}
    >
      {clearanceMm > 0 && <path d={pathOf(free)} className={style["clear"]} />}
      <path d={pathOf(base)} className={style["body"]} />
      <text
        x={xMm}
        y={-yMm}
        textAnchor="middle"
        dominantBaseline="middle"
        fontSize={0.024 * span}
        className={style["word"]}
        aria-hidden
      >
        {name}
      </text>
    </g>
  );
}

/** The cells of a panel that lie in shade, darker the less light they have. Flat panels only are drawn cell by cell in place; tilted ones near enough. */
function Cells({ panel }: { panel: Layout["panels"][number] }) {
  const { shade, cellsAlong, cellsAcross, alongMm, acrossMm, turnDeg, xMm, yMm, tiltDeg } = panel;
  if (shade.lit >= 0.9999) return null;
  const [along, across] = [alongMm / cellsAlong, acrossMm / cellsAcross];
  const flatten = Math.cos((tiltDeg * Math.PI) / 180);
  return (
    <g
      transform={`translate(${xMm} ${-yMm}) rotate(${turnDeg}) scale(1 ${tiltDeg === 0 ? 1 : flatten})`}
      pointerEvents="none"
    >
      {shade.cells.map((lit, k) => {
        if (lit >= 0.999) return null;
        const [column, row] = [Math.floor(k / cellsAlong), k % cellsAlong];
        return (
          <rect
            key={k}
            x={column * across - acrossMm / 2}
            y={alongMm / 2 - (row + 1) * along}
            width={across}
            height={along}
            className={style["dark"]}
            opacity={0.25 + 0.6 * (1 - lit)}
          />
        );
      })}
    </g>
  );
}
