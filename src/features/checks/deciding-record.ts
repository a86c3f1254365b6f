import { type Finding } from "@/core/assessment";
import { passes } from "@/core/checks";

/** The record low that somebody assumed, where it decides that a finding does not pass; null elsewhere. */
export function decidingRecordC({ reason, level, assumptions }: Finding): number | null {
  if (reason.type !== "coldVoc" || passes(level) || level === "open") return null;
  // volts that are too many in any weather wait for no record
  if (reason.labelV > reason.ceilingV) return null;
  const assumed = assumptions.find(({ type }) => type === "recordLow");
  return assumed?.type === "recordLow" ? assumed.valueC : null;
}
