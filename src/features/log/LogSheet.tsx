"use client";

import Box from "@mui/material/Box";
import Link from "next/link";
import { useId } from "react";
import { type PlanLog } from "@/core/log";
import { type Plan } from "@/core/plan";
import { NotesField } from "@/features/notes";
import { useDeskState, usePlan, useReadings, WaitingReadings } from "@/features/plan-session";
import { Columns, LevelMark, downloadFile, Region, sheetStyle, TextButton } from "@/ui";
import { entryWords, eventWords, logFindingWords, missedTurnSentence, money, shareWords } from "@/messages/en";
import { Entry } from "./Entry";
import { Events } from "./Events";
import { logCsv } from "./log-csv";
import { DueJobs } from "./DueJobs";
import { ReadTable } from "./ReadTable";
import { SameHour } from "./SameHour";
import { dayName, momentName } from "./times";
import { useLogFacts } from "./facts";
import { type Log } from "./useLog";
import { YearDrawing } from "./YearDrawing";
import style from "./log.module.css";
import { logSheetTexts } from "@/messages/en/log/view";

/** A line a day in ink under a pencil line of what was due; marks in the margin for what was done. */
export function LogSheet() {
  const log = useLogFacts();
  const noteId = useId();
  return (
    <>
      <WaitingReadings />
      <DueJobs />
      <Columns beside="390px">
        <Box sx={column}>
          <Region title={logSheetTexts.theYearSoFar}>
            <YearDrawing log={log} />
          </Region>
          <Region title={logSheetTexts.findings}>
            <Findings log={log} />
            <SameHour log={log} />
          </Region>
          <Region
            title={logSheetTexts.entriesEntryCount(log.entries.length)}
            aside={
              <TextButton
                disabled={log.entries.length + log.events.length === 0}
                onClick={() => void logCsv(log).then((csv) => downloadFile("log.csv", "text/csv", csv))}
              >
                {logSheetTexts.csv}
              </TextButton>
            }
          >
            <Entries log={log} />
          </Region>
        </Box>
        <Box sx={column}>
          <Box sx={{ display: "grid", gap: 2, minWidth: 0, order: { xs: -1, md: 0 } }}>
            <Entry />
            <Events />
          </Box>
          <ReadTable />
          <Region title={logSheetTexts.notes}>
            <label htmlFor={noteId} style={{ display: "block", marginBottom: 6, fontStyle: "italic" }}>
              {logSheetTexts.anythingUnusual}
            </label>
            <NotesField step="log" id={noteId} />
          </Region>
        </Box>
      </Columns>
    </>
  );
}

/** What a clear day should give about then, kWh: so that a loss has a size. */
function clearDayKwh({ days }: PlanLog, sinceMs: number): number | null {
  const near = days.filter(({ date }) => Math.abs(Date.parse(date) - sinceMs) < 30 * 86_400_000);
  return near.length === 0 ? null : Math.max(...near.map(({ dueKwh }) => dueKwh));
}

function lostOf(kwhADay: number | null, { kwhPrice, currency }: Plan["protect"]) {
  if (kwhADay === null) return null;
  return { kwhADay, worth: kwhPrice === null ? null : money(kwhADay * kwhPrice, currency) };
}

function Findings({ log: { shown, share, entries, fault } }: { readonly log: Log }) {
  const planId = useDeskState((state) => state.planId);
  const { protect } = usePlan();
  if (fault !== null) return <p role="alert">{fault}</p>;
  if (shown === null)
    return (
      <p role="status">
        {share === null ? logSheetTexts.readingTheLog : logSheetTexts.readingTheLogShare((100 * share).toFixed(0))}
      </p>
    );
  if (entries.length === 0) return <p style={{ margin: 0 }}>{logSheetTexts.noEntriesYetOneEntryOnAClearDay}</p>;
  if (shown.findings.length + shown.missedTurns.length === 0)
    return <p style={{ margin: 0 }}>{logSheetTexts.nothingUnusualLabelsMeter}</p>;
  return (
    <ul className={sheetStyle["list"]} aria-label={logSheetTexts.findingsOfTheLog}>
      {shown.missedTurns.map((ms) => (
        <li key={ms}>
          <LevelMark level="care" size={16} decorative={false} />
          <strong>{missedTurnSentence(dayName(ms))}</strong>
        </li>
      ))}
      {shown.findings.map((finding) => {
        const day = clearDayKwh(shown, finding.sinceMs);
        const { what, first } = logFindingWords(
          finding,
          dayName(finding.sinceMs),
          finding.untilMs === null ? null : dayName(finding.untilMs),
          lostOf(day === null ? null : (day * finding.lossPct) / 100, protect),
        );
        return (
          <li key={`${finding.id} ${finding.sinceMs}`}>
            <LevelMark
              level={finding.id === "taper" || finding.untilMs !== null ? "note" : "care"}
              size={16}
              decorative={false}
            />
            <div>
              <strong>{what}</strong> {first}{" "}
              {finding.id === "fault" && finding.untilMs === null && (
                <Link
                  href={`/plan/${planId}/test?less=${finding.lossPct.toFixed(0)}&since=${new Date(finding.sinceMs).toISOString().slice(0, 10)}`}
                  style={{ color: "inherit" }}
                >
                  {logSheetTexts.testIt}
                </Link>
              )}
            </div>
          </li>
        );
      })}
    </ul>
  );
}

/** On a phone both columns are one, with what is to be written first. */
const column = { display: { xs: "contents", md: "grid" }, gap: 2, minWidth: 0 } as const;

const maxShown = 60;

/** Newest first; so many at once, the rest on request of a file. */
function Entries({ log: { entries, events, shown } }: { readonly log: Log }) {
  const readings = useReadings();
  const shares = new Map(shown?.shares.map((each) => [each.id, each]));
  const lines = [...entries, ...events].sort((a, b) => (a.atUtc < b.atUtc ? 1 : -1));
  if (lines.length === 0) return <p style={{ margin: 0 }}>{logSheetTexts.noneYet}</p>;
  return (
    <>
      <ul className={sheetStyle["list"]}>
        {lines.slice(0, maxShown).map((each) => {
          const share = shares.get(each.id);
          return (
            <li key={each.id} style={{ justifyContent: "space-between" }}>
              <span>
                <span className={style["when"]}>{momentName(Date.parse(each.atUtc))}</span>{" "}
                {each.kind === "event" ? (
                  <em>
                    {eventWords[each.what]}
                    {each.note === "" ? "" : `: ${each.note}`}
                  </em>
                ) : (
                  <>
                    <strong className="num">{entryWords(each)}</strong>
                    {share === undefined ? "" : `, ${shareWords(share)}`}
                    {each.source === "standIn" ? logSheetTexts.fromTheSimulator : ""}
                  </>
                )}
              </span>
              <TextButton
                look="plain"
                aria-label={logSheetTexts.deleteTheEntryOfMoment(momentName(Date.parse(each.atUtc)))}
                onClick={() => void readings?.remove(each.id)}
              >
                {logSheetTexts.delete}
              </TextButton>
            </li>
          );
        })}
      </ul>
      {lines.length > maxShown && (
        <p style={{ margin: "6px 0 0" }}>{logSheetTexts.lineCountOlderEntriesSeeTheChart(lines.length - maxShown)}</p>
      )}
    </>
  );
}
