export { findingsOf, type LogArray } from "./findings";
export { type LogEvent, type LogFinding, logFindingIds, type LogPoint, mostShare } from "./point";
export { lightOfWord, type LogDay, type LogShare, planLog, type PlanLog } from "./plan-log";
