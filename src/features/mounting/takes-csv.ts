import { type Taken } from "@/core/mounting";
import { csvText } from "@/ui";
import { materialName } from "@/messages/en";

/** What a fixing takes, as a table for a shop or a sheet. */
export function takesCsv(takes: readonly Taken[], currency: string): Promise<string> {
  const rows = takes.map((taken) => ({
    what: materialName(taken, "metric"),
    takes: taken.count,
    unit: taken.unit,
    owned: taken.owned,
    toBuy: taken.toBuy,
    each: taken.each.toFixed(2),
    priceIsAssumed: taken.eachIsAssumed ? "yes" : "no",
    money: taken.money.toFixed(2),
    currency,
  }));
  return csvText(rows);
}
