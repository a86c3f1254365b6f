"use client";

import { lossNames, type YearMonth } from "@/core/wiring/year";
import { daysIn } from "@/core/engine/weather";
import { Table } from "@/ui";
import { lossWords, trueMinus } from "@/messages/en";
import { dayLossesTexts } from "@/messages/en/year/view";

/** The mean day of a month, from what could be had to what is used, every loss by its name. */
export function DayLosses({ month, of }: { month: YearMonth; of: number }) {
  const wh = (kwh: number) => (1000 * kwh) / daysIn(of);
  const lost = lossNames.filter((name) => Math.abs(wh(month.losses[name])) >= 0.5);
  return (
    <Table figures spokenCaption="The mean day, Wh: what could be had, every loss, what is used">
      <tbody>
        <tr>
          <th scope="row">{dayLossesTexts.available}</th>
          <td>{dayLossesTexts.whWh(wh(month.couldKwh).toFixed(0))}</td>
        </tr>
        {lost.map((name) => (
          <tr key={name}>
            <th scope="row" title={lossWords[name].help}>
              {lossWords[name].name}
            </th>
            <td>{dayLossesTexts.whWh(trueMinus((-wh(month.losses[name])).toFixed(0)))}</td>
          </tr>
        ))}
        <tr data-sum>
          <th scope="row">{dayLossesTexts.used}</th>
          <td>{dayLossesTexts.whWh(wh(month.usedKwh).toFixed(0))}</td>
        </tr>
      </tbody>
    </Table>
  );
}
