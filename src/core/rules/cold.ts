import { solveNet } from "../net";
import { stcCellTempC, stcIrradianceWm2 } from "../panel";
import { codeTableFactor } from "./code-table";
import { type Kind, type Site } from "./context";

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
  readonly mostV: number;
  readonly by: ColdBy;
  /** While it runs, V: the curve's point of most power, or the label's Vmp by the same coefficient if that is more. */
  readonly runningV: number;
  /** Watts at that point, by the curve that gives more. */
  readonly runningW: number;
};

export function coldVoltsOf({ fit, model, assumedFields }: Kind, { recordLowC }: Pick<Site, "recordLowC">): ColdVolts {
  const { label } = fit;
  const solved = [...new Set([fit.model, model])].map((each) =>
    solveNet({ type: "panel", model: each, cellTempC: recordLowC, irradianceWm2: [stcIrradianceWm2] }),
  );
  const most = (values: readonly number[]) => values.reduce((high, value) => Math.max(high, value), 0);
  const growth = 1 + (label.tempCoVocPctPerC / 100) * (recordLowC - stcCellTempC);
  const curveV = most(solved.map(({ vocV }) => vocV));
  const lineV = label.vocV * growth;
  const tableV = label.cellType === "cigs" ? null : label.vocV * codeTableFactor(recordLowC);
  const counted = assumedFields.includes("tempCoVocPctPerC") ? (tableV ?? 0) : 0;
  const mostV = most([curveV, lineV, counted]);
  return {
    curveV,
    lineV,
    tableV,
    mostV,
    by: mostV === curveV ? "curve" : mostV === lineV ? "line" : "table",
    runningV: most([...solved.map(({ mpp }) => mpp.v), label.vmpV * growth]),
    runningW: most(solved.map(({ mpp }) => mpp.p)),
  };
}
