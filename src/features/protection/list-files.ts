import { listFilesTexts } from "@/messages/en/protection/parts";
import { type ProtectReport } from "@/core/protection/diagram";
import { csvText } from "@/ui";
import { groupWords, itemWords } from "@/messages/en";

/** The parts list as a table for a shop or a sheet. Numbers are plain, money in the currency named. */
export function listCsv({ lines, money }: ProtectReport, currency: string): Promise<string> {
  const strings = lines.map((line) => ({
    group: groupWords[line.group],
    part: itemWords(line.item),
    unit: line.unit,
    takes: plain(line.count),
    spare: plain(line.spare),
    owned: line.owned,
    toBuy: plain(line.toBuy),
    each: line.each.toFixed(2),
    priceIsAssumed: line.eachIsAssumed ? "yes" : "no",
    money: line.money.toFixed(2),
    currency,
    weightKg: line.weightKg.toFixed(2),
  }));
  const total = { group: "", part: listFilesTexts.allPartsToBuy, money: money.parts.toFixed(2), currency };
  return csvText([...strings, total], Object.keys(strings[0] ?? total));
}

export function listJson(plan: string, wiring: string, { lines, money }: ProtectReport, currency: string): string {
  const parts = lines.map(
    ({ item, group, unit, count, spare, owned, toBuy, each, eachIsAssumed, money: cost, weightKg }) => ({
      group,
      part: itemWords(item),
      item,
      unit,
      count,
      spare,
      owned,
      toBuy,
      each,
      eachIsAssumed,
      money: cost,
      weightKg,
    }),
  );
  return `${JSON.stringify({ format: "golden-array-parts", version: 1, plan, wiring, currency, parts, money }, null, 2)}\n`;
}

/** Metres to the centimetre, and no dust of adding. */
function plain(value: number): string {
  return String(Number(value.toFixed(2)));
}
