"use client";

import Box from "@mui/material/Box";
import { useId } from "react";
import { type ReadingRecord } from "@/core/measurements";
import { NotesField } from "@/features/notes";
import { usePlan } from "@/features/plan-session";
import { Columns, nameForFile, downloadFile, Region, sheetStyle, Table, TextButton, useUnits, overFigures } from "@/ui";
import { cloudNames, quantityWords, readAmount, readPlaceName, readTime } from "@/messages/en";
import { useProve } from "./facts";
import { PortArrayTabs } from "./PortArrayTabs";
import { provedWord, readingsCsv, reportJson } from "./report-files";
import { useReport } from "./useReport";
import { reportSheetTexts } from "@/messages/en/commissioning/view";
import { commonTexts } from "@/messages/en/common/view";

/** What was proved and what was not, with every reading behind it. */
export function ReportSheet() {
  const plan = usePlan();
  const system = useUnits();
  const noteId = useId();
  const { portArrays, portArray, readings } = useProve();
  const { steps, records } = useReport();
  if (portArray === null) return <p>{commonTexts.nothingWired}</p>;
  const port =
    portArrays.find(({ inputId, portId }) => inputId === portArray.inputId && portId === portArray.portId)?.name ?? "";
  const count = (word: string) => steps.filter((step) => provedWord(step) === word).length;
  const name = nameForFile(plan.name, port);
  return (
    <>
      <PortArrayTabs />
      <Columns beside="390px">
        <Region title={reportSheetTexts.report}>
          <p style={{ marginTop: 0 }}>
            {reportSheetTexts.countOfStepCountReadingsAs(
              count("proved"),
              steps.length,
              count("off"),
              count("not proved"),
            )}
          </p>
          <Table
            label={reportSheetTexts.tableOfTheReport}
            head={[
              reportSheetTexts.reading,
              overFigures(reportSheetTexts.expectedThen),
              overFigures(reportSheetTexts.measured),
              reportSheetTexts.result,
              reportSheetTexts.timeMeasuredBy,
            ]}
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
                        : reportSheetTexts.lowToHigh(
                            readAmount(due.low, step.quantity),
                            readAmount(due.high, step.quantity),
                          )}
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
          <Region title={reportSheetTexts.export}>
            <div className={sheetStyle["buttons"]}>
              <TextButton
                look="amber"
                disabled={records.length === 0}
                onClick={() =>
                  void readingsCsv(plan, records).then((csv) => downloadFile(`${name}-readings.csv`, "text/csv", csv))
                }
              >
                {reportSheetTexts.csv}
              </TextButton>
              <TextButton
                disabled={records.length === 0}
                onClick={() =>
                  downloadFile(`${name}-proof.json`, "application/json", reportJson(plan, port, steps, records))
                }
              >
                {reportSheetTexts.json}
              </TextButton>
              <TextButton onClick={() => window.print()}>{reportSheetTexts.print}</TextButton>
            </div>
          </Region>
          <Region title={reportSheetTexts.allReadingsRecordCount(records.length)}>
            {records.length === 0 ? (
              <p style={{ margin: 0 }}>{reportSheetTexts.noneYetReadingsFromTheSimulator}</p>
            ) : (
              <ul className={sheetStyle["list"]} style={{ maxHeight: 340, overflow: "auto" }}>
                {[...records].reverse().map((record) => (
                  <Line key={record.id} record={record} onRemove={() => void readings?.remove(record.id)} />
                ))}
              </ul>
            )}
          </Region>
          <Region title={reportSheetTexts.notes}>
            <label htmlFor={noteId} style={{ display: "block", marginBottom: 6, fontStyle: "italic" }}>
              {reportSheetTexts.notesOnTheReadings}
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
        {reportSheetTexts.delete}
      </TextButton>
    </li>
  );
}
