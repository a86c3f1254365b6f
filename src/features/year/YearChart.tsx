"use client";

import { memo, useId } from "react";
import { type PlanYear } from "@/core/wiring/year";
import { monthName } from "@/messages/en";
import { Legend, Pattern } from "./Legend";
import { parts } from "./parts";
import { marksTo, roundAbove, shortNumber } from "./scale";
import style from "./year.module.css";
import { yearChartTexts } from "@/messages/en/year/view";

const [width, height, left, top, foot] = [760, 300, 108, 16, 28];
const step = (width - left) / 12;

/**
 * Twelve months, each a column of where the light went, the need as a thread through it. A press opens a month's day. Our own
 * drawing: it is drawn anew at every answer, and the chart package took a tenth of a second for that.
 */
export const YearChart = memo(function YearChart({
  year,
  month: shown,
  onMonth,
}: {
  year: PlanYear;
  month: number;
  onMonth: (month: number) => void;
}) {
  const id = useId();
  const { months } = year;
  const hasNeed = months.some(({ needKwh }) => needKwh > 0);
  const columns = months.map((month) => {
    let foundation = 0;
    const pieces = parts.map((part) => {
      const from = foundation;
      const kwh = Math.max(0, part.of(month));
      foundation += kwh;
      return { part, from, kwh };
    });
    return { pieces, total: foundation, month };
  });
  const most = roundAbove(columns.reduce((all, { total, month }) => Math.max(all, total, month.needKwh), 1));
  const y = (kwh: number) => top + (height - top - foot) * (1 - kwh / most);
  const thread = months.map(({ needKwh }, k) => `${left + (k + 0.5) * step} ${y(needKwh)}`).join("L");
  return (
    <>
      <Legend hasNeed={hasNeed} />
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className={style["chart"]}
        data-chart="year"
        role="group"
        aria-label={yearChartTexts.energyOfEachMonthUsedAndEachLoss}
      >
        <defs>
          {parts.map((part) => (
            <Pattern key={part.id} part={part} id={`${id}${part.id}`} />
          ))}
        </defs>
        {marksTo(most).map((kwh) => (
          <g key={kwh}>
            <line x1={left} x2={width} y1={y(kwh)} y2={y(kwh)} className={style["gridline"]} />
            <text x={left - 6} y={y(kwh) + 4} textAnchor="end" className={style["tick"]}>
              {kwh === most ? yearChartTexts.kwhKWh(shortNumber(kwh)) : shortNumber(kwh)}
            </text>
          </g>
        ))}
        {columns.map(({ pieces, month }, k) => (
          <g
            key={k}
            role="button"
            tabIndex={0}
            aria-pressed={shown === k + 1}
            aria-label={yearChartTexts.column(
              monthName(k + 1),
              pieces.filter(({ kwh }) => kwh >= 0.05).map(({ part, kwh }) => `${part.name} ${kwh.toFixed(1)} kWh`),
              month.needKwh > 0 ? month.needKwh.toFixed(1) : null,
            )}
            className={style["column"]}
            data-shown={shown === k + 1}
            onClick={() => onMonth(k + 1)}
            onKeyDown={(event) => {
              if (event.key !== "Enter" && event.key !== " ") return;
              event.preventDefault();
              onMonth(k + 1);
            }}
          >
            <rect
              x={left + k * step + 2}
              width={step - 4}
              y={top}
              height={height - top - foot}
              className={style["hit"]}
            />
            {pieces.map(({ part, from, kwh }) => (
              <rect
                key={part.id}
                x={left + (k + 0.14) * step}
                width={0.72 * step}
                y={y(from + kwh)}
                height={Math.max(0, y(from) - y(from + kwh))}
                fill={part.pattern === null ? part.colour : `url(#${id}${part.id})`}
                stroke={part.pattern === null ? "none" : part.colour}
                strokeWidth={0.8}
              />
            ))}
          </g>
        ))}
        {columns.map((_, k) => (
          <text
            key={k}
            x={left + (k + 0.5) * step}
            y={height - 8}
            textAnchor="middle"
            className={style["tick"]}
            pointerEvents="none"
          >
            {monthName(k + 1).slice(0, 3)}
          </text>
        ))}
        {hasNeed && (
          <g pointerEvents="none">
            <path d={`M${thread}`} className={style["thread"]} />
            {months.map(({ needKwh }, k) => (
              <circle key={k} cx={left + (k + 0.5) * step} cy={y(needKwh)} r={4.5} className={style["knot"]} />
            ))}
          </g>
        )}
      </svg>
    </>
  );
});
