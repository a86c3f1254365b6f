"use client";

import { monthReport, monthsOf } from "@/core/log";
import { usePlan, useReadingsState, useWiring } from "@/features/plan-session";
import { PrintTable } from "@/ui";
import { cloudNames, entryWords, eventWords, monthSentence } from "@/messages/en";
import { LogFacts, useLogFacts } from "./facts";
import { JobLines } from "./JobLines";
import { momentName, monthName } from "./times";
import { useJobs } from "./useJobs";
import { YearDrawing } from "./YearDrawing";
import { logPrintTexts } from "@/messages/en/log/view";

const emptyLines = 20;

/** The newest entries, and ruled lines for the next: date, watts, battery, sky. */
export function LogPrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const records = useReadingsState().records ?? [];
  const lines = records
    .flatMap((each) =>
      each.kind === "event"
        ? [{ atUtc: each.atUtc, cells: [eventWords[each.what], "", "", each.note] }]
        : each.kind === "log" && each.wiringId === wiring.id
          ? [
              {
                atUtc: each.atUtc,
                cells: [
                  entryWords(each),
                  each.socPct === null ? "" : `${each.socPct} %`,
                  each.cloud === null ? "" : cloudNames[each.cloud],
                  each.note,
                ],
              },
            ]
          : [],
    )
    .sort((a, b) => (a.atUtc < b.atUtc ? 1 : -1))
    .slice(0, emptyLines);
  return (
    <LogFacts>
      <NewestMonth />
      <PrintTable
        caption={logPrintTexts.log}
        head={[logPrintTexts.when, logPrintTexts.what, logPrintTexts.battery, logPrintTexts.sky, logPrintTexts.note]}
        rows={[
          ...lines.map(({ atUtc, cells }) => [momentName(Date.parse(atUtc)), ...cells]),
          ...Array.from({ length: emptyLines - lines.length }, () => ["", "", "", "", ""]),
        ]}
      />
      <p>{logPrintTexts.lithiumCellsMustNotBeCharged}</p>
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.log}</p>
    </LogFacts>
  );
}

/** The newest month in a page, and what is to be done. */
function NewestMonth() {
  const log = useLogFacts();
  const { states } = useJobs();
  const { shown, events } = log;
  const [month] = shown === null ? [] : monthsOf(shown, events);
  return (
    <>
      {shown !== null && month !== undefined && (
        <>
          <h2>{monthName(month)}</h2>
          <p>{monthSentence(monthReport(shown, events, month))}</p>
          <YearDrawing log={log} month={month} />
        </>
      )}
      {states.some(({ dueMs }) => dueMs !== null) && (
        <>
          <h2>{logPrintTexts.toDo}</h2>
          <JobLines states={states} />
        </>
      )}
    </>
  );
}
