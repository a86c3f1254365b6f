"use client";

import { inAll, lossNames, type MonthAccount, type PlanYear } from "@/core/year";
import { lossWords, monthName } from "@/words";
import style from "./year.module.css";

const shown = (kwh: number) => (Math.abs(kwh) < 0.05 ? "–" : kwh.toFixed(1).replace("-", "\u2212"));

/** Every month and every loss by its name, kWh. Losses that take nothing all year are left out. */
export function MonthTable({ year }: { year: PlanYear }) {
  const { months } = year;
  const all = inAll(months);
  const lost = lossNames.filter((name) => Math.abs(all.losses[name]) >= 0.05);
  const hasNeed = months.some(({ needKwh }) => needKwh > 0);
  const cells = (month: MonthAccount) => [
    month.couldKwh,
    ...lost.map((name) => month.losses[name]),
    month.takenKwh,
    month.usedKwh,
  ];
  return (
    <div className={style["scroll"]} tabIndex={0} role="region" aria-label="The year as a table">
      <table className={`${style["table"]} num`}>
        <caption className="visually-hidden">
          kWh by month: what could be had, every loss, what is taken and used
        </caption>
        <thead>
          <tr>
            <th scope="col">kWh</th>
            <th scope="col">Could be had</th>
            {lost.map((name) => (
              <th key={name} scope="col" title={lossWords[name].help}>
                {lossWords[name].name}
              </th>
            ))}
            <th scope="col">Taken by ports</th>
            <th scope="col">Used</th>
            {hasNeed && <th scope="col">Need</th>}
            {hasNeed && <th scope="col">Days missed</th>}
          </tr>
        </thead>
        <tbody>
          {months.map((month, k) => (
            <tr key={k}>
              <th scope="row">{monthName(k + 1)}</th>
              {cells(month).map((kwh, column) => (
                <td key={column}>{shown(kwh)}</td>
              ))}
              {hasNeed && <td>{shown(month.needKwh)}</td>}
              {hasNeed && <td>{month.missedPct === null ? "–" : `${month.missedPct.toFixed(0)} in 100`}</td>}
            </tr>
          ))}
          <tr>
            <th scope="row">Year</th>
            {cells(all).map((kwh, column) => (
              <td key={column}>
                <strong>{shown(kwh)}</strong>
              </td>
            ))}
            {hasNeed && <td>{shown(months.reduce((sum, { needKwh }) => sum + needKwh, 0))}</td>}
            {hasNeed && <td />}
          </tr>
        </tbody>
      </table>
    </div>
  );
}
