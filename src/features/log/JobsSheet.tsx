"use client";

import Box from "@mui/material/Box";
import { type JobState } from "@/core/log";
import { useDeskState, usePlan, useReadings } from "@/features/plan-session";
import { Cautions, Columns, LevelMark, newId, Region, sheetStyle, TextButton } from "@/ui";
import { jobWords, logCautions, proposalWords } from "@/messages/en";
import { saveJobs } from "./jobs-ics";
import { NewJob } from "./NewJob";
import { dayName, roundName } from "./times";
import { useJobs } from "./useJobs";
import { jobsSheetTexts } from "@/messages/en/log/view";

/** What is to be done and when: due first; done with one press, which is an event of the log. */
export function JobsSheet() {
  const plan = usePlan();
  const readings = useReadings();
  const { states, proposed } = useJobs();
  return (
    <Columns beside="390px">
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <Region
          title={jobsSheetTexts.jobs}
          aside={
            <TextButton disabled={states.length === 0} onClick={() => void saveJobs(plan.name, states)}>
              {jobsSheetTexts.iCalendar}
            </TextButton>
          }
        >
          {states.length === 0 ? (
            <p style={{ margin: 0 }}>{jobsSheetTexts.noJobsYetTheJobsThatThisPlan}</p>
          ) : (
            <ul className={sheetStyle["list"]} aria-label={jobsSheetTexts.jobs}>
              {states.map((state) => (
                <Job key={state.job.id} state={state} />
              ))}
            </ul>
          )}
        </Region>
        {proposed.length > 0 && (
          <Region title={jobsSheetTexts.proposedJobs}>
            <ul className={sheetStyle["list"]} aria-label={jobsSheetTexts.proposedJobs}>
              {proposed.map((each) => {
                const { name } = jobWords[each.what];
                return (
                  <li key={`${each.what} ${each.firstMs}`} style={{ justifyContent: "space-between" }}>
                    <span>
                      <strong>{name}</strong>
                      {jobsSheetTexts.roundFirstDayProposal(
                        roundName(each.everyDays),
                        dayName(each.firstMs),
                        proposalWords(each),
                      )}
                    </span>
                    <TextButton
                      aria-label={jobsSheetTexts.addJobNameDay(name, dayName(each.firstMs))}
                      onClick={() =>
                        void readings?.add({
                          id: newId(),
                          kind: "job",
                          atUtc: new Date(each.firstMs).toISOString(),
                          by: "",
                          what: each.what,
                          everyDays: each.everyDays,
                          note:
                            each.why.type === "tilt"
                              ? jobsSheetTexts.mountNameToTiltDeg(each.why.mountName, each.why.tiltDeg)
                              : "",
                        })
                      }
                    >
                      {jobsSheetTexts.addJob}
                    </TextButton>
                  </li>
                );
              })}
            </ul>
          </Region>
        )}
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
        <NewJob />
        <Cautions cautions={logCautions} />
      </Box>
    </Columns>
  );
}

function Job({ state: { job, dueMs, doneMs, isDue } }: { readonly state: JobState }) {
  const readings = useReadings();
  const { atMs } = useDeskState((state) => state.moment);
  const { name, how } = jobWords[job.what];
  const title = job.what === "other" ? job.note : name;
  const when =
    dueMs === null
      ? jobsSheetTexts.doneDay(dayName(doneMs ?? atMs))
      : `${isDue ? "due since" : "next"} ${dayName(dueMs)}${doneMs === null ? "" : jobsSheetTexts.doneDay2(dayName(doneMs))}`;
  return (
    <li style={{ justifyContent: "space-between" }}>
      <LevelMark level={dueMs === null ? "good" : isDue ? "care" : "note"} size={16} />
      <span style={{ flex: 1 }}>
        <strong>{title}</strong>: {when}, {roundName(job.everyDays)}.{" "}
        {job.what === "other" || job.note === "" ? "" : `${job.note}. `}
        {how}
      </span>
      {dueMs !== null && (
        <TextButton
          look={isDue ? "amber" : "outlined"}
          aria-label={jobsSheetTexts.markAsDoneTodayTitle(title)}
          onClick={() =>
            void readings?.add({
              id: newId(),
              kind: "event",
              atUtc: new Date().toISOString(),
              by: "",
              what: job.what,
              note: job.note,
            })
          }
        >
          {jobsSheetTexts.markAsDoneToday}
        </TextButton>
      )}
      <TextButton
        look="plain"
        aria-label={jobsSheetTexts.deleteTheJobTitle(title)}
        onClick={() => void readings?.remove(job.id)}
      >
        {jobsSheetTexts.delete}
      </TextButton>
    </li>
  );
}
