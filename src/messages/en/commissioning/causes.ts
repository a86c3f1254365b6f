import { type DiagnosisId } from "@/core/measurements";
import { type JudgedCause } from "@/core/commissioning";

type CauseWords = { readonly name: string; readonly todo: string };

export const causes: Readonly<Record<DiagnosisId | "turnedPlug", CauseWords>> = {
  fine: { name: "Nothing wrong", todo: "As expected, within the accuracy of labels, meters and sky." },
  reversed: {
    name: "Reversed polarity",
    todo: "+ and − are swapped. Join it to nothing. Put the connector or the leads right, then read the open-circuit voltage again.",
  },
  turnedPlug: {
    name: "A connector turned round on the way",
    todo: "Each panel is right, but the array reads minus: check the connectors and adapters that can be mated either way round. Then read it again.",
  },
  openCircuit: {
    name: "Open circuit",
    todo: "Switch off and cover the panels first. Then tug each connector gently, look for a pushed-back pin, a blown fuse, a broken cable.",
  },
  bypassedSubstring: {
    name: "Cell groups bypassed",
    todo: "Its voltage is low by about one or more cell groups (substrings): a failed bypass diode in its junction box, a cracked cell, or hard shade on one cell group. Measure its Isc as well.",
  },
  dirty: { name: "Dirt", todo: "Wash it when it is cool, and read again." },
  shaded: {
    name: "Shade on a part",
    todo: "Look for what stands between it and the sun: a mast, a fan, a rope, a leaf.",
  },
  weakSun: {
    name: "Weak sun",
    todo: "There is too little light to prove much. Come back when it is brighter.",
  },
  wrongPanel: {
    name: "Another panel than planned",
    todo: "Its volts and amps are another panel’s. Read its label again.",
  },
  seriesForParallel: {
    name: "Strings in series that were meant in parallel",
    todo: "The volts of all strings add up. Do not plug in. Cover the panels, then disconnect the strings from each other.",
  },
  parallelForSeries: {
    name: "In parallel where series was meant",
    todo: "Amps of all with the volts of one. Cover the panels, then join + to − from panel to panel.",
  },
  stringMissing: {
    name: "A string is not connected",
    todo: "Switch off and cover the panels first. Then check its connector, its fuse, its branch connector.",
  },
  regulated: {
    name: "A panel with a regulator",
    todo: "It is at battery voltage. Remove the regulator from its lead, or keep this panel off a controller.",
  },
  clipped: { name: "Clipped by the input", todo: "No fault: the input uses no more amps or watts than this." },
  tapering: {
    name: "The battery is nearly full",
    todo: "No fault: it accepts less and less. A load brings the watts back.",
  },
  asleep: { name: "Below the start-up voltage", todo: "Use more panels in series, or another input." },
  overVoltage: {
    name: "Too many volts for this input",
    todo: "Do not plug in. If it is plugged in: switch off at the DC isolator, then unplug; with no isolator cover the panels first. Use fewer panels in series, or an input with a higher max PV voltage.",
  },
  looseJoint: {
    name: "High-resistance joint",
    todo: "Voltage drops under load. Find the hot connector with an infrared thermometer, or the back of your hand held near it: do not touch. Switch off and cover the panels, then look for green or black contacts; re-crimp or replace.",
  },
  ownShadow: {
    name: "Somebody’s shadow",
    todo: "It was dim only while it was read alone. Stand aside and read it again.",
  },
  slip: { name: "A slip in a reading", todo: "It is ten or a thousand times what anything could give. Read it again." },
  none: {
    name: "Nothing that we know fits these readings",
    todo: "Read them again, the odd ones first. Until they fit, do not rely on this array.",
  },
};

export function causeName({ id }: Pick<JudgedCause, "id">): string {
  return causes[id].name;
}

export function causeTodo({ id }: Pick<JudgedCause, "id">): string {
  return causes[id].todo;
}

/** How sure it is, without claiming more than there is: "almost sure", "likely", "may be". */
export function sureWords(share: number): string {
  return share >= 0.9 ? "almost sure" : share >= 0.5 ? "likely" : share >= 0.15 ? "may be" : "less likely";
}
