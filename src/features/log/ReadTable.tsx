"use client";

import { useRef, useState } from "react";
import { type LogEntry } from "@/core/measurements";
import { type LogTable, readLogTable } from "@/core/log";
import { useReadings, useWiring } from "@/features/plan-session";
import { Region, sheetStyle, TextButton } from "@/ui";

const columnNames = {
  when: "when",
  watts: "watts",
  kwh: "kWh of the day",
  volts: "volts",
  amps: "amps",
  socPct: "charge of the battery",
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
    if (chosen.size > maxBytes) return tell(`“${chosen.name}” holds ${chosen.size} bytes; allowed: ${maxBytes}.`);
    const { parse } = await import("papaparse");
    const { data } = parse<string[]>(await chosen.text(), { skipEmptyLines: "greedy" });
    // wall time as the clock of this browser has it
    const found = readLogTable(data, (year, month, day, hour, minute) =>
      new Date(year, month - 1, day, hour, minute).getTime(),
    );
    setTable(found);
    tell(found.entries.length === 0 ? "No line of it is a reading: it takes a date, and watts or kWh." : "");
  };
  const take = async ({ entries }: LogTable) => {
    if (readings === null) return;
    const records = entries.map((entry): LogEntry => ({ ...entry, wiringId, id: idOf(entry) }));
    const fault = await readings.addMany(records);
    tell(fault ?? `${entries.length} readings taken. Those that were there already are not doubled.`);
    if (fault === null) setTable(null);
  };
  return (
    <Region title="From a table">
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv,text/plain"
        className="visually-hidden"
        aria-label="Table of readings"
        tabIndex={-1}
        onChange={({ target }) => {
          const [chosen] = target.files ?? [];
          if (chosen !== undefined) void read(chosen);
          target.value = "";
        }}
      />
      <TextButton onClick={() => file.current?.click()}>Read a CSV</TextButton>
      <p role="status" style={{ margin: "6px 0 0" }}>
        {told}
      </p>
      {table !== null && (
        <>
          <ul className={sheetStyle["steps"]} aria-label="Columns">
            {table.columns.map(({ heading, as }, k) => (
              <li key={k}>
                “{heading}”: {as === null ? "left out" : columnNames[as]}
              </li>
            ))}
          </ul>
          {table.faults.length > 0 && (
            <ul className={sheetStyle["steps"]} aria-label="What could not be read">
              {table.faults.slice(0, maxFaults).map(({ line, column, value, problem }) => (
                <li key={`${line} ${column}`}>
                  Line {line}, {column}: “{value}” {problem}.
                </li>
              ))}
              {table.faults.length > maxFaults && <li>{table.faults.length - maxFaults} more.</li>}
            </ul>
          )}
          {table.entries.length > 0 && (
            <TextButton look="amber" onClick={() => void take(table)}>
              Take {table.entries.length} readings{table.dayFirst ? ", the day before the month" : ""}
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
