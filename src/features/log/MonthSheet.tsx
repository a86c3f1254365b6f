"use client";

import Box from "@mui/material/Box";
import { format } from "date-fns";
import { useState } from "react";
import { monthReport, monthsOf } from "@/core/log";
import { ChoiceField, Columns, Facts, Region, sheetStyle, TextButton } from "@/ui";
import { eventWords, kwh, logFindingWords, monthSentence } from "@/messages/en";
import { useLogFacts } from "./facts";
import { JobLines } from "./JobLines";
import { dayName, monthName } from "./times";
import { useJobs } from "./useJobs";
import { YearDrawing } from "./YearDrawing";
import { monthSheetTexts } from "@/messages/en/log/view";

/** A month in a page: what came of what was due, what was there, what was done, what is to be done. */
export function MonthSheet() {
  const log = useLogFacts();
  const { states } = useJobs();
  const [chosen, choose] = useState<string | null>(null);
  const { shown, events, fault } = log;
  if (fault !== null) return <p role="alert">{fault}</p>;
  if (shown === null) return <p role="status">{monthSheetTexts.readingTheLog}</p>;
  const months = monthsOf(shown, events);
  const month = months.find((each) => each === chosen) ?? months[0];
  if (month === undefined) return <p>{monthSheetTexts.noEntriesYetTheFirstEntryOfThe}</p>;
  const report = monthReport(shown, events, month);
  const open = states.filter(({ dueMs }) => dueMs !== null);
  return (
    <Columns beside="390px">
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region
          title={monthName(month)}
          aside={<TextButton onClick={() => window.print()}>{monthSheetTexts.print}</TextButton>}
        >
          <p style={{ marginTop: 0 }}>{monthSentence(report)}</p>
          <YearDrawing log={log} month={month} />
        </Region>
        <Region title={monthSheetTexts.findings}>
          {report.findings.length === 0 ? (
            <p style={{ margin: 0 }}>{monthSheetTexts.nothingUnusualWeatherAndMeter}</p>
          ) : (
            <ul className={sheetStyle["steps"]}>
              {report.findings.map((finding) => (
                <li key={`${finding.id} ${finding.sinceMs}`}>
                  {
                    logFindingWords(
                      finding,
                      dayName(finding.sinceMs),
                      finding.untilMs === null ? null : dayName(finding.untilMs),
                      null,
                    ).what
                  }
                </li>
              ))}
            </ul>
          )}
        </Region>
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region title={monthSheetTexts.month}>
          <ChoiceField
            label={monthSheetTexts.monthToShow}
            value={month}
            options={months.map((value) => ({ value, text: monthName(value) }))}
            onChoice={choose}
          />
          <Facts
            facts={[
              [monthSheetTexts.daysWithEntries, report.days.length],
              [monthSheetTexts.clearDaysAmongThem, report.clearDays],
              [monthSheetTexts.expectedOnThoseDays, kwh(report.dueKwh)],
              [monthSheetTexts.harvestedAbout, kwh(report.takenKwh)],
              ...(report.best === null
                ? []
                : [
                    [
                      monthSheetTexts.bestDay,
                      `${format(Date.parse(report.best.date), "d MMM")}, ${kwh(report.best.kwh)}`,
                    ] as const,
                  ]),
            ]}
          />
        </Region>
        <Region title={monthSheetTexts.events}>
          {report.events.length === 0 ? (
            <p style={{ margin: 0 }}>{monthSheetTexts.none}</p>
          ) : (
            <ul className={sheetStyle["steps"]}>
              {report.events.map(({ id, atUtc, what, note }) => (
                <li key={id}>
                  {format(Date.parse(atUtc), "d MMM")}: {eventWords[what]}
                  {note === "" ? "" : `, ${note}`}
                </li>
              ))}
            </ul>
          )}
        </Region>
        <Region title={monthSheetTexts.toDo}>
          {open.length === 0 ? (
            <p style={{ margin: 0 }}>{monthSheetTexts.noJobsYetSeeJobs}</p>
          ) : (
            <JobLines states={open} />
          )}
        </Region>
      </Box>
    </Columns>
  );
}
