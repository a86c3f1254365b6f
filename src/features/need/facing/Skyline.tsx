"use client";

import Box from "@mui/material/Box";
import { Trash2 } from "lucide-react";
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from "react";
import { skylineOf } from "@/core/engine/light";
import { sunPosition } from "@/core/engine/sky";
import { assumedLatitudeDeg } from "@/core/plan-model";
import { useDesk, usePlan } from "@/features/plan-session";
import { Region, TextButton, ToolButton } from "@/ui";
import style from "../need.module.css";
import { NumberCell } from "../NumberCell";
import { skylineTexts } from "@/messages/en/need/facing";

const [width, height, foot, maxDeg] = [720, 190, 20, 75];
const maxPoints = 72;
const compass = ["N", "NE", "E", "SE", "S", "SW", "W", "NW", "N"] as const;

type Point = { readonly azimuthDeg: number; readonly elevationDeg: number };

const toX = (azimuthDeg: number) => (azimuthDeg / 360) * width;
const toY = (elevationDeg: number) => (height - foot) * (1 - elevationDeg / maxDeg);

/** Trees, cliffs and houses all round, drawn by hand or typed; the sun's ways of midsummer, equinox and midwinter behind them. */
export function Skyline() {
  const desk = useDesk();
  const { site } = usePlan();
  const { horizon } = site;
  const drawing = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const set = (points: readonly Point[], gesture?: string) =>
    desk.change(
      { type: "setSite", patch: { horizon: [...points] } },
      gesture === undefined ? undefined : `skyline:${gesture}`,
    );
  const move = (k: number, to: Point, gesture: string) =>
    set(
      horizon.map((point, at) => (at === k ? bounded(to) : point)),
      gesture,
    );
  const at = (event: PointerEvent): Point => {
    const box = drawing.current?.getBoundingClientRect();
    if (box === undefined) return { azimuthDeg: 0, elevationDeg: 0 };
    const x = ((event.clientX - box.left) / box.width) * width;
    const y = ((event.clientY - box.top) / box.height) * height;
    return bounded({ azimuthDeg: (x / width) * 360, elevationDeg: maxDeg * (1 - y / (height - foot)) });
  };
  const paths = useMemo(() => sunPaths(site.latitudeDeg ?? assumedLatitudeDeg), [site.latitudeDeg]);
  const line = skylineOf(horizon);
  const ground = Array.from(
    { length: 121 },
    (_, k) => `${toX(3 * k)},${toY(Math.min(maxDeg, line.heightDeg(Math.min(359.99, 3 * k))))}`,
  );
  const step = (event: KeyboardEvent, k: number, point: Point) => {
    const by = event.shiftKey ? 10 : 1;
    const moves: Readonly<Record<string, Point>> = {
      ArrowUp: { ...point, elevationDeg: point.elevationDeg + by },
      ArrowDown: { ...point, elevationDeg: point.elevationDeg - by },
      ArrowLeft: { ...point, azimuthDeg: point.azimuthDeg - by },
      ArrowRight: { ...point, azimuthDeg: point.azimuthDeg + by },
    };
    const next = moves[event.key];
    if (event.key === "Delete" || event.key === "Backspace") set(horizon.filter((_, other) => other !== k));
    else if (next === undefined) return;
    else move(k, next, `key:${k}`);
    event.preventDefault();
  };
  return (
    <Region
      title={skylineTexts.skyline}
      aside={
        horizon.length > 0 ? (
          <TextButton look="plain" onClick={() => set([])}>
            {skylineTexts.deleteAllPoints}
          </TextButton>
        ) : undefined
      }
    >
      <svg
        ref={drawing}
        viewBox={`0 0 ${width} ${height}`}
        className={style["skyline"]}
        role="group"
        aria-label={skylineTexts.skylineAllRoundPressToAddAPoint}
        onPointerDown={(event) => {
          if (event.target instanceof Element && event.target.closest("[data-point]") !== null) return;
          if (horizon.length < maxPoints) set([...horizon, at(event)]);
        }}
        onPointerMove={(event) => {
          if (held !== null) move(held, at(event), `drag:${held}`);
        }}
        onPointerUp={() => {
          setHeld(null);
          desk.endGesture();
        }}
      >
        {paths.map(({ name, path }) => (
          <path key={name} d={path} className={style["sunPath"]}>
            <title>{name}</title>
          </path>
        ))}
        <polygon
          points={`0,${height - foot} ${ground.join(" ")} ${width},${height - foot}`}
          className={style["ground"]}
        />
        {compass.map((name, k) => (
          <text
            key={k}
            x={Math.min(width - 8, Math.max(8, toX(45 * k)))}
            y={height - 6}
            textAnchor="middle"
            fontSize={13}
            fill="var(--ink)"
          >
            {name}
          </text>
        ))}
        {horizon.map((point, k) => (
          <circle
            key={k}
            data-point=""
            role="slider"
            tabIndex={0}
            aria-label={skylineTexts.pointNumberAtAzimuthDeg(k + 1, Math.round(point.azimuthDeg))}
            aria-valuenow={Math.round(point.elevationDeg)}
            aria-valuemin={0}
            aria-valuemax={90}
            aria-valuetext={`${Math.round(point.elevationDeg)}° high at ${Math.round(point.azimuthDeg)}°`}
            cx={toX(point.azimuthDeg)}
            cy={toY(Math.min(maxDeg, point.elevationDeg))}
            r={9}
            className={style["handle"]}
            onPointerDown={(event) => {
              event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
              setHeld(k);
            }}
            onKeyDown={(event) => step(event, k, point)}
            onBlur={desk.endGesture}
          />
        ))}
      </svg>
      <Box
        component="ul"
        aria-label={skylineTexts.pointsOfTheSkyline}
        sx={{ listStyle: "none", m: 0, mt: 1, p: 0, display: "flex", flexWrap: "wrap", gap: 1 }}
      >
        {horizon.map((point, k) => (
          <Box
            component="li"
            key={k}
            sx={{ display: "flex", gap: 0.5, alignItems: "center", "& input": { width: 58 } }}
          >
            <NumberCell
              label={skylineTexts.pointNumberDirectionInDegrees(k + 1)}
              value={point.azimuthDeg}
              decimals={0}
              least={0}
              most={360}
              onValue={(azimuthDeg) => move(k, { ...point, azimuthDeg }, `typed:${k}`)}
              onDone={desk.endGesture}
            />
            <NumberCell
              label={skylineTexts.pointNumberHeightInDegrees(k + 1)}
              value={point.elevationDeg}
              decimals={0}
              least={0}
              most={90}
              onValue={(elevationDeg) => move(k, { ...point, elevationDeg }, `typed:${k}`)}
              onDone={desk.endGesture}
            />
            <ToolButton
              aria-label={skylineTexts.deletePointNumber(k + 1)}
              onClick={() => set(horizon.filter((_, other) => other !== k))}
            >
              <Trash2 size={14} />
            </ToolButton>
          </Box>
        ))}
      </Box>
      <p className={style["small"]}>
        {horizon.length === 0
          ? skylineTexts.openAllRoundPressWhereATreeOrA
          : skylineTexts.directionAndHeightOfEachPointIn}
        {skylineTexts.aFistAtArmsLengthCoversAbout10}
      </p>
    </Region>
  );
}

function bounded({ azimuthDeg, elevationDeg }: Point): Point {
  return {
    azimuthDeg: Math.round(Math.min(360, Math.max(0, azimuthDeg)) * 10) / 10,
    elevationDeg: Math.round(Math.min(90, Math.max(0, elevationDeg)) * 10) / 10,
  };
}

/** The sun's way over the sky on three days of the year, by azimuth. */
function sunPaths(latitudeDeg: number): { readonly name: string; readonly path: string }[] {
  const days = [
    { name: "21 June", atMs: Date.UTC(2026, 5, 21) },
    { name: "20 March", atMs: Date.UTC(2026, 2, 20) },
    { name: "21 December", atMs: Date.UTC(2026, 11, 21) },
  ];
  return days.map(({ name, atMs }) => {
    const points = Array.from({ length: 145 }, (_, k) => sunPosition(atMs + k * 600_000, latitudeDeg, 0))
      .filter(({ elevationDeg }) => elevationDeg > 0)
      .sort((a, b) => a.azimuthDeg - b.azimuthDeg);
    let path = "";
    for (const [k, { azimuthDeg, elevationDeg }] of points.entries()) {
      const before = points[k - 1];
      // in the tropics the sun goes by the north for a part of the day: its way is then in two parts
      const isNext = before !== undefined && azimuthDeg - before.azimuthDeg < 30;
      path += `${isNext ? "L" : "M"}${toX(azimuthDeg).toFixed(1)} ${toY(Math.min(maxDeg, elevationDeg)).toFixed(1)}`;
    }
    return { name, path };
  });
}
