/** What may be wrong with an array, or be the reason why it gives less; `fine` where nothing is. */
export const causeIds = [
  "fine",
  "reversed",
  "openCircuit",
  "bypassedSubstring",
  "dirty",
  "shaded",
  "weakSun",
  "wrongPanel",
  "seriesForParallel",
  "parallelForSeries",
  "stringMissing",
  "regulated",
  "clipped",
  "tapering",
  "asleep",
  "overVoltage",
  "looseJoint",
  "ownShadow",
] as const;
export type CauseId = (typeof causeIds)[number];

/**
 * What a diagnosis may say: a cause; `slip`, one reading that nothing could give, ten or a thousand times its like, to be read again; or
 * `none`, nothing that is known fits these readings.
 */
export type DiagnosisId = CauseId | "slip" | "none";
