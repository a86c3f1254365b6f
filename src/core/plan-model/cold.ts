import { solveNet } from "../engine/net";
import { stcCellTempC, stcIrradianceWm2 } from "../engine/panel";
import { codeTableFactor } from "./code-table";
import { type ColdVolts } from "./cold-volts";
import { type Kind, type Site } from "./port-array-context";

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
  const maxV = most([curveV, lineV, counted]);
  return {
    curveV,
    lineV,
    tableV,
    maxV,
    by: maxV === curveV ? "curve" : maxV === lineV ? "line" : "table",
    // operating volts rise in the cold by as many volts as open-circuit ones do, or nearly: not by the same share of their own
    // where nobody stated Vmp, nothing but Voc is sure to be above it
    runningV: assumedFields.includes("vmpV")
      ? maxV
      : most([...solved.map(({ mpp }) => mpp.v), label.vmpV + (growth - 1) * label.vocV]),
    runningW: most(solved.map(({ mpp }) => mpp.p)),
  };
}
