"use client";

import { memo } from "react";
import { type TypicalHour } from "@/core/wiring/year";
import { marksTo, roundAbove, shortNumber } from "./scale";
import style from "./year.module.css";
import { dayChartTexts } from "@/messages/en/year/view";

const [width, height, left, right, top, foot] = [760, 230, 46, 46, 8, 36];
const step = (width - left - right) / 24;

/** The mean day of a month: what the panels offer, what is taken, what is wanted, and the charge. */
export const DayChart = memo(function DayChart({ hours, name }: { hours: readonly TypicalHour[]; name: string }) {
  const maxW = hours.reduce((most, { offeredW, loadW }) => Math.max(most, offeredW, loadW), 1);
  const topW = roundAbove(maxW);
  const y = (share: number) => top + (height - top - foot) * (1 - share);
  /** A line that keeps its height through each hour. */
  const stairs = (of: (hour: TypicalHour) => number) =>
    hours.map((hour, k) => `${left + k * step} ${y(of(hour))}L${left + (k + 1) * step} ${y(of(hour))}`).join("L");
  const hasCharge = hours.some(({ chargePct }) => chargePct !== null);
  const lines = [
    { name: dayChartTexts.available, className: "offered", path: stairs(({ offeredW }) => offeredW / topW) },
    { name: dayChartTexts.dailyUse, className: "loads", path: stairs(({ loadW }) => loadW / topW) },
    ...(hasCharge
      ? [
          {
            name: dayChartTexts.batteryCharge,
            className: "charge",
            path: stairs(({ chargePct }) => (chargePct ?? 0) / 100),
          },
        ]
      : []),
  ];
  const taken = stairs(({ takenW, leftW }) => Math.max(0, takenW - leftW) / topW);
  return (
    <>
      <ul className={style["legend"]} aria-label={dayChartTexts.linesInTheChart}>
        <li>
          <svg width={18} height={12} aria-hidden>
            <rect width={18} height={12} className={style["takenArea"]} />
          </svg>
          {dayChartTexts.harvest}
        </li>
        {lines.map((line) => (
          <li key={line.name}>
            <svg width={22} height={12} aria-hidden>
              <path d="M0 6H22" className={style[line.className]} />
            </svg>
            {line.name}
          </li>
        ))}
      </ul>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className={style["chart"]}
        data-chart="day"
        role="img"
        aria-label={dayChartTexts.meanDayInMonthHourByHourAtMost(name, maxW.toFixed(0))}
      >
        {marksTo(1).map((share) => (
          <g key={share}>
            <line x1={left} x2={width - right} y1={y(share)} y2={y(share)} className={style["gridline"]} />
            <text x={left - 6} y={y(share) + 4} textAnchor="end" className={style["tick"]}>
              {shortNumber(share * topW)}
            </text>
            {hasCharge && (
              <text x={width - right + 6} y={y(share) + 4} className={style["tick"]}>
                {`${(100 * share).toFixed(0)} %`}
              </text>
            )}
          </g>
        ))}
        <path d={`M${left} ${y(0)}L${taken}L${width - right} ${y(0)}Z`} className={style["takenArea"]} />
        {lines.map((line) => (
          <path key={line.name} d={`M${line.path}`} className={style[line.className]} />
        ))}
        {Array.from({ length: 9 }, (_, k) => 3 * k).map((hour) => (
          <text key={hour} x={left + hour * step} y={height - 20} textAnchor="middle" className={style["tick"]}>
            {hour}
          </text>
        ))}
        <text x={(width + left - right) / 2} y={height - 4} textAnchor="middle" className={style["tick"]}>
          {dayChartTexts.hourOfTheDaySolarTimeWattsOnThe}
        </text>
      </svg>
    </>
  );
});
