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
import { cellFaultWords, columnWords, fileFaultSentence } from "./report-words";
import style from "./report.module.css";
import { type FileRead } from "./useFileRead";

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
      <DialogTitle id="read-file">{reading.type === "none" ? "" : `FileRead “${reading.fileName}”`}</DialogTitle>
      <DialogContent>
        <Body reading={reading} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onStop}>{reading.type === "refused" ? "Close" : "Put nothing in"}</Button>
        {reading.type === "read" && (
          <Button variant="contained" disabled={reading.fresh === 0 || reading.keeping} onClick={onKeep}>
            Put {reading.fresh} in the library
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
          <Box role="status">{counted(reading.rows, "row")} read…</Box>
          <LinearProgress variant="determinate" value={reading.share * 100} aria-label="Share of the file read" />
        </>
      );
    case "refused":
      return (
        <Box role="alert" sx={{ display: "flex", gap: 1 }}>
          <LevelMark level="stop" />
          <span>{fileFaultSentence(reading.fault, reading.fileName)} Nothing was put in the library.</span>
        </Box>
      );
    case "read": {
      const { contents, fresh, known, fault } = reading;
      const { refused, columns, absent } = contents;
      return (
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Box role="status">
            {fresh === 0 ? "Nothing new to put in." : `${fresh} to put in the library.`}
            {known > 0 && ` ${known} are there already, just the same, and are left out.`}
            {refused.length > 0 && ` ${counted(refused.length, columns === null ? "sheet" : "row")} cannot be taken.`}
          </Box>
          {fault !== null && (
            <Box role="alert" sx={{ display: "flex", gap: 1 }}>
              <LevelMark level="stop" />
              <span>{fault}</span>
            </Box>
          )}
          {columns !== null && <Columns columns={columns} absent={absent} />}
          {refused.length > 0 && (
            <Box component="section" aria-label="Not taken">
              <strong>Not taken</strong>
              <ul className={style["list"]}>
                {refused.slice(0, maxShown).map(({ at, name, path, problem }) => (
                  <li key={`${at} ${path}`}>
                    {columns === null ? `Sheet ${at}` : `Row ${at}`}
                    {name === "" ? "" : ` (${name})`}: {path}: {problem}.
                  </li>
                ))}
                {refused.length > maxShown && <li>and {refused.length - maxShown} more</li>}
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
        spokenCaption="What each column of the file was taken for"
        className={style["columns"]}
        head={["Column in the file", "Taken as", "What became of it"]}
      >
        <tbody>
          {columns.map((column, k) => (
            <tr key={k} data-column={column.type}>
              <th scope="row">{column.heading === "" ? `(column ${k + 1}, no heading)` : column.heading}</th>
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
                    such as {column.samples.map((sample) => `“${sample}”`).join(", ")}
                  </div>
                )}
                {column.type === "taken" &&
                  column.faults.map(({ row, text, fault }) => (
                    <div key={row} className={style["small"]}>
                      row {row}: “{text}”: {cellFaultWords(fault)}
                    </div>
                  ))}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {absent.length > 0 && (
        <Box sx={{ fontSize: "0.8125rem" }}>
          Not in the file:{" "}
          {absent.map(({ title, instead }) => (instead === "" ? title : `${title} (taken as “${instead}”)`)).join(", ")}
          .
        </Box>
      )}
    </>
  );
}
