import { type Assumption } from "@/core/plan-model";
import { type UnitSystem } from "@/core/engine/units";
import { amount, given, percent, trueMinus } from "../format";
import { mountWords } from "../names";

export function assumptionSentence(assumption: Assumption, system: UnitSystem): string {
  switch (assumption.type) {
    case "recordLow":
      return `record low ${given(assumption.valueC, "°C", system)}${lowBy[assumption.by]}`;
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
      if (assumption.field === "vmpV" || assumption.field === "impA")
        return `${labelFieldWords[assumption.field]} of ${assumption.panelName} ${amount(assumption.value, assumption.field === "vmpV" ? "V" : "A")}, from Pmax, Voc and Isc, to within 5\u00a0%`;
      return `${labelFieldWords[assumption.field]} of ${assumption.panelName} ${trueMinus(String(assumption.value))}${assumption.field.startsWith("temp") ? "\u00a0%/°C" : ""}`;
    case "ceilingIsVoc":
      return "max PV voltage applies to Voc";
    case "overVoltageDestroys":
      return "too many volts may destroy the input";
    case "clearDay":
      return `${assumption.flat ? "flat panels" : "panels tilted as they stand"}, no cloud`;
    case "labelOff":
      return `the label of ${assumption.panelName} contradicts itself; nearest curve is ${percent(assumption.missPct)} off`;
    case "labelDoubt":
      return `the label of ${assumption.panelName} as typed, though it is in doubt`;
    case "measured":
      return `the curve of ${assumption.panelName} as measured, not as on its label`;
    case "fuseRating":
      return `max series fuse rating of ${assumption.panelName} ${given(assumption.amps, "A")}`;
    case "batteryShort":
      return `the battery can push ${given(assumption.amps, "A")} through a short circuit`;
    case "pwmDrop":
      return `${given(assumption.volts, "V")} lost in controller and leads`;
    case "moduleFitted":
      return `add-on module “${assumption.name}” is fitted`;
    case "cableDrop":
      return `${amount(assumption.volts, "V")} cable voltage drop, as calculated at Protection`;
    case "equalShares":
      return "PV inputs share the limit equally";
  }
}

const labelFieldWords = {
  vmpV: "Vmp",
  impA: "Imp",
  tempCoVocPctPerC: "Voc coefficient",
  tempCoIscPctPerC: "Isc coefficient",
  tempCoPmaxPctPerC: "Pmax coefficient",
  cellsInSeries: "cells in series",
  bypassDiodes: "bypass diodes",
} as const;

const lowBy = {
  unsaid: "",
  kind: ", of the kind of climate, not of this place",
  kindsDiffer:
    ", of the coldest possible kind of climate: the kinds differ by more than 10 °C, so enter the record low of this location",
} as const;
