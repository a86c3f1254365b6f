"use client";

import Box from "@mui/material/Box";
import { useId } from "react";
import { type ReadingRecord } from "@/core/measurements";
import { NotesField } from "@/features/notes";
import { usePlan } from "@/features/plan-session";
import { Columns, nameForFile, downloadFile, Region, sheetStyle, Table, TextButton, useUnits, overFigures } from "@/ui";
import { cloudNames, quantityWords, readAmount, readPlaceName, readTime } from "@/messages/en";
import { useProve } from "./facts";
import { LaneTabs } from "./LaneTabs";
import { provedWord, readingsCsv, reportJson } from "./report-files";
import { useReport } from "./useReport";

/** What was proved and what was not, with every reading behind it. */
export function ReportSheet() {
  const plan = usePlan();
  const system = useUnits();
  const noteId = useId();
  const { lanes, lane, readings } = useProve();
  const { steps, records } = useReport();
  if (lane === null) return <p>Nothing is wired to an input yet: see Wiring.</p>;
  const port = lanes.find(({ inputId, portId }) => inputId === lane.inputId && portId === lane.portId)?.name ?? "";
  const count = (word: string) => steps.filter((step) => provedWord(step) === word).length;
  const name = nameForFile(plan.name, port);
  return (
    <>
      <LaneTabs />
      <Columns beside="390px">
        <Region title="What is proved">
          <p style={{ marginTop: 0 }}>
            {count("proved")} of {steps.length} read and as they should be, {count("off")} not as they should be,{" "}
            {count("not proved")} not read yet. Labels are good to 3 %, hand meters to 1 % of volts and 1.5 % of amps:
            nothing here claims more.
          </p>
          <Table
            label="Table of what is proved"
            head={["Reading", overFigures("Due then"), overFigures("Read"), "Proved", "When, by whom"]}
          >
            <tbody>
              {steps.map((step) => {
                const due = step.read?.due ?? (step.read === null ? null : step.band);
                return (
                  <tr key={step.key}>
                    <th scope="row">
                      {readPlaceName(plan, step.place)}, {quantityWords[step.quantity]}
                    </th>
                    <td data-num>
                      {due === null
                        ? ""
                        : `${readAmount(due.low, step.quantity)} to ${readAmount(due.high, step.quantity)}`}
                    </td>
                    <td data-num>{step.read === null ? "" : readAmount(step.read.value, step.quantity)}</td>
                    <td>{provedWord(step)}</td>
                    <td>
                      {step.read === null
                        ? ""
                        : `${readTime(step.read.atUtc, system)}${step.read.by === "" ? "" : `, ${step.read.by}`}`}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </Table>
        </Region>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title="Take it along">
            <div className={sheetStyle["buttons"]}>
              <TextButton
                look="amber"
                disabled={records.length === 0}
                onClick={() =>
                  void readingsCsv(plan, records).then((csv) => downloadFile(`${name}-readings.csv`, "text/csv", csv))
                }
              >
                CSV
              </TextButton>
              <TextButton
                disabled={records.length === 0}
                onClick={() =>
                  downloadFile(`${name}-proof.json`, "application/json", reportJson(plan, port, steps, records))
                }
              >
                JSON
              </TextButton>
              <TextButton onClick={() => window.print()}>Print</TextButton>
            </div>
          </Region>
          <Region title={`All readings: ${records.length}`}>
            {records.length === 0 ? (
              <p style={{ margin: 0 }}>None yet. Those of a stand-in do not count.</p>
            ) : (
              <ul className={sheetStyle["list"]} style={{ maxHeight: 340, overflow: "auto" }}>
                {[...records].reverse().map((record) => (
                  <Line key={record.id} record={record} onRemove={() => void readings?.remove(record.id)} />
                ))}
              </ul>
            )}
          </Region>
          <Region title="Notes">
            <label htmlFor={noteId} style={{ display: "block", marginBottom: 6, fontStyle: "italic" }}>
              What the meter said, and what you want to remember of it.
            </label>
            <NotesField step="test" id={noteId} />
          </Region>
        </Box>
      </Columns>
    </>
  );
}

function Line({ record, onRemove }: { readonly record: ReadingRecord; readonly onRemove: () => void }) {
  const plan = usePlan();
  const system = useUnits();
  const { place, quantity, value, atUtc, by, sky } = record;
  return (
    <li style={{ justifyContent: "space-between" }}>
      <span>
        {readPlaceName(plan, place)}, {quantityWords[quantity]}:{" "}
        <strong className="num">{readAmount(value, quantity)}</strong>
        <br />
        <span style={{ fontSize: "0.8125rem" }}>
          {readTime(atUtc, system)}
          {sky.cloud === null ? "" : `, ${cloudNames[sky.cloud]}`}
          {by === "" ? "" : `, ${by}`}
        </span>
      </span>
      <TextButton look="plain" onClick={onRemove}>
        Delete
      </TextButton>
    </li>
  );
}
