import { type Assumption, type Finding, type Mend } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { counted, given, percent, trueMinus } from "./format";
import { mountWords, ruleTitles } from "./names";

export function assumptionSentence(assumption: Assumption, system: UnitSystem): string {
  switch (assumption.type) {
    case "recordLow":
      return `record low ${given(assumption.valueC, "°C", system)}`;
    case "recordHigh":
      return `record high ${given(assumption.valueC, "°C", system)}`;
    case "latitude":
      return `latitude ${given(assumption.valueDeg, "°")}`;
    case "mount":
      return `mount “${mountWords[assumption.mount]}”`;
    case "noonAir":
      return `air at noon ${given(assumption.valueC, "°C", system)}`;
    case "dullAir":
      return `air on a dull morning ${given(assumption.valueC, "°C", system)}`;
    case "labelField":
      return `${labelFieldWords[assumption.field]} of ${assumption.panelName} ${trueMinus(String(assumption.value))}${assumption.field.startsWith("temp") ? "\u00a0%/°C" : ""}`;
    case "ceilingIsVoc":
      return "“highest volts” means with nothing connected";
    case "overVoltageDestroys":
      return "too many volts may destroy the input";
    case "clearFlatDay":
      return "flat panels, no cloud";
    case "labelOff":
      return `the label of ${assumption.panelName} contradicts itself; nearest curve is ${percent(assumption.missPct)} off`;
    case "labelDoubt":
      return `the label of ${assumption.panelName} as typed, though it is in doubt`;
    case "measured":
      return `the curve of ${assumption.panelName} as measured, not as on its label`;
    case "fuseRating":
      return `series fuse rating of ${assumption.panelName} ${given(assumption.amps, "A")}`;
    case "pwmDrop":
      return `${given(assumption.volts, "V")} lost in controller and leads`;
    case "moduleFitted":
      return `add-on module “${assumption.name}” is fitted`;
    case "equalShares":
      return "ports share the limit equally";
  }
}

const labelFieldWords = {
  tempCoVocPctPerC: "Voc coefficient",
  tempCoIscPctPerC: "Isc coefficient",
  tempCoPmaxPctPerC: "Pmax coefficient",
  cellsInSeries: "cells in series",
  bypassDiodes: "bypass diodes",
} as const;

/** What a mend does, what it asks for besides, what it costs in watts, and what it leaves undone. */
export function mendSentence({ kind, bought, shelved, wattsPct, fuseA, leaves }: Mend): string {
  const rules = [...new Set(leaves.map(({ rule }) => ruleTitles[rule]))];
  const extras = [
    bought > 0 ? `${counted(bought, "panel")} more to buy` : null,
    shelved > 0 && kind.type !== "shelve" ? `${shelved} to the shelf` : null,
    Math.abs(wattsPct) < leastWattsPct
      ? null
      : `${wattsPct > 0 ? "+" : ""}${trueMinus(wattsPct.toFixed(0))} % watts at noon`,
    fuseA === null ? null : `a ${given(fuseA, "A")} fuse in each row`,
    rules.length === 0 ? null : `still a Stop: ${rules.join(", ")}`,
  ].filter((part) => part !== null);
  return `${kindSentence(kind)}${extras.length === 0 ? "" : ` (${extras.join(", ")})`}`;
}

/** A difference in watts smaller than this is not worth a word, %. */
const leastWattsPct = 1;

/** What is said where the search is over and nothing it tried would do. */
export function notMendedWords({ rule, level }: Pick<Finding, "rule" | "level">): string {
  if (rule === "label") return "No wiring mends a label. Look at it again at Panels, or measure the panel.";
  if (rule === "fuses" && level === "care")
    return "Fuses are chosen at Protect, once it is built; until then fit them as said.";
  const tried =
    "Of the wirings tried for this port (equal rows of all lengths, rows by volts and by amps, a panel less, a free port)";
  return level === "stop" ? `${tried} none passes.` : `${tried} none does better.`;
}

function kindSentence(kind: Mend["kind"]): string {
  switch (kind.type) {
    case "matrix":
      return `Wire ${kind.series} in series × ${counted(kind.strings, "string")}`;
    case "rows":
      return `Wire ${kind.rows.length === 1 ? "one row" : "rows"} of ${kind.rows.map(rowWords).join(" | ")}`;
    case "shelve":
      return `Leave ${kind.panelName} on the shelf`;
    case "joinPast":
      return "Take the stowed panels out and join their leads past them";
    case "move":
      return `Move ${counted(kind.panels, "panel")} to ${kind.portName}${kind.moduleName === null ? "" : ` (needs ${kind.moduleName})`}`;
  }
}

function rowWords(row: readonly { readonly panelName: string; readonly count: number }[]): string {
  return row.map(({ panelName, count }) => `${count} × ${panelName.split(",")[0] ?? ""}`).join(" + ");
}
