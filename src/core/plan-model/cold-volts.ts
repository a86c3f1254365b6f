/** By what the most of several ways to reckon cold volts came about. */
export type ColdBy = "curve" | "line" | "table";

/** What one panel of a kind reaches with cells at the record low in full sun, by every way there is to reckon it. */
export type ColdVolts = {
  /** By the solved curve, V; of label and measured points whichever is more. */
  readonly curveV: number;
  /** By the label's coefficient, V: Voc·(1 + β·(T − 25)). */
  readonly lineV: number;
  /** By the electrical code's table, V; null for thin film, of which it says nothing. */
  readonly tableV: number | null;
  /** The most of them that counts: the table only where a crystalline label states no coefficient. */
  readonly maxV: number;
  readonly by: ColdBy;
  /** While it operates, V: the curve's point of most power, or the label's Vmp + as many volts as Voc gains if that is more; as open volts where Vmp is assumed. */
  readonly runningV: number;
  /** Watts at that point, by the curve that gives more. */
  readonly runningW: number;
};
