import { type Assumption, type Finding } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { counted, given, percent, trueMinus } from "./format";
import { mountWords } from "./names";

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
    case "fuseRating":
      return `series fuse rating of ${assumption.panelName} ${given(assumption.amps, "A")}`;
    case "pwmDrop":
      return `${given(assumption.volts, "V")} lost in controller and leads`;
    case "moduleFitted":
      return `add-on module “${assumption.name}” is fitted`;
    case "equalShares":
      return "ports give way by equal shares";
  }
}

const labelFieldWords = {
  tempCoVocPctPerC: "Voc coefficient",
  tempCoIscPctPerC: "Isc coefficient",
  tempCoPmaxPctPerC: "Pmax coefficient",
  cellsInSeries: "cells in series",
  bypassDiodes: "bypass diodes",
} as const;

/** What a mend does, and what it asks for besides. */
export function mendSentence({ kind, bought, shelved }: NonNullable<Finding["mend"]>): string {
  const extras = [
    bought > 0 ? `${counted(bought, "panel")} more to buy` : null,
    shelved > 0 && kind.type !== "shelve" ? `${shelved} to the shelf` : null,
  ].filter((part) => part !== null);
  return `${kindSentence(kind)}${extras.length === 0 ? "" : ` (${extras.join(", ")})`}`;
}

function kindSentence(kind: NonNullable<Finding["mend"]>["kind"]): string {
  switch (kind.type) {
    case "matrix":
      return `Wire ${kind.series} in series × ${counted(kind.strings, "string")}`;
    case "rows":
      return kind.lengths.length === 1
        ? `Wire all ${kind.lengths[0]} in one row`
        : `Wire rows of ${kind.lengths.join(", ")}`;
    case "shelve":
      return `Leave ${kind.panelName} on the shelf`;
    case "joinPast":
      return "Take the stowed panels out and join their leads past them";
    case "move":
      return `Move ${counted(kind.panels, "panel")} to ${kind.portName}${kind.moduleName === null ? "" : ` (needs ${kind.moduleName})`}`;
  }
}
