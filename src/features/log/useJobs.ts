import { type JobState, jobStates, proposedJobs, type ProposedJob } from "@/core/log";
import { type JobRecord } from "@/core/measurements";
import { useDeskState, usePlan, useReadingsState } from "@/features/plan-session";
import { useLogFacts } from "./facts";

/** What is to be done on this plan and when, and what plan and log ask for that nobody has put down. */
export function useJobs(): { readonly states: readonly JobState[]; readonly proposed: readonly ProposedJob[] } {
  const plan = usePlan();
  const { atMs } = useDeskState((state) => state.moment);
  const { events, shown } = useLogFacts();
  const jobs = (useReadingsState().records ?? []).filter((each): each is JobRecord => each.kind === "job");
  return {
    states: jobStates(jobs, events, atMs),
    proposed: proposedJobs(plan, shown?.findings ?? [], jobs, atMs),
  };
}
