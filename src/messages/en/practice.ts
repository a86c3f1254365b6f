import { type DrillId, type Facts, type Failed, type Repair, type Shown, type Verdict } from "@/practice";
import { type UnitSystem } from "@/core/engine/units";
import { amount, given } from "./format";
import { findingSentence } from "./rules";

/** Drills in words: what stands there, what one does, what came of it and what to take along, with the numbers of the case. */

type DrillWords = {
  readonly title: string;
  readonly story: (facts: Facts) => string;
  /** What to take along, whatever came of it. */ readonly lesson: (facts: Facts) => string;
};

const v = (value: number | undefined) => given(value ?? 0, "V");
const a = (value: number | undefined) => given(value ?? 0, "A");
const w = (value: number | undefined) => given(value ?? 0, "W");
const c = (value: number | undefined) => given(value ?? 0, "°C");
const f = (value: number | undefined) => String(value ?? 0);

export const drillWords: Readonly<Record<DrillId, DrillWords>> = {
  thirdInSeries: {
    title: "The next panel",
    story: (x) =>
      `Two panels in a row ran well all summer. Now there are ${f(x["count"])}, each ${v(x["vocV"])} open, and the input bears ${v(x["maxV"])}. Winter nights go to ${c(x["recordLowC"])}. Wire all of them, then plug in.`,
    lesson: (x) =>
      `In series volts add, and cold adds to each: hold the open volts of the whole row on the coldest dawn against ${v(x["maxV"])}, before the row grows.`,
  },
  winterForgotten: {
    title: "Winter comes",
    story: (x) =>
      `${f(x["count"])} panels, ${v(x["vocV"])} open each by the label, which makes ${v(x["warmV"])} in one row. The input bears ${v(x["maxV"])}. The record low is ${c(x["recordLowC"])}. Wire all of them.`,
    lesson: (x) =>
      `The label is for 25 °C. At ${c(x["recordLowC"])} each panel gives more: ${v(x["warmV"])} in summer is over ${v(x["maxV"])} on the coldest dawn.`,
  },
  runningForOpen: {
    title: "Which row of the label",
    story: (x) =>
      `The label says Vmp ${v(x["vmpV"])} and Voc ${v(x["vocV"])}. ${f(x["count"])} panels in one row run at ${v(x["runningV"])}; the input bears ${v(x["maxV"])}. Wire all of them.`,
    lesson: (x) =>
      `The max PV voltage is compared with Voc, the voltage at the connector each morning. The operating voltage, ${v(x["runningV"])}, say nothing of it.`,
  },
  lowerTier: {
    title: "Two limits of amps",
    story: (x) =>
      `The station takes ${a(x["lowerA"])} up to ${v(x["edgeV"])} and ${a(x["upperA"])} above. ${f(x["count"])} panels of ${v(x["vmpV"])} and ${w(x["pmaxW"])} lie ready. Get the most out of them.`,
    lesson: (x) =>
      `Within the volts is not enough: under ${v(x["edgeV"])} only ${a(x["lowerA"])} are taken. Two in a row lift the volts into the upper tier.`,
  },
  ampsDoNotAdd: {
    title: "Three in parallel",
    story: (x) =>
      `${f(x["count"])} panels of ${w(x["pmaxW"])}, ${a(x["iscA"])} each. The station draws up to ${a(x["limitA"])} and its max PV voltage is ${v(x["maxV"])}. Get the most out of them.`,
    lesson: (x) =>
      `In parallel currents add, and over ${a(x["limitA"])} they are not taken: no harm, and no watts. In series the amps stay those of one panel.`,
  },
  neverExceed: {
    title: "A limit that is meant",
    story: (x) =>
      `This controller’s sheet says: never more than ${a(x["limitA"])} from the array, and ${v(x["maxV"])}. ${f(x["count"])} panels of ${a(x["iscA"])} each. Wire all of them.`,
    lesson: () =>
      `Some inputs draw what they need; this one says never. There the amps of all rows, and a quarter more for bright sky, must stay under it.`,
  },
  wastedByPwm: {
    title: "Straight to the battery",
    story: (x) =>
      `A PWM controller on a battery of ${v(x["batteryV"])}. ${f(x["count"])} panels of ${v(x["vmpV"])} and ${w(x["pmaxW"])}. Get the most out of them.`,
    lesson: (x) =>
      `PWM joins the array to the battery: it runs at ${v(x["batteryV"])}, whatever it could. Volts above that are lost, so panels of this class go in parallel.`,
  },
  classesMixed: {
    title: "Twelve and twenty-four",
    story: (x) =>
      `Panels of ${v(x["smallV"])} and one of ${v(x["largeV"])}, on one input. Wire all ${f(x["count"])}, and get the most out of them.`,
    lesson: (x) =>
      `In parallel the lowest voltage drags the rest down. Two of ${v(x["smallV"])} in series match one of ${v(x["largeV"])}.`,
  },
  neverWakes: {
    title: "It never wakes",
    story: (x) =>
      `A battery of ${v(x["batteryV"])}; the controller wakes at ${v(x["wakeV"])}. ${f(x["count"])} panels of ${v(x["vmpV"])}. Wire them so that it runs.`,
    lesson: (x) =>
      `The array must stand above the battery by the margin to wake: ${v(x["vmpV"])} never reach ${v(x["wakeV"])}. In series they do.`,
  },
  seriesKeepsVolts: {
    title: "Which way volts add",
    story: (x) =>
      `The station begins at ${v(x["minV"])} and its max PV voltage is ${v(x["maxV"])}. ${f(x["count"])} panels, each running at ${v(x["vmpV"])}. Wire them so that it runs.`,
    lesson: () => `Series: voltages add, current stays. Parallel: currents add, voltage stays. Many have it backwards.`,
  },
  weakestRules: {
    title: "The weakest rules",
    story: (x) =>
      `Panels of ${a(x["largeA"])} and panels of ${a(x["smallA"])}, and a station with two ports. Get the most out of all ${f(x["count"])}.`,
    lesson: (x) =>
      `In series the weakest current rules: ${a(x["largeA"])} behind ${a(x["smallA"])} give ${a(x["smallA"])}. Unequal panels go on ports of their own, or in parallel where their voltages match.`,
  },
  reversedPanel: {
    title: "Before it is plugged in",
    story: (x) =>
      `A new array of ${f(x["panels"])} panels, ${f(x["strings"])} in parallel, wired by a helper. The connector hangs beside the input. Find out whether it may go in, and correct what is wrong.`,
    lesson: () =>
      `Polarity first, with the meter: a minus sign is a turned plug. Which gender a plug has proves nothing.`,
  },
  turnedModular: {
    title: "The modular plug",
    story: () =>
      `One folding panel, and a two-pole modular plug that somebody put together last night. Find out whether it may go in.`,
    lesson: () => `Modular plugs can be put together the wrong way round. Meter them before the first time, each time.`,
  },
  deadPlug: {
    title: "Nothing at all",
    story: (x) =>
      `${f(x["panels"])} panels in ${f(x["strings"])} ${x["strings"] === 1 ? "row" : "rows"}, and less than it should be. Every panel is new. Find the place and mend it.`,
    lesson: () => `A row is as dead as its deadest plug. Panel by panel the meter finds it in a minute.`,
  },
  dirtBlamed: {
    title: "The controller is to blame",
    story: (x) =>
      `It gives less than last month, under a clear sky at ${c(x["airC"])}. The neighbour says: a new controller. Find out.`,
    lesson: () => `Right volts and low amps on one panel: dirt or shade. Water is cheaper than a controller.`,
  },
  taperBlamed: {
    title: "Watts fall at noon",
    story: () =>
      `Full sun, clean panels, and the watts went down an hour ago and stay there. The display stands before you, the array is plugged in.`,
    lesson: () => `A battery over 85 % takes less and less. Put a load on: watts that come back were never a fault.`,
  },
  ownShadow: {
    title: "One reads low",
    story: () =>
      `You kneel on the roof with the meter. One panel’s amps are low when you measure it, and the row’s are not. Find out what it is.`,
    lesson: () => `Low amps alone, right amps in the row: look where your shadow falls while you measure.`,
  },
  regulatedPanel: {
    title: "Thirteen volts",
    story: (x) =>
      `${f(x["panels"])} panels, bought used, ${v(x["vocV"])} each by the label. The row is short of volts, whatever the sun does. Find out why.`,
    lesson: () =>
      `Steady battery-like volts where twenty are due: a regulator sits behind that panel. An MPPT input wants its bare leads.`,
  },
  partOfPanel: {
    title: "A third is missing",
    story: (x) =>
      `${f(x["panels"])} panels in full light, clean, and volts are missing although the amps are right. Find the panel.`,
    lesson: () =>
      `A third or a half of one panel’s volts gone and its amps right: one substring is bypassed for good. Washing does not bring it back.`,
  },
  looseJoint: {
    title: "Right until it runs",
    story: () =>
      `Open volts are right, shorted amps nearly so, and plugged in it gives far too little. Plug it out and in as you like.`,
    lesson: () => `What is right with nothing drawn and sags under load is a joint. It gets hot: do not leave it.`,
  },
  stringNotIn: {
    title: "Half of it",
    story: () => `Two strings in parallel, and half the watts. It was full last week, before the roof was painted.`,
    lesson: () => `Half the amps at full volts: a row is not in. Meter each row alone, then follow its lead.`,
  },
  sideBySideForSeries: {
    title: "Amps of two, volts of one",
    story: (x) =>
      `Two rows of ${f(x["series"])} in series, by the drawing. The meter says something else. Find the row.`,
    lesson: () =>
      `Current of two with the voltage of one: parallel where series was meant. Voltages add in series only.`,
  },
  seriesForSideBySide: {
    title: "Volts of two, amps of one",
    story: () => `Two panels in parallel, by the drawing. Find out whether they are, before it is plugged in.`,
    lesson: () =>
      `Voltage of two with the current of one: series where parallel was meant. It may be above the input’s max PV voltage.`,
  },
  zeroWatts: {
    title: "0 W in full sun",
    story: (x) =>
      `The input bears ${v(x["maxV"])}. The display shows 0 W in full sun at ${c(x["airC"])}, and the shop wants to send another unit.`,
    lesson: (x) =>
      `Above its max PV voltage of ${v(x["maxV"])} it switches off, if one is lucky. Fewer in series, not another unit.`,
  },
  asleepAllDay: {
    title: "Asleep in the sun",
    story: (x) =>
      `The input wakes at ${v(x["minV"])} and its max PV voltage is ${v(x["maxV"])}. Two panels in parallel, full sun, 0 W. What does it want?`,
    lesson: (x) => `Under ${v(x["minV"])} it never begins. In parallel voltages do not add; in series they do.`,
  },
  dullDay: {
    title: "A grey day",
    story: (x) =>
      `Plugged in, and far less than the ${w(x["freeW"])} of a clear noon. The sky is grey from end to end.`,
    lesson: () => `Under deep cloud a quarter is right, on all panels alike. Look up before you climb up.`,
  },
  flatTop: {
    title: "A flat top",
    story: (x) =>
      `The panels could give ${w(x["freeW"])} now. The display has stood at nearly one number for an hour. The input’s sheet says ${w(x["maxW"])}.`,
    lesson: (x) =>
      `The input takes ${w(x["maxW"])} and no more: a flat top in good light is its limit, no fault and no dirt.`,
  },
  holeTwice: {
    title: "One hole",
    story: () =>
      `The gland’s hole, from the left edge of the roof. The drawing is at home. You have a tape and a drill; there is no second chance.`,
    lesson: (x) =>
      `The two measures were ${f(x["apartMm"])} mm apart: one was a slip. Measure from both sides, take a third when they differ, then drill.`,
  },
  glandFirst: {
    title: "Through the gland",
    story: (x) =>
      `A cable of ${f(x["lengthMm"])} mm from the roof to the box, through a gland, with a plug at its end.`,
    lesson: () => `A crimped plug does not go through a gland any more: thread it first, crimp last.`,
  },
  batteryFirst: {
    title: "Which one first",
    story: (x) =>
      `Battery, controller and array lie ready, all switches off, the sun shines: ${v(x["openV"])} at the plug.`,
    lesson: (x) =>
      `Battery first, so that the controller knows its volts; panels last. With ${v(x["openV"])} and no battery many a controller dies.`,
  },
  partUnderLoad: {
    title: "Take it off",
    story: (x) =>
      `It runs: ${v(x["volts"])} and ${a(x["amps"])}. The array has to come off the input, then the battery.`,
    lesson: (x) =>
      `${w(x["watts"])} of DC draw an arc that does not go out. Switch off, see the amps at zero, then part the plug; battery last.`,
  },
  glueOnce: {
    title: "It sticks once",
    story: () => `Feet with structural tape on a painted roof, sealant around them, and a road ahead.`,
    lesson: (x) =>
      `Warm and dry, fitted dry, cleaned, primed, then pressed: there is no second time. ${f(x["cureH"])} hours before it is driven.`,
  },
  hiddenCable: {
    title: "Above the lamp",
    story: (x) => `A hole through the roof near the lamp; ${f(x["deepMm"])} mm of skin, insulation and lining.`,
    lesson: () => `Lamps and air conditioners have their cables in the roof: look and feel first, saw layer by layer.`,
  },
  polarityFirst: {
    title: "Two rows on one bar",
    story: () => `Two strings end at the box, to be joined in parallel on its bars. Nobody has metered them yet.`,
    lesson: (x) =>
      `Joined the wrong way round, ${v(x["volts"])} of one row drive ${a(x["amps"])} and more through the other, in full sun, with nothing to stop it.`,
  },
  neverBlows: {
    title: "A fuse for the eye",
    story: (x) =>
      `${f(x["strings"])} strings in parallel, Isc ${a(x["iscA"])} each; the panels’ label says: series fuse ${a(x["ratingA"])} at most. What goes into the box?`,
    lesson: (x) =>
      `If one row fails the other gives it ${a(x["backfeedA"])}, and a panel bears ${a(x["ratingA"])}: no fuse is needed, and one could never blow.`,
  },
  noFuse: {
    title: "Many rows",
    story: (x) =>
      `${f(x["strings"])} strings in parallel, Isc ${a(x["iscA"])} each; the panels’ max series fuse rating is ${a(x["ratingA"])}. What goes into the box?`,
    lesson: (x) =>
      `If one row fails the others drive ${a(x["backfeedA"])} through it, and a panel bears ${a(x["ratingA"])}: each row needs its fuse, of ${a(x["minA"])} at least.`,
  },
  otherBatch: {
    title: "The other batch",
    story: (x) =>
      `The old panels took the next larger fuse. This batch’s label says ${a(x["ratingA"])} at most; ${f(x["strings"])} rows, Isc ${a(x["iscA"])} each. What goes into the box?`,
    lesson: (x) =>
      `The rating changed between batches: over ${a(x["ratingA"])} the fuse lets more through than this panel bears. Read the label of each batch.`,
  },
};

export const repairWords: Readonly<Record<Repair, string>> = {
  turnPlug: "Turn its plug round",
  remakePlug: "Make its plug anew",
  wash: "Wash it",
  changePanel: "Put another panel in",
  bareLeads: "Take its leads before the regulator",
  stepAside: "Step out of the light and read again",
  tightenJoint: "Make the main joint anew",
  plugString: "Plug the string in",
  wireInSeries: "Wire them in series: voltages add",
  wireSideBySide: "Wire them in parallel: currents add",
  shorterString: "Take one out of the string",
  putOnLoad: "Put a load on the battery",
  leaveIt: "Leave it: nothing is wrong",
  newController: "Buy another controller",
};

/** What hands do in the drills without a board. */
export const deedWords: Readonly<Record<string, string>> = {
  tapeFromLeft: "Measure from the left edge",
  tapeFromRight: "Measure from the right edge, taken off the width",
  tapeAgain: "Measure from the left once more",
  drillAtFirst: "Drill at the first measure",
  drillAtSecond: "Drill at the second measure",
  layCable: "Lay the cable along its way",
  cutCable: "Cut it to length",
  threadGland: "Thread it through the gland",
  crimp: "Crimp the plug on",
  pullCrimp: "Pull at the crimp",
  closeGland: "Close the gland",
  joinBattery: "Join the battery, minus and plus",
  batteryFuseIn: "Put the battery fuse in",
  seeAwake: "See that the controller is awake",
  panelsIn: "Plug the panels in",
  seeWatts: "Read the amps",
  switchOff: "Open the isolator switch",
  seeNoAmps: "Read the amps again",
  partPlug: "Part the plug of the array",
  batteryOff: "Take the battery off",
  feelSkin: "Lay a thermometer on the roof",
  dryFit: "Lay it down dry and look",
  markCorners: "Mark its corners",
  clean: "Clean and dry the roof",
  prime: "Prime it for this paint",
  pressDown: "Peel the tape and press down",
  bed: "Bed the feet in sealant",
  waitCure: "Let it cure",
  drive: "Drive off",
  readDrawing: "Look up where its cables run",
  takeLampDown: "Take the lamp down and look in",
  feelLayers: "Feel between the layers",
  pilot: "Drill the pilot hole from where you can see",
  sawSkin: "Saw the outer skin and stop",
  pushAside: "Push the insulation aside and look",
  sawThrough: "Saw through the lining",
  paintEdge: "Paint the bare edge",
  bedGland: "Bed the gland in sealant",
  meterFirst: "Meter the first row",
  meterSecond: "Meter the second row",
  turnFirst: "Turn the first row’s plugs",
  turnSecond: "Turn the second row’s plugs",
  meterTurned: "Meter it once more",
  joinStrings: "Join the rows on the bars",
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
      return `It runs: ${amount(by.watts, "W")} at a bright noon, of ${amount(by.bestW, "W")} that these panels can give here.`;
    case "mended":
      return by.repair === "leaveIt"
        ? "Right: there was nothing to mend."
        : `Right: ${repairWords[by.repair].toLowerCase()}. It reads as it should.`;
    case "made":
      return "Done, and in the order that holds.";
    case "fused":
      return by.sizeA === null ? "Right: none is needed here." : `Right: ${given(by.sizeA, "A")} on each row.`;
  }
}

function failedSentence(by: Failed, system: UnitSystem): string {
  switch (by.type) {
    case "rule":
      return findingSentence(by.finding, system);
    case "watts":
      return `It holds, and gives ${amount(by.watts, "W")} of ${amount(by.bestW, "W")} that these panels can give here.`;
    case "leftOut":
      return `${by.count} ${by.count === 1 ? "panel lies" : "panels lie"} on the shelf.`;
    case "borrowed":
      return `${by.count} ${by.count === 1 ? "panel" : "panels"} on the board that ${by.count === 1 ? "was" : "were"} not there.`;
    case "plugged":
      return "Plugged in with a plug turned round: what is beside it drives its amps backwards, and many an input does not survive it. Polarity comes first.";
    case "repair":
      return `${repairWords[by.did]}${by.n === null ? "" : ` (number ${by.n})`}: the meter reads as before. It was: ${repairWords[by.right].toLowerCase()}.`;
    case "early":
      return `${deedWords[by.deed]}: too early, and it cannot be undone. Before it: ${(deedWords[by.missing] ?? "").toLowerCase()}.`;
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
      return "Without fuses a failed row takes what all the others give.";
    case "neverBlows":
      return `${size}: what the other rows can give never blows it. It is for the eye only, and one more joint.`;
    case "overRating":
      return `${size}: more than the panel’s own series fuse rating. It lets more through than the panel bears.`;
    case "blowsInSun":
      return `${size}: a bright sky alone blows it, as 1.56 times Isc is more.`;
    case "needless":
      return `${size}: none is needed here by the backfeed rule.`;
  }
}
