"use client";

import { lossNames, type YearMonth } from "@/core/wiring/year";
import { daysIn } from "@/core/engine/weather";
import { Table } from "@/ui";
import { lossWords, trueMinus } from "@/messages/en";

/** The mean day of a month, from what could be had to what is used, every loss by its name. */
export function DayLosses({ month, of }: { month: YearMonth; of: number }) {
  const wh = (kwh: number) => (1000 * kwh) / daysIn(of);
  const lost = lossNames.filter((name) => Math.abs(wh(month.losses[name])) >= 0.5);
  return (
    <Table figures spokenCaption="The mean day, Wh: what could be had, every loss, what is used">
      <tbody>
        <tr>
          <th scope="row">Could be had</th>
          <td>{wh(month.couldKwh).toFixed(0)} Wh</td>
        </tr>
        {lost.map((name) => (
          <tr key={name}>
            <th scope="row" title={lossWords[name].help}>
              {lossWords[name].name}
            </th>
            <td>{trueMinus((-wh(month.losses[name])).toFixed(0))} Wh</td>
          </tr>
        ))}
        <tr data-sum>
          <th scope="row">Used</th>
          <td>{wh(month.usedKwh).toFixed(0)} Wh</td>
        </tr>
      </tbody>
    </Table>
  );
}
