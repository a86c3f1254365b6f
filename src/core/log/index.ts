export { findingsOf, type LogArray } from "./findings";
export { type LogEvent, type LogFinding, logFindingIds, type LogPoint, mostShare } from "./point";
