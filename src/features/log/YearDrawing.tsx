"use client";

import { dayMs } from "@/core/engine/numeric";
import { format } from "date-fns";
import { useRef } from "react";
import { useWidth } from "@/ui";
import { eventWords, percent } from "@/messages/en";
import { dayName } from "./times";
import { type Log } from "./useLog";
import style from "./log.module.css";
import { yearDrawingTexts } from "@/messages/en/log/view";

const height = 272;
const [left, right, top, bottom] = [46, 8, 38, 30];
const minDays = 30;
const maxShare = 1.4;
/** Room that the name of a month takes, and a letter of an event's name, px. */
const [monthPx, letterPx] = [34, 6.2];

/** A mark for each day: its share of what was due, under the pencil line of all of it; events as ticks in the margin. */
export function YearDrawing({ log, month = null }: { readonly log: Log; readonly month?: string | null }) {
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box, 820);
  return (
    <div ref={box}>
      <Drawn log={month === null ? log : onlyIn(month, log)} width={width} month={month} />
    </div>
  );
}

/** What of a log is of one month. */
function onlyIn(month: string, log: Log): Log {
  const { shown } = log;
  return {
    ...log,
    events: log.events.filter(({ atUtc }) => atUtc.startsWith(month)),
    shown: shown === null ? null : { ...shown, days: shown.days.filter(({ date }) => date.startsWith(month)) },
  };
}

type DrawnProps = { readonly log: Log; readonly width: number; readonly month: string | null };

function Drawn({ log: { shown, events, entries }, width, month }: DrawnProps) {
  const days = shown?.days ?? [];
  if (days.length === 0 && events.length === 0)
    return (
      <p style={{ margin: 0 }}>
        {entries.length === 0
          ? yearDrawingTexts.eachDayWithAnEntryBecomesAMark
          : yearDrawingTexts.calculatingWhatWasExpected}
      </p>
    );
  const times = [...days.map(({ date }) => Date.parse(date)), ...events.map(({ atUtc }) => Date.parse(atUtc))];
  const firstOfMonth = month === null ? null : Date.parse(`${month}-01`);
  const last = firstOfMonth === null ? Math.max(...times) + dayMs : firstOfMonth + 31 * dayMs;
  const first = firstOfMonth ?? Math.min(Math.min(...times), last - minDays * dayMs);
  const x = (ms: number) => left + ((width - left - right) * (ms - first)) / (last - first);
  const y = (share: number) =>
    height - bottom - ((height - top - bottom) * Math.min(maxShare, Math.max(0, share))) / maxShare;
  const marks = month === null ? monthsBetween(first, last) : weeksBetween(first, last);
  const findings = shown?.findings ?? [];
  const nth = Math.max(1, Math.ceil((monthPx * marks.length) / (width - left - right)));
  const named = namesThatFit(events, x);
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className={style["year"]}
        role="img"
        aria-label={yearDrawingTexts.dayCountDaysComparedWithWhatWas(days.length, dayName(first), dayName(last))}
      >
        {findings
          .map(({ id, sinceMs, untilMs }) => ({
            key: `${id} ${sinceMs}`,
            from: Math.max(first, sinceMs),
            to: Math.min(last, untilMs ?? last),
          }))
          .filter(({ from, to }) => to > from)
          .map(({ key, from, to }) => (
            <rect
              key={key}
              x={x(from)}
              y={top}
              width={Math.max(2, x(to) - x(from))}
              height={height - top - bottom}
              className={style["since"]}
            />
          ))}
        {[0, 0.5, 1].map((share) => (
          <g key={share}>
            <line
              x1={left}
              x2={width - right}
              y1={y(share)}
              y2={y(share)}
              className={share === 1 ? style["pencil"] : style["rule"]}
            />
            <text x={left - 6} y={y(share) + 4} className={style["axis"]}>
              {percent(100 * share).replace(".0", "")}
            </text>
          </g>
        ))}
        {marks.map((ms, k) => (
          <g key={ms}>
            <line x1={x(ms)} x2={x(ms)} y1={top} y2={height - bottom} className={style["rule"]} />
            {k % nth === 0 && (
              <text x={x(ms) + 3} y={height - 10} className={style["month"]}>
                {format(ms, month === null ? "MMM" : "d MMM")}
              </text>
            )}
          </g>
        ))}
        {days.map(({ date, share, isClear }) => (
          <circle
            key={date}
            cx={x(Date.parse(date) + dayMs / 2)}
            cy={y(share)}
            r={isClear ? 3.2 : 2}
            className={isClear ? style["ink"] : style["faint"]}
          />
        ))}
        {events.map(({ id, atUtc, what }) => (
          <g key={id}>
            <line
              x1={x(Date.parse(atUtc))}
              x2={x(Date.parse(atUtc))}
              y1={named.has(id) ? top - 30 : top - 16}
              y2={top - 4}
              className={what === "rain" ? style["rain"] : style["mark"]}
            />
            {named.has(id) && (
              <text x={x(Date.parse(atUtc)) + 4} y={top - 21} className={style["month"]}>
                {eventWords[what]}
              </text>
            )}
          </g>
        ))}
      </svg>
      <p className={style["key"]}>{yearDrawingTexts.filledMarksAreClearDaysWhichTell}</p>
    </>
  );
}

/** Events whose names can be written without running into the next one's; rain is a tick only, its name is in the key. */
function namesThatFit(events: Log["events"], x: (ms: number) => number): ReadonlySet<string> {
  const fits = new Set<string>();
  let free = 0;
  for (const { id, atUtc, what } of [...events].sort((a, b) => (a.atUtc < b.atUtc ? -1 : 1))) {
    const at = x(Date.parse(atUtc));
    if (what === "rain" || at < free) continue;
    fits.add(id);
    free = at + 8 + letterPx * eventWords[what].length;
  }
  return fits;
}

function weeksBetween(first: number, last: number): number[] {
  return Array.from({ length: Math.ceil((last - first) / (7 * dayMs)) }, (_, k) => first + 7 * k * dayMs);
}

function monthsBetween(first: number, last: number): number[] {
  const months: number[] = [];
  const at = new Date(first);
  for (let ms = Date.UTC(at.getUTCFullYear(), at.getUTCMonth() + 1, 1); ms < last;) {
    months.push(ms);
    const next = new Date(ms);
    ms = Date.UTC(next.getUTCFullYear(), next.getUTCMonth() + 1, 1);
  }
  return months;
}
