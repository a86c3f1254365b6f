"use client";

import { hourMs } from "@/core/engine/numeric";
import { type Clock } from "@/core/mounting";
import { assumedSite } from "@/core/plan-model";
import { sunPosition } from "@/core/engine/sky";
import { usePlan } from "@/features/plan-session";
import { clockTime } from "./times";
import style from "./mount.module.css";
import { dayStripTexts } from "@/messages/en/mounting/view";

const [width, height] = [352, 46];

/** From the first step until it has cured, as a strip: nights shaded, work filled, waiting hatched. */
export function DayStrip({
  clock,
  startMs,
  atMs,
}: {
  readonly clock: Clock;
  readonly startMs: number;
  readonly atMs: number;
}) {
  const { site } = usePlan();
  // what was done long ago is off its left end
  const first = Math.max(startMs - 24 * hourMs, Math.min(startMs, ...clock.steps.map(({ fromMs }) => fromMs)));
  const last = Math.max(clock.endMs, clock.driveMs ?? 0, clock.curedMs ?? 0, first + 12 * hourMs);
  const x = (ms: number) => (width * (ms - first)) / (last - first);
  const { latitudeDeg } = assumedSite(site);
  const { longitudeDeg } = site;
  // an hour is dark when the sun is down in its middle
  const hours = Math.min(400, Math.ceil((last - first) / hourMs));
  const dark = Array.from({ length: hours }, (_, k) => first + k * hourMs).filter(
    (ms) => longitudeDeg !== null && sunPosition(ms + hourMs / 2, latitudeDeg, longitudeDeg).elevationDeg < 0,
  );
  const words = [
    dayStripTexts.workUntilClockTime(clockTime(clock.endMs, atMs)),
    clock.driveMs === null ? null : dayStripTexts.strongEnoughClockTime(clockTime(clock.driveMs, atMs)),
    clock.curedMs === null ? null : dayStripTexts.curedClockTime(clockTime(clock.curedMs, atMs)),
  ].filter((each) => each !== null);
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className={style["strip"]} role="img" aria-label={words.join(", ")}>
      <defs>
        <pattern id="mount-wait" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" className={style["hatch"]} />
        </pattern>
      </defs>
      {dark.map((ms) => (
        <rect
          key={ms}
          x={x(ms)}
          y={0}
          width={x(ms + hourMs) - x(ms) + 0.5}
          height={height}
          className={style["night"]}
        />
      ))}
      {clock.curedMs !== null && (
        <rect
          x={x(clock.endMs)}
          y={14}
          width={Math.max(0, x(clock.curedMs) - x(clock.endMs))}
          height={18}
          fill="url(#mount-wait)"
          className={style["wait"]}
        />
      )}
      {clock.steps
        .filter(({ toMs }) => toMs > first)
        .map(({ step, fromMs, toMs, isDone }) => (
          <rect
            key={step}
            x={Math.max(0, x(fromMs))}
            y={10}
            width={Math.max(1, x(toMs) - x(fromMs))}
            height={26}
            className={isDone ? style["worked"] : style["work"]}
          />
        ))}
      {clock.driveMs !== null && (
        <line x1={x(clock.driveMs)} x2={x(clock.driveMs)} y1={2} y2={44} className={style["drive"]} />
      )}
    </svg>
  );
}
