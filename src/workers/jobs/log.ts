import { type PlanLog, planLog } from "@/core/log";
import { type MeasuredRecord } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import { hoursDue, type PortHours } from "@/core/phone-sheet";
import { type Job } from "../rpc";

export type LogInput = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly records: readonly MeasuredRecord[];
  readonly longitudeDeg: number;
};

/** What a log shows of a wiring: each entry against what was due, and the whole of them. Tells the share it has been through. */
export const logJob: Job<LogInput, { readonly share: number }, PlanLog> = ({ plan, wiringId, records, longitudeDeg }) =>
  planLog(plan, wiringId, records, longitudeDeg);

export type HoursInput = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly fromMs: number;
  readonly days: number;
  readonly longitudeDeg: number;
};

/** What meters should show in the hours to come, for the sheet that is taken along. */
export const hoursJob: Job<HoursInput, { readonly share: number }, readonly PortHours[]> = ({
  plan,
  wiringId,
  fromMs,
  days,
  longitudeDeg,
}) => hoursDue(plan, wiringId, fromMs, days, longitudeDeg);
