"use client";

import { useRef, useState } from "react";
import { type LogEntry } from "@/core/measurements";
import { type LogTable, readLogTable } from "@/core/log";
import { useReadings, useWiring } from "@/features/plan-session";
import { Region, sheetStyle, TextButton } from "@/ui";
import { readTableTexts } from "@/messages/en/log/view";
import { commonTexts } from "@/messages/en/common/view";

const columnNames = {
  when: "when",
  watts: "watts",
  kwh: readTableTexts.kWhOfTheDay,
  volts: "volts",
  amps: "amps",
  socPct: readTableTexts.stateOfCharge,
  cloud: "the sky",
  airC: "air",
  note: "a note",
} as const;

const maxBytes = 5_000_000;
const maxFaults = 8;

/** Readings out of a table: what each column was understood as, what could not be read, and then all of them at once. */
export function ReadTable() {
  const { id: wiringId } = useWiring();
  const readings = useReadings();
  const file = useRef<HTMLInputElement>(null);
  const [table, setTable] = useState<LogTable | null>(null);
  const [told, tell] = useState("");
  const read = async (chosen: File) => {
    setTable(null);
    if (chosen.size > maxBytes) return tell(commonTexts.fileTooLarge(chosen.name, chosen.size, maxBytes));
    const { parse } = await import("papaparse");
    const { data } = parse<string[]>(await chosen.text(), { skipEmptyLines: "greedy" });
    // wall time as the clock of this browser has it
    const found = readLogTable(data, (year, month, day, hour, minute) =>
      new Date(year, month - 1, day, hour, minute).getTime(),
    );
    setTable(found);
    tell(found.entries.length === 0 ? readTableTexts.noRowIsAReadingAReadingNeedsA : "");
  };
  const take = async ({ entries }: LogTable) => {
    if (readings === null) return;
    const records = entries.map((entry): LogEntry => ({ ...entry, wiringId, id: idOf(entry) }));
    const fault = await readings.addMany(records);
    tell(fault ?? readTableTexts.entryCountReadingsImported(entries.length));
    if (fault === null) setTable(null);
  };
  return (
    <Region title={readTableTexts.importATable}>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv,text/plain"
        className="visually-hidden"
        aria-label={readTableTexts.tableOfReadings}
        tabIndex={-1}
        onChange={({ target }) => {
          const [chosen] = target.files ?? [];
          if (chosen !== undefined) void read(chosen);
          target.value = "";
        }}
      />
      <TextButton onClick={() => file.current?.click()}>{readTableTexts.importACsv}</TextButton>
      <p role="status" style={{ margin: "6px 0 0" }}>
        {told}
      </p>
      {table !== null && (
        <>
          <ul className={sheetStyle["steps"]} aria-label={readTableTexts.columns}>
            {table.columns.map(({ heading, as }, k) => (
              <li key={k}>
                “{heading}”: {as === null ? readTableTexts.leftOut : columnNames[as]}
              </li>
            ))}
          </ul>
          {table.faults.length > 0 && (
            <ul className={sheetStyle["steps"]} aria-label={readTableTexts.rowsNotUnderstood}>
              {table.faults.slice(0, maxFaults).map(({ line, column, value, problem }) => (
                <li key={`${line} ${column}`}>
                  {readTableTexts.lineLineColumnValueProblem(line, column, value, problem)}
                </li>
              ))}
              {table.faults.length > maxFaults && (
                <li>{readTableTexts.faultCountMore(table.faults.length - maxFaults)}</li>
              )}
            </ul>
          )}
          {table.entries.length > 0 && (
            <TextButton look="amber" onClick={() => void take(table)}>
              {readTableTexts.importEntryCountReadings(table.entries.length)}
              {table.dayFirst ? readTableTexts.dayBeforeMonth : ""}
            </TextButton>
          )}
        </>
      )}
    </Region>
  );
}

/** The same line of a file read twice is the same reading. */
function idOf({ atUtc, watts, kwh, volts, amps }: Omit<LogEntry, "id" | "wiringId">): string {
  return `csv-${[atUtc, watts, kwh, volts, amps].join("_")}`.replace(/[^A-Za-z0-9_-]/g, "-").slice(0, 64);
}
