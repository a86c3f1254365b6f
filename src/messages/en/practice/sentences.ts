import { type Failed, type Repair, type Shown, type Verdict } from "@/practice";
import { type UnitSystem } from "@/core/engine/units";
import { amount, counted, given } from "../format";
import { findingSentence } from "../rules";

export const repairWords: Readonly<Record<Repair, string>> = {
  turnPlug: "Swap + and − at its connector",
  remakePlug: "Replace its connector",
  wash: "Wash it",
  changePanel: "Replace the panel",
  bareLeads: "Use its leads before the regulator",
  stepAside: "Step out of the light and read again",
  tightenJoint: "Replace the main connector",
  plugString: "Connect the string",
  wireInSeries: "Wire them in series: voltages add",
  wireSideBySide: "Wire them in parallel: currents add",
  shorterString: "Remove one panel from the string",
  putOnLoad: "Switch on a load",
  leaveIt: "Leave it: nothing is wrong",
  newController: "Buy another controller",
};

/** What hands do in the drills without a board. */
export const deedWords: Readonly<Record<string, string>> = {
  tapeFromLeft: "Measure from the left edge",
  tapeFromRight: "Measure from the right edge and subtract",
  tapeAgain: "Measure from the left once more",
  drillAtFirst: "Drill at the first measurement",
  drillAtSecond: "Drill at the second measurement",
  layCable: "Lay the cable along its route",
  cutCable: "Cut it to length",
  threadGland: "Thread it through the gland",
  crimp: "Crimp the connector on",
  pullCrimp: "Tug the crimp",
  closeGland: "Close the gland",
  joinBattery: "Connect the battery, − and +",
  batteryFuseIn: "Put the battery fuse in",
  seeAwake: "Check that the controller is on",
  panelsIn: "Plug in the panels",
  seeWatts: "Read the amps",
  switchOff: "Switch off at the DC isolator",
  seeNoAmps: "Read the amps again",
  partPlug: "Unplug the array",
  batteryOff: "Disconnect the battery",
  feelSkin: "Measure the temperature of the roof",
  dryFit: "Fit it without adhesive",
  markCorners: "Mark its corners",
  clean: "Clean and dry the roof",
  prime: "Prime it for this paint",
  pressDown: "Peel the tape and press down",
  bed: "Bed the feet in sealant",
  waitCure: "Let it cure",
  drive: "Drive off",
  readDrawing: "Look up where its cables run",
  takeLampDown: "Remove the lamp and look inside",
  feelLayers: "Feel between the layers",
  pilot: "Drill the pilot hole from where you can see",
  sawSkin: "Saw through the outer layer and stop",
  pushAside: "Push the insulation aside and look",
  sawThrough: "Saw through the lining",
  paintEdge: "Paint the bare edge",
  bedGland: "Bed the gland in sealant",
  meterFirst: "Measure the first string",
  meterSecond: "Measure the second string",
  turnFirst: "Swap + and − of the first string",
  turnSecond: "Swap + and − of the second string",
  meterTurned: "Measure it again",
  joinStrings: "Join the strings on the busbars",
};

export function shownWords({ value, unit }: Shown): string {
  return given(value, unit === "mm" ? "mm" : unit);
}

/** What came of it, with the number and the limit it was judged by. */
export function verdictSentence(verdict: Verdict, system: UnitSystem): string {
  if (verdict.type === "failed") return failedSentence(verdict.by, system);
  const { by } = verdict;
  switch (by.type) {
    case "wired":
      return `OK to connect: ${amount(by.watts, "W")} at bright noon, of at most ${amount(by.bestW, "W")} possible with these panels here.`;
    case "fixed":
      return by.repair === "leaveIt"
        ? "Right: there was no fault."
        : `Right: ${repairWords[by.repair].toLowerCase()}. The readings are as expected.`;
    case "made":
      return "Done, in the right order.";
    case "fused":
      return by.sizeA === null ? "Right: none is needed here." : `Right: ${given(by.sizeA, "A")} in each string.`;
  }
}

function failedSentence(by: Failed, system: UnitSystem): string {
  switch (by.type) {
    case "rule":
      return findingSentence(by.finding, system);
    case "watts":
      return `Safe, but only ${amount(by.watts, "W")} of at most ${amount(by.bestW, "W")} possible with these panels here.`;
    case "leftOut":
      return `${counted(by.count, "panel")} still on the shelf.`;
    case "borrowed":
      return `${counted(by.count, "panel")} too many on the board.`;
    case "plugged":
      return "Plugged in with reversed polarity: strings in parallel push current backwards through it, and many controllers are destroyed. Check polarity first.";
    case "repair":
      return `${repairWords[by.did]}${by.n === null ? "" : ` (number ${by.n})`}: the readings have not changed. The right fix: ${repairWords[by.right].toLowerCase()}.`;
    case "early":
      return `${deedWords[by.deed]}: too early, and it cannot be undone. First: ${(deedWords[by.missing] ?? "").toLowerCase()}.`;
    case "wrongDeed":
      return `${deedWords[by.deed]}: that was the wrong one, and it cannot be undone.`;
    case "fuse":
      return fuseSentence(by);
  }
}

function fuseSentence({ did, why }: Extract<Failed, { type: "fuse" }>): string {
  const size = did === null ? "none" : given(did, "A");
  switch (why) {
    case "missing":
      return "Without fuses, all other strings push their current into a failed one.";
    case "neverBlows":
      return `${size}: the current from the other strings can never blow it. It protects nothing and adds one more joint.`;
    case "overRating":
      return `${size}: above the panel’s max series fuse rating. It lets more current through than the panel is rated for.`;
    case "blowsInSun":
      return `${size}: too small. It must be at least 1.56 × Isc, or bright sun alone can blow it.`;
    case "needless":
      return `${size}: none is needed here by the backfeed rule.`;
  }
}
