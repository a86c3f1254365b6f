/** The standard a cable is chosen by: the electrical code's gauges, metric sizes, or gauges as boats have them. */
export const cableStandardIds = ["land", "metric", "marine"] as const;
export type CableStandardId = (typeof cableStandardIds)[number];

/** All that parts one standard from another; the tables ask for these and for no standard by its name. */
export type CableStandard = {
  readonly sizes: "awg" | "mm2";
  /** Whether a size counts by no more than its terminals' column (NEC 110.14(C)), and by its cap (NEC 240.4(D)). */
  readonly countsTerminals: boolean;
  readonly countsCaps: boolean;
  /** Whether PV cable that lies open has a table of its own (EN 50618). */ readonly hasOpenTable: boolean;
  /** Most voltage drop it allows whatever is asked, %; null: what is asked. */ readonly maxDropPct: number | null;
};

export const cableStandards: Readonly<Record<CableStandardId, CableStandard>> = {
  land: { sizes: "awg", countsTerminals: true, countsCaps: true, hasOpenTable: false, maxDropPct: null },
  // a gauge chosen in a metric plan ends in terminals too
  metric: { sizes: "mm2", countsTerminals: true, countsCaps: true, hasOpenTable: true, maxDropPct: null },
  // ABYC E-11, critical circuits
  marine: { sizes: "awg", countsTerminals: false, countsCaps: false, hasOpenTable: false, maxDropPct: 3 },
};
