import { csvText } from "@/ui";
import { type Log } from "./useLog";

/** Every entry and event as a line of a table, the newest last, with what was due and the share. */
export function logCsv({ entries, events, shown }: Log): Promise<string> {
  const shares = new Map(shown?.shares.map((each) => [each.id, each]));
  const rows = [
    ...entries.map(({ id, atUtc, watts, kwh, volts, amps, socPct, cloud, airC, by, note, source }) => ({
      atUtc,
      what: "reading",
      watts: watts ?? "",
      kwhOfDay: kwh ?? "",
      volts: volts ?? "",
      amps: amps ?? "",
      batteryPct: socPct ?? "",
      sky: cloud ?? "",
      airC: airC ?? "",
      due: shares.get(id)?.due.toFixed(3) ?? "",
      share: shares.get(id)?.share.toFixed(3) ?? "",
      why: shares.get(id)?.why ?? "",
      by,
      note,
      source,
    })),
    ...events.map(({ atUtc, what, by, note }) => ({ atUtc, what, by, note })),
  ].sort((a, b) => (a.atUtc < b.atUtc ? -1 : 1));
  const columns = [
    "atUtc",
    "what",
    "watts",
    "kwhOfDay",
    "volts",
    "amps",
    "batteryPct",
    "sky",
    "airC",
    "due",
    "share",
    "why",
    "by",
    "note",
    "source",
  ];
  return csvText(rows, columns);
}
