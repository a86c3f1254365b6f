import { type JobState } from "@/core/log";
import { sheetStyle } from "@/ui";
import { jobWords } from "@/messages/en";
import { dayName } from "./times";

/** What is to be done and when, a line each. */
export function JobLines({ states }: { readonly states: readonly JobState[] }) {
  return (
    <ul className={sheetStyle["steps"]}>
      {states.map(({ job, dueMs, isDue }) =>
        dueMs === null ? null : (
          <li key={job.id}>
            {job.what === "other" ? job.note : jobWords[job.what].name}: {isDue ? "due since" : "on"} {dayName(dueMs)}
          </li>
        ),
      )}
    </ul>
  );
}
