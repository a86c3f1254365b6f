import { nameFrom } from "../model-name";
import { type Line } from "../plain";
import { deviceFacts, deviceIn } from "./device-read";
import { type DeviceRead } from "./read-types";
import { subjectOf } from "./subject";

/** The devices of a part of a text: one, or one for each column or row of a table. */
export function devicesIn(head: string, lines: readonly Line[]): DeviceRead[] {
  const header = lines.findIndex(({ cells }) => cells.length > 2 && areNames(cells.slice(1).map(({ words }) => words)));
  if (header >= 0) {
    const names = (lines[header]?.cells ?? []).map(({ words }) => words);
    const rows = lines.slice(header + 1).filter(({ cells }) => cells.length > 1);
    return names.flatMap((name, column) => (column === 0 ? [] : (deviceIn(deviceName(name), rows, column) ?? [])));
  }
  const titles = lines.findIndex(
    ({ cells }) => cells.length > 2 && areTitles(cells.slice(1).map(({ words }) => words)),
  );
  if (titles >= 0) {
    const heads = lines[titles]?.cells ?? [];
    const rows = lines.slice(titles + 1).filter(({ cells }) => cells.length === heads.length);
    return rows.flatMap((row) => {
      const cells = row.cells.slice(1).map((cell, k) => ({
        ...row,
        cells: [{ words: heads[k + 1]?.words ?? "", at: cell.at }, cell],
      }));
      return deviceIn(deviceName(row.cells[0]?.words ?? ""), cells, 1) ?? [];
    });
  }
  const device = deviceIn(deviceName(head), lines);
  return device === null ? [] : [device];
}

/** Whether lines speak of a device's sockets for panels, whatever stands above them. */
export function speaksOfDevice(lines: readonly Line[]): boolean {
  const all = lines.map(({ words }) => words).join("\n");
  const isSaid =
    /station|controller|regler|charger|inverter|wechselrichter|generator(?!spannung)|power ?bank|\bpwm\b|(?:solar|pv)[ -]?(?:input|eingang|max)|max\w*\.? (?:solar|pv|input)|charg(?:e|ing) current|ladestrom|^(?:dc )?inputs?:?$|charges? from the sun|entr[ée]e solaire/im.test(
      all,
    );
  const facts = deviceFacts(lines);
  const hasPlate = facts.some(({ of }) => of === "range") && facts.some(({ of }) => of === "amps");
  return (
    hasPlate || (isSaid && (facts.some(({ of }) => of === "range" || of === "maxV") || devicesIn("", lines).length > 0))
  );
}

/** What a device goes by: its heading without what all of its kind are called, and without what is said of it. */
export function deviceName(head: string): string {
  const bare = head.replace(/^(?:the|die|der|das|le|la) (?=[A-Z])/i, "");
  // a sentence names its device by its first words, as far as the model's number
  const opening = /^(?:[A-Z][\w-]* ){1,3}[\w-]*\d[\w/-]*/.exec(bare)?.[0];
  if (opening !== undefined && bare.split(" ").length > 8) return opening;
  const [first = ""] = bare.split(/[:,(|]|\s(?:mppt|pwm|all-in-one)\b/i);
  const generic =
    /\b(?:portable |solar )*(?:power ?station|charge controller|solar ?generator|laderegler|solarladeregler|hybrid.*)\b.*$/i;
  return nameFrom(first.replace(generic, "")).trim();
}

function areNames(cells: readonly string[]): boolean {
  return cells.every(
    (words) => /[a-z]/i.test(words) && /\d/.test(words) && !/\d ?[vaw]\b/i.test(words) && subjectOf(words) === "none",
  );
}

function areTitles(cells: readonly string[]): boolean {
  return (
    cells.every((words) => !/\d/.test(words)) &&
    cells.filter((words) => ["solar", "input", "batteryAmps"].includes(subjectOf(words))).length >= 2
  );
}
