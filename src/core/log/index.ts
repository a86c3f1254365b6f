export { findingsOf } from "./findings";
export { type LogEvent, type LogFinding, logFindingIds, type LogPoint } from "./point";
export { lightOfWord, type LogShare, planLog, type PlanLog } from "./plan-log";
export { type LogTable, readLogTable } from "./csv";
export { jobStates, type JobState, proposedJobs, type ProposedJob } from "./jobs";
export { monthReport, type MonthReport, monthsOf } from "./month";
export { sameHour, type SameHour } from "./same-hour";
export { type Why } from "./why";
