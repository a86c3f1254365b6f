"use client";

import { inAll, type PlanYear, type YearMonth } from "@/core/wiring/year";
import { monthName } from "@/messages/en";
import style from "./year.module.css";
import { yearStripTexts } from "@/messages/en/year/view";

const [width, height] = [120, 34];

/** The months of a year as twelve small columns: what is used, and faintly what could be; the need as a mark on each. */
export function YearStrip({ year }: { year: PlanYear }) {
  const { months } = year;
  const most = months.reduce((all, { couldKwh, needKwh }) => Math.max(all, couldKwh, needKwh), 0.001);
  const step = width / 12;
  const tall = (kwh: number) => (Math.max(0, kwh) / most) * height;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className={style["strip"]}
      role="img"
      aria-label={yearStripTexts.usedKwhKWhAYearMonths(
        inAll(months).usedKwh.toFixed(0),
        months.map(({ usedKwh }, k) => `${monthName(k + 1)} ${usedKwh.toFixed(0)}`).join(", "),
      )}
    >
      {months.map(({ couldKwh, usedKwh, needKwh }, k) => (
        <g key={k} transform={`translate(${k * step} 0)`}>
          <rect x={1} width={step - 2} y={height - tall(couldKwh)} height={tall(couldKwh)} className={style["could"]} />
          <rect x={1} width={step - 2} y={height - tall(usedKwh)} height={tall(usedKwh)} className={style["used"]} />
          {needKwh > 0 && (
            <line x1={0} x2={step} y1={height - tall(needKwh)} y2={height - tall(needKwh)} className={style["need"]} />
          )}
        </g>
      ))}
    </svg>
  );
}

/** The month in which the ports take least, by name. */
export function worstMonth({ months }: PlanYear): Pick<YearMonth, "takenKwh" | "usedKwh"> & { readonly name: string } {
  const worst = months.reduce((least, month, k) => (month.takenKwh < (months[least]?.takenKwh ?? 0) ? k : least), 0);
  const { takenKwh = 0, usedKwh = 0 } = months[worst] ?? {};
  return { name: monthName(worst + 1), takenKwh, usedKwh };
}
