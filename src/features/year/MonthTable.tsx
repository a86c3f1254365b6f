"use client";

import { inAll, lossNames, type MonthAccount, type PlanYear } from "@/core/wiring/year";
import { Table } from "@/ui";
import { lossWords, monthName } from "@/messages/en";
import { monthTableTexts } from "@/messages/en/year/view";

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
      label={monthTableTexts.yearAsATable}
      spokenCaption="kWh by month: available, each loss, harvest and used"
      head={[
        "kWh",
        monthTableTexts.available,
        ...lost.map((name) => ({ words: lossWords[name].name, help: lossWords[name].help })),
        monthTableTexts.harvest,
        monthTableTexts.used,
        ...(hasNeed ? ["Need", monthTableTexts.daysThatFallShort] : []),
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
            {hasNeed && (
              <td>{month.missedPct === null ? "–" : monthTableTexts.missedPctIn100(month.missedPct.toFixed(0))}</td>
            )}
          </tr>
        ))}
        <tr data-sum>
          <th scope="row">{monthTableTexts.year}</th>
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
