"use client";

import { LevelMark, sheetStyle, TextButton, useHash } from "@/ui";
import { jobWords } from "@/messages/en";
import { dayName } from "./times";
import { useJobs } from "./useJobs";
import { dueJobsTexts } from "@/messages/en/log/view";

/** A line over the log where something is due. */
export function DueJobs() {
  const [, show] = useHash();
  const due = useJobs().states.filter(({ isDue }) => isDue);
  if (due.length === 0) return null;
  return (
    <p className={sheetStyle["notice"]}>
      <LevelMark level="note" size={16} />
      <span>
        {dueJobsTexts.dueDue(
          due
            .map(({ job, dueMs }) =>
              dueJobsTexts.since(job.what === "other" ? job.note : jobWords[job.what].name, dayName(dueMs ?? 0)),
            )
            .join("; "),
        )}{" "}
        <TextButton onClick={() => show("jobs")}>{dueJobsTexts.jobs}</TextButton>
      </span>
    </p>
  );
}
