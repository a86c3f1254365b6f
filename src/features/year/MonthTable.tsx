"use client";

import { inAll, lossNames, type MonthAccount, type PlanYear } from "@/core/wiring/year";
import { Table } from "@/ui";
import { lossWords, monthName } from "@/messages/en";

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
    <Table
      figures
      dense
      label="The year as a table"
      spokenCaption="kWh by month: what could be had, every loss, what is taken and used"
      head={[
        "kWh",
        "Could be had",
        ...lost.map((name) => ({ words: lossWords[name].name, help: lossWords[name].help })),
        "Taken by ports",
        "Used",
        ...(hasNeed ? ["Need", "Days missed"] : []),
      ]}
    >
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
        <tr data-sum>
          <th scope="row">Year</th>
          {cells(all).map((kwh, column) => (
            <td key={column}>{shown(kwh)}</td>
          ))}
          {hasNeed && <td>{shown(months.reduce((sum, { needKwh }) => sum + needKwh, 0))}</td>}
          {hasNeed && <td />}
        </tr>
      </tbody>
    </Table>
  );
}
