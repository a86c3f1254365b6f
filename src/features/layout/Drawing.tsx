"use client";

import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from "react";
import { type Change, pieceName, type Plan, type Surface } from "@/core/plan";
import { boundsOf, baseOf, bodyOf, placeIn, pointsOf } from "@/core/layout/roof";
import { ribLines } from "@/core/drawings";
import { type ShadeMap } from "@/core/wiring/year";
import { keyOf, partsOfKey } from "@/core/engine/array";
import { useDesk } from "@/features/plan-session";
import { anchorOf, type Chosen, type CornerOf, cornersChange, cornersOf, moveChange, removeChange } from "./chosen";
import { Corners } from "./drawing/Corners";
import { Glands, Ways, Zones } from "./drawing/Marks";
import { type Hands, Panel } from "./drawing/Panel";
import { Paper } from "./drawing/Paper";
import { Shade } from "./drawing/Shade";
import { Sun } from "./drawing/Sun";
import { Thing } from "./drawing/Thing";
import { type Layout, snapped } from "./layout";
import style from "./space.module.css";
import { arrowOf, type View } from "./view";
import { drawingTexts } from "@/messages/en/layout/view";

type Props = {
  readonly plan: Plan;
  readonly surface: Surface;
  readonly positionId: string;
  readonly layout: Layout;
  readonly view: View;
  /** Panels with something wrong, by their keys. */ readonly trouble: ReadonlySet<string>;
  readonly chosen: readonly Chosen[];
  readonly onChoose: (chosen: readonly Chosen[]) => void;
  /** The sun was taken hold of and turned to a direction, clockwise from the roof's front. */
  readonly onSun: (azimuthDeg: number) => void;
  readonly map: ShadeMap | null;
  /** Where somebody presses instead of choosing: for measuring a photo. */
  readonly onPoint: ((at: readonly [number, number]) => void) | null;
  readonly marks: readonly (readonly [number, number])[];
  /** What is dragged, as it would be if it were let go now. */ readonly onDraft: (changes: readonly Change[]) => void;
  /** It was let go: meant so, or given up. */ readonly onDrop: (isMeant: boolean) => void;
};

/** Where things lay when they were taken hold of. */
type Anchors = readonly { readonly what: Chosen; readonly at: readonly [number, number] }[];
type Grip =
  | { readonly type: "thing"; readonly what: Chosen; readonly from: Anchors; readonly taken: readonly [number, number] }
  | { readonly type: "corner"; readonly corner: CornerOf }
  | { readonly type: "sun" };

/** A surface from above on graph paper at true scale: what stands on it, the panels with their cells, shadows as ink wash, the sun as a handle round the edge. */
export function Drawing(props: Props) {
  const {
    plan,
    surface,
    positionId,
    layout,
    view,
    trouble,
    chosen,
    onChoose,
    onSun,
    map,
    onPoint,
    marks,
    onDraft,
    onDrop,
  } = props;
  const desk = useDesk();
  const drawing = useRef<SVGSVGElement>(null);
  const [grip, setGrip] = useState<Grip | null>(null);
  const { obstacles, zones, glands, ways } = plan.space;
  const here = <T extends { readonly surfaceId: string }>(list: readonly T[]) =>
    list.filter(({ surfaceId }) => surfaceId === surface.id);
  const things = useMemo(
    () =>
      obstacles
        .filter(({ surfaceId }) => surfaceId === surface.id)
        .map((obstacle) => ({
          obstacle,
          base: baseOf(bodyOf(obstacle)),
          free: baseOf(bodyOf(obstacle), obstacle.clearanceMm),
        })),
    [obstacles, surface.id],
  );
  const isChosen = (id: string) => chosen.some((each) => each.id === id);

  const at = (event: PointerEvent): readonly [number, number] => {
    const matrix = drawing.current?.getScreenCTM()?.inverse();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return view.unproject([x, y]);
  };
  const edgesBut = (ids: ReadonlySet<string>) => {
    const shapes = [
      pointsOf(surface.outline),
      ...layout.panels.filter(({ id }) => !ids.has(id)).map(({ shape }) => shape),
      ...things.filter(({ obstacle }) => !ids.has(obstacle.id)).map(({ base }) => base),
      ...here(zones)
        .filter(({ id }) => !ids.has(id))
        .map(({ outline }) => pointsOf(outline)),
      ...ribLines(surface),
    ].map(boundsOf);
    const cells = layout.panels.filter(({ id }) => !ids.has(id)).flatMap(cellEdges);
    return {
      x: [...shapes.flatMap(({ x }) => [...x]), ...cells.filter(([axis]) => axis === "x").map(([, value]) => value)],
      y: [...shapes.flatMap(({ y }) => [...y]), ...cells.filter(([axis]) => axis === "y").map(([, value]) => value)],
    };
  };
  const halfOf = ({ type, id }: Chosen): readonly [number, number] => {
    const shape =
      type === "panel"
        ? layout.panels.find((panel) => panel.id === id)?.shape
        : things.find(({ obstacle }) => obstacle.id === id)?.base;
    if (shape === undefined) return [0, 0];
    const { x, y } = boundsOf(shape);
    return [(x[1] - x[0]) / 2, (y[1] - y[0]) / 2];
  };
  /** Of the plan as it is now, which may be ahead of what is drawn. */
  const anchors = (of: readonly Chosen[]): Anchors =>
    of.map((what) => ({ what, at: anchorOf(desk.now().history.present, what, positionId) }));
  const shifted = (from: Anchors, [dx, dy]: readonly [number, number]): Change[] =>
    from.flatMap(
      ({ what, at: [x, y] }) => moveChange(desk.now().history.present, what, positionId, [x + dx, y + dy]) ?? [],
    );
  const cornerMoved = (corner: CornerOf, [xMm, yMm]: readonly [number, number]): Change =>
    cornersChange(
      corner,
      cornersOf(desk.now().history.present, corner).map((each, k) => (k === corner.at ? { xMm, yMm } : each)),
    );
  const drag = (event: PointerEvent) => {
    if (grip === null) return;
    const [x, y] = at(event);
    if (grip.type === "sun") return onSun((Math.atan2(x - view.middle[0], y - view.middle[1]) * 180) / Math.PI);
    if (grip.type === "corner") {
      const edges = edgesBut(new Set([grip.corner.id]));
      return onDraft([cornerMoved(grip.corner, [snapped(x, 0, edges.x), snapped(y, 0, edges.y)])]);
    }
    const { what, from, taken } = grip;
    const [fromX, fromY] = from.find((each) => each.what.id === what.id)?.at ?? taken;
    const edges = edgesBut(new Set(from.map((each) => each.what.id)));
    const half = halfOf(what);
    const toX = snapped(fromX + x - taken[0], half[0], edges.x);
    const toY = snapped(fromY + y - taken[1], half[1], edges.y);
    onDraft(shifted(from, [toX - fromX, toY - fromY]));
  };
  const take = (event: PointerEvent, what: Chosen) => {
    if (onPoint !== null) return;
    if (event.shiftKey || event.ctrlKey || event.metaKey) {
      onChoose(isChosen(what.id) ? chosen.filter(({ id }) => id !== what.id) : [...chosen, what]);
      return;
    }
    hold(event, { type: "thing", what, from: anchors(isChosen(what.id) ? chosen : [what]), taken: at(event) });
    if (!isChosen(what.id)) onChoose([what]);
  };
  const press = (event: KeyboardEvent, what: Chosen) => {
    const by = event.shiftKey ? 100 : event.altKey ? 1 : 10;
    const arrow = arrowOf(event.key, view);
    if (arrow !== null) {
      const from = anchors(isChosen(what.id) ? chosen : [what]);
      const gesture = `space:${from.map((each) => each.what.id).join()}:key`;
      for (const change of shifted(from, [by * arrow[0], by * arrow[1]])) desk.change(change, gesture);
    } else if (event.key === "r" && what.type === "panel") {
      const place = desk.now().history.present.space.places.find((each) => keyOf(each) === what.id);
      const turnedDeg = (place === undefined ? 0 : placeIn(place, positionId).turnedDeg) + 90;
      desk.change({
        type: "patchPlaces",
        refs: [partsOfKey(what.id)],
        positionId,
        patch: { turnedDeg: turnedDeg % 360 },
      });
    } else if (event.key === "Delete" || event.key === "Backspace") {
      desk.change(removeChange(what));
      onChoose([]);
    } else if (event.key === "Enter" || event.key === " ")
      onChoose(event.shiftKey && !isChosen(what.id) ? [...chosen, what] : [what]);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const hold = (event: PointerEvent, next: Grip) => {
    drawing.current?.setPointerCapture(event.pointerId);
    setGrip(next);
  };
  const letGo = (isMeant: boolean) => {
    setGrip(null);
    onDrop(isMeant);
  };
  // the same two functions at every drawing, so that what has not changed is not drawn again
  const latest = useRef({ take, press });
  useEffect(() => {
    latest.current = { take, press };
  });
  const [hands] = useState<Hands>(() => ({
    onTake: (event, what) => latest.current.take(event, what),
    onPress: (event, what) => latest.current.press(event, what),
  }));
  const chosenIds = useMemo(() => new Set(chosen.map(({ id }) => id)), [chosen]);
  const [only] = chosen.length === 1 ? chosen : [];
  const cornered: Omit<CornerOf, "at"> | null =
    chosen.length === 0
      ? { list: "surfaces", id: surface.id }
      : only?.type === "zone"
        ? { list: "zones", id: only.id }
        : only?.type === "way"
          ? { list: "ways", id: only.id }
          : null;
  return (
    <div className={style["desk"]}>
      <Paper surface={surface} view={view} />
      <svg
        ref={drawing}
        viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
        className={style["drawing"]}
        role="group"
        aria-label={drawingTexts.fromAbove(surface.name, view.isTurned)}
        data-pointing={onPoint !== null}
        onPointerMove={drag}
        onPointerUp={() => letGo(true)}
        onPointerCancel={() => letGo(false)}
        onKeyDown={(event) => {
          if (event.key === "Escape" && grip !== null) letGo(false);
        }}
        onPointerDown={(event) => {
          if (onPoint !== null) onPoint(at(event));
          else if (event.target === event.currentTarget) onChoose([]);
        }}
      >
        <defs>
          <clipPath id="surface-clip">
            <path d={view.path(pointsOf(surface.outline))} />
          </clipPath>
        </defs>
        {map !== null && <Shade map={map} view={view} />}
        <Zones zones={here(zones)} view={view} chosen={chosenIds} {...hands} />
        <g clipPath="url(#surface-clip)" pointerEvents="none">
          <path d={layout.shadows.map((shape) => view.path(shape)).join("")} className={style["wash"]} />
        </g>
        {things.map(({ obstacle, base, free }) => (
          <Thing
            key={obstacle.id}
            obstacle={obstacle}
            base={base}
            free={free}
            view={view}
            chosen={chosenIds.has(obstacle.id)}
            {...hands}
          />
        ))}
        {[...layout.panels]
          .sort((a, b) => a.zMm - b.zMm)
          .map((panel) => (
            <Panel
              key={panel.id}
              name={pieceName(plan, panel.id)}
              panel={panel}
              view={view}
              isInTrouble={trouble.has(panel.id)}
              chosen={chosenIds.has(panel.id)}
              {...hands}
            />
          ))}
        <Ways plan={plan} ways={here(ways)} panels={layout.panels} view={view} chosen={chosenIds} {...hands} />
        <Glands glands={here(glands)} view={view} chosen={chosenIds} {...hands} />
        {cornered !== null && onPoint === null && (
          <Corners
            of={cornered}
            corners={cornersOf(plan, cornered)}
            view={view}
            onTake={(event, corner) => hold(event, { type: "corner", corner })}
            onMove={(corner, to) => desk.change(cornerMoved(corner, to), `space:${corner.id}:${corner.at}:key`)}
          />
        )}
        {marks.map((mark, k) => {
          const [u, v] = view.project(mark);
          return <circle key={k} cx={u} cy={v} r={0.012 * view.span} className={style["mark"]} />;
        })}
        <Sun layout={layout} view={view} onTake={(event) => hold(event, { type: "sun" })} />
      </svg>
    </div>
  );
}

/** The lines between the cells of a panel that lies along or across, which others may be laid by. */
function cellEdges({
  xMm,
  yMm,
  alongMm,
  acrossMm,
  cellsAlong,
  cellsAcross,
  turnDeg,
  tiltDeg,
}: Layout["panels"][number]) {
  if (tiltDeg !== 0 || turnDeg % 90 !== 0) return [];
  const isUpright = turnDeg % 180 === 0;
  const lines = (count: number, mm: number, from: number, axis: "x" | "y") =>
    Array.from({ length: count - 1 }, (_, k) => [axis, from + ((k + 1) / count - 0.5) * mm] as const);
  return isUpright
    ? [...lines(cellsAcross, acrossMm, xMm, "x"), ...lines(cellsAlong, alongMm, yMm, "y")]
    : [...lines(cellsAcross, acrossMm, yMm, "y"), ...lines(cellsAlong, alongMm, xMm, "x")];
}
