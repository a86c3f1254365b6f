import { type PlanLog, planLog } from "@/core/log";
import { type MeasuredRecord } from "@/core/measured";
import { type Plan } from "@/core/plan";
import { type Job } from "../slot";

export type LogInput = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly records: readonly MeasuredRecord[];
  readonly longitudeDeg: number;
};

/** What a log shows of a wiring: each entry against what was due, and the whole of them. Tells the share it has been through. */
export const logJob: Job<LogInput, { readonly share: number }, PlanLog> = ({ plan, wiringId, records, longitudeDeg }) =>
  planLog(plan, wiringId, records, longitudeDeg);
