"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import LinearProgress from "@mui/material/LinearProgress";
import { type Absent, type ColumnReport } from "@/core/library";
import { LevelMark, Table } from "@/ui";
import { counted } from "@/messages/en";
import { cellFaultWords, columnWords, fileFaultSentence } from "@/messages/en/library/report";
import style from "./report.module.css";
import { type FileRead } from "./useFileRead";
import { readFileTexts } from "@/messages/en/library/view";

type Props = { readonly reading: FileRead; readonly onStop: () => void; readonly onKeep: () => void };

/** What is in a file, column by column, before any of it is put on the shelf. */
export function ReadFile({ reading, onStop, onKeep }: Props) {
  return (
    <Dialog
      open={reading.type !== "none"}
      onClose={onStop}
      transitionDuration={0}
      maxWidth="md"
      fullWidth
      aria-labelledby="read-file"
    >
      <DialogTitle id="read-file">
        {reading.type === "none" ? "" : readFileTexts.importOfFileName(reading.fileName)}
      </DialogTitle>
      <DialogContent>
        <Body reading={reading} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onStop}>
          {reading.type === "refused" ? readFileTexts.close : readFileTexts.cancelTheImport}
        </Button>
        {reading.type === "read" && (
          <Button variant="contained" disabled={reading.fresh === 0 || reading.keeping} onClick={onKeep}>
            {readFileTexts.addFreshToTheLibrary(reading.fresh)}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

function Body({ reading }: { reading: FileRead }) {
  switch (reading.type) {
    case "none":
      return null;
    case "reading":
      return (
        <>
          <Box role="status">{readFileTexts.rowsRead(counted(reading.rows, "row"))}</Box>
          <LinearProgress
            variant="determinate"
            value={reading.share * 100}
            aria-label={readFileTexts.shareOfTheFileRead}
          />
        </>
      );
    case "refused":
      return (
        <Box role="alert" sx={{ display: "flex", gap: 1 }}>
          <LevelMark level="stop" />
          <span>{readFileTexts.fileFaultNothingWasAddedToThe(fileFaultSentence(reading.fault, reading.fileName))}</span>
        </Box>
      );
    case "read": {
      const { contents, fresh, known, fault } = reading;
      const { refused, columns, absent } = contents;
      return (
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Box role="status">
            {fresh === 0 ? readFileTexts.nothingNewToAdd : readFileTexts.freshToAddToTheLibrary(fresh)}
            {known > 0 && readFileTexts.knownAlreadyInTheLibraryWithThe(known)}
            {refused.length > 0 &&
              readFileTexts.refusedCountNotValidLeftOut(
                columns === null ? counted(refused.length, "entry", "entries") : counted(refused.length, "row"),
              )}
          </Box>
          {fault !== null && (
            <Box role="alert" sx={{ display: "flex", gap: 1 }}>
              <LevelMark level="stop" />
              <span>{fault}</span>
            </Box>
          )}
          {columns !== null && <Columns columns={columns} absent={absent} />}
          {refused.length > 0 && (
            <Box component="section" aria-label={readFileTexts.leftOut}>
              <strong>{readFileTexts.leftOut}</strong>
              <ul className={style["list"]}>
                {refused.slice(0, maxShown).map(({ at, name, path, problem }) => (
                  <li key={`${at} ${path}`}>
                    {columns === null ? readFileTexts.entryAt(at) : readFileTexts.rowAt(at)}
                    {name === "" ? "" : ` (${name})`}: {path}: {problem}.
                  </li>
                ))}
                {refused.length > maxShown && <li>{readFileTexts.andRefusedCountMore(refused.length - maxShown)}</li>}
              </ul>
            </Box>
          )}
        </Box>
      );
    }
  }
}

const maxShown = 20;

function Columns({ columns, absent }: { columns: readonly ColumnReport[]; absent: readonly Absent[] }) {
  return (
    <>
      <Table
        spokenCaption="What each column of the file was imported as"
        className={style["columns"]}
        head={[readFileTexts.columnInTheFile, readFileTexts.importedAs, readFileTexts.result]}
      >
        <tbody>
          {columns.map((column, k) => (
            <tr key={k} data-column={column.type}>
              <th scope="row">{column.heading === "" ? readFileTexts.columnKNoHeading(k + 1) : column.heading}</th>
              <td>{column.type === "taken" ? column.title : "–"}</td>
              <td>
                <span className={style["outcome"]}>
                  <LevelMark
                    level={
                      column.type === "taken" && column.faultCount === 0
                        ? "good"
                        : column.type === "taken"
                          ? "care"
                          : "note"
                    }
                    size={16}
                  />{" "}
                  {columnWords(column)}
                </span>
                {column.type === "unknown" && column.samples.length > 0 && (
                  <div className={style["small"]}>
                    {readFileTexts.suchAsSamples(column.samples.map((sample) => `“${sample}”`).join(", "))}
                  </div>
                )}
                {column.type === "taken" &&
                  column.faults.map(({ row, text, fault }) => (
                    <div key={row} className={style["small"]}>
                      {readFileTexts.rowRowTextCellFault(row, text, cellFaultWords(fault))}
                    </div>
                  ))}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {absent.length > 0 && (
        <Box sx={{ fontSize: "0.8125rem" }}>
          {readFileTexts.notInTheFileAbsent(
            absent
              .map(({ title, instead }) => (instead === "" ? title : readFileTexts.missingColumn(title, instead)))
              .join(", "),
          )}
        </Box>
      )}
    </>
  );
}
