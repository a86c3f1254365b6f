"use client";

import { type ClimateMonth } from "@/core/plan";
import { useDesk, usePlan } from "@/features/plan-session";
import { Table } from "@/ui";
import { monthName } from "@/messages/en";
import style from "../need.module.css";
import { NumberCell } from "../NumberCell";
import { sourceOf } from "@/messages/en/need/coordinates";
import { monthsTexts } from "@/messages/en/need/place";

const columns = [
  { field: "meanC", head: monthsTexts.meanAirC, least: -80, most: 60 },
  { field: "dayHighC", head: monthsTexts.typicalHigh, least: -80, most: 70 },
  { field: "nightLowC", head: monthsTexts.typicalLow, least: -90, most: 60 },
  { field: "ghiKwhM2", head: monthsTexts.sunlightOnFlatGroundKWhMADay, least: 0, most: 15 },
] as const;

/** The twelve months the year is made of; every number can be changed, and says where it came from. */
export function Months() {
  const desk = useDesk();
  const { climate } = usePlan().site;
  if (climate === null) return <p style={{ margin: 0 }}>{monthsTexts.confirmAKindOfClimateItsMonths}</p>;
  const set = (k: number, patch: Partial<ClimateMonth>) =>
    desk.change(
      {
        type: "setSite",
        patch: {
          climate: {
            ...climate,
            months: climate.months.map((month, at) => (at === k ? { ...month, ...patch, source: "typed" } : month)),
          },
        },
      },
      `month:${k}:${Object.keys(patch).join()}`,
    );
  return (
    <Table
      figures
      label={monthsTexts.monthsOfTheLocation}
      className={style["months"]}
      head={[monthsTexts.month, ...columns.map(({ head }) => head), monthsTexts.source]}
    >
      <tbody>
        {climate.months.map((month, k) => (
          <tr key={k}>
            <th scope="row">{monthName(k + 1)}</th>
            {columns.map(({ field, head, least, most }) => (
              <td key={field}>
                <NumberCell
                  label={`${monthName(k + 1)}: ${head}`}
                  value={month[field]}
                  decimals={field === "ghiKwhM2" ? 2 : 1}
                  least={least}
                  most={most}
                  onValue={(value) => set(k, { [field]: value })}
                  onDone={desk.endGesture}
                />
              </td>
            ))}
            <td>{sourceOf(month.source)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
