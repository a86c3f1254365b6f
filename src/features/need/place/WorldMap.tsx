"use client";

import { geoEquirectangular, geoGraticule, geoPath } from "d3-geo";
import { useMemo, type KeyboardEvent, type PointerEvent } from "react";
import { feature } from "topojson-client";
import land from "world-atlas/land-110m.json";
import { type Topology } from "topojson-specification";
import { useDesk, usePlan } from "@/features/plan-session";
import style from "../need.module.css";
import { placeWords } from "@/messages/en/need/coordinates";
import { setPlace } from "./set-place";
import { worldMapTexts } from "@/messages/en/need/place";

const [width, height] = [480, 240];

/** A small map of the world (Natural Earth): pressed where one is; arrows move the pin by a degree, with Shift by a tenth. */
export default function WorldMap() {
  const desk = useDesk();
  const { latitudeDeg, longitudeDeg } = usePlan().site;
  const projection = useMemo(
    () =>
      geoEquirectangular()
        .scale(width / (2 * Math.PI))
        .translate([width / 2, height / 2]),
    [],
  );
  const drawn = useMemo(() => {
    const path = geoPath(projection);
    // the package states no types for its files: they are what Natural Earth's TopoJSON is
    const topology = land as unknown as Topology;
    const shapes = topology.objects["land"];
    return {
      land: shapes === undefined ? "" : (path(feature(topology, shapes)) ?? ""),
      grid: path(geoGraticule().step([30, 30])()) ?? "",
    };
  }, [projection]);
  const put = (latitude: number, longitude: number) =>
    void setPlace(desk, {
      latitudeDeg: Math.round(Math.min(90, Math.max(-90, latitude)) * 100) / 100,
      longitudeDeg: Math.round((((longitude + 540) % 360) - 180) * 100) / 100,
      placeName: "",
    });
  const press = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const at = projection.invert?.([
      ((event.clientX - box.left) / box.width) * width,
      ((event.clientY - box.top) / box.height) * height,
    ]);
    if (at !== undefined && at !== null) put(at[1], at[0]);
  };
  const step = (event: KeyboardEvent) => {
    const by = event.shiftKey ? 0.1 : 1;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowUp: [by, 0],
      ArrowDown: [-by, 0],
      ArrowLeft: [0, -by],
      ArrowRight: [0, by],
    };
    const move = moves[event.key];
    if (move === undefined) return;
    event.preventDefault();
    put((latitudeDeg ?? 45) + move[0], (longitudeDeg ?? 0) + move[1]);
  };
  const pin = latitudeDeg === null ? null : projection([longitudeDeg ?? 0, latitudeDeg]);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className={style["map"]}
      role="application"
      tabIndex={0}
      aria-label={worldMapTexts.map(
        latitudeDeg === null ? worldMapTexts.noLocationYet : placeWords(latitudeDeg, longitudeDeg),
      )}
      onPointerDown={press}
      onKeyDown={step}
    >
      <path d={drawn.grid} className={style["grid"]} />
      <path d={drawn.land} className={style["land"]} />
      {pin !== null &&
        (longitudeDeg === null ? (
          <line x1={0} x2={width} y1={pin[1]} y2={pin[1]} stroke="var(--amber-deep)" strokeWidth={2} />
        ) : (
          <circle cx={pin[0]} cy={pin[1]} r={6} className={style["pin"]} />
        ))}
    </svg>
  );
}
