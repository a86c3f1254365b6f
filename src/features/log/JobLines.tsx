import { type JobState } from "@/core/log";
import { sheetStyle } from "@/ui";
import { jobWords } from "@/messages/en";
import { dayName } from "./times";
import { jobLinesTexts } from "@/messages/en/log/view";

/** What is to be done and when, a line each. */
export function JobLines({ states }: { readonly states: readonly JobState[] }) {
  return (
    <ul className={sheetStyle["steps"]}>
      {states.map(({ job, dueMs, isDue }) =>
        dueMs === null ? null : (
          <li key={job.id}>
            {job.what === "other" ? job.note : jobWords[job.what].name}:{" "}
            {isDue ? jobLinesTexts.dueSince(dayName(dueMs)) : jobLinesTexts.dueOn(dayName(dueMs))}
          </li>
        ),
      )}
    </ul>
  );
}
