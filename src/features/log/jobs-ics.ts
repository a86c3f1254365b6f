import { type JobState } from "@/core/log";
import { downloadFile } from "@/ui";
import { jobWords } from "@/messages/en";

/** Jobs as whole days of a calendar, from the day each is due next; a job keeps its id, so that a later file takes the place of an older. */
export async function saveJobs(planName: string, states: readonly JobState[]): Promise<void> {
  const { default: ical, ICalEventRepeatingFreq } = await import("ical-generator");
  const calendar = ical({ name: planName, prodId: { company: "Golden Array", product: "jobs", language: "EN" } });
  for (const { job, dueMs } of states) {
    if (dueMs === null) continue;
    const { name, how } = jobWords[job.what];
    calendar.createEvent({
      id: `${job.id}@golden-array`,
      start: new Date(dueMs),
      allDay: true,
      summary: `${planName}: ${job.what === "other" ? job.note : name}`,
      description: [how, job.what === "other" ? "" : job.note].filter((part) => part !== "").join(" "),
      ...(job.everyDays === null ? {} : { repeating: { freq: ICalEventRepeatingFreq.DAILY, interval: job.everyDays } }),
    });
  }
  downloadFile("jobs.ics", "text/calendar", calendar.toString());
}
