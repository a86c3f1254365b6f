import { type DrillId, type Facts } from "@/practice";
import { given } from "../format";

/** Drills in words: what stands there, what one does, what came of it and what to take along, with the numbers of the case. */

type DrillWords = {
  readonly title: string;
  readonly story: (facts: Facts) => string;
  /** What to take along, whatever came of it. */ readonly lesson: (facts: Facts) => string;
};

const v = (value: number | undefined) => given(value ?? 0, "V");

export const a = (value: number | undefined) => given(value ?? 0, "A");

const w = (value: number | undefined) => given(value ?? 0, "W");

const c = (value: number | undefined) => given(value ?? 0, "°C");

const f = (value: number | undefined) => String(value ?? 0);

export const drillWords: Readonly<Record<DrillId, DrillWords>> = {
  thirdInSeries: {
    title: "The next panel",
    story: (x) =>
      `Two panels in series ran well all summer. Now there are ${f(x["count"])}, with Voc ${v(x["vocV"])} each. The controller’s max PV voltage is ${v(x["maxV"])}, the record low ${c(x["recordLowC"])}. Wire all panels, then plug in.`,
    lesson: (x) =>
      `In series volts add, and cold raises each: compare Voc of the whole string at the record low with the max PV voltage of ${v(x["maxV"])} before you add a panel.`,
  },
  winterForgotten: {
    title: "Winter comes",
    story: (x) =>
      `${f(x["count"])} panels with Voc ${v(x["vocV"])} each on the label: ${v(x["warmV"])} in one string. The controller’s max PV voltage is ${v(x["maxV"])}, the record low ${c(x["recordLowC"])}. Wire all panels.`,
    lesson: (x) =>
      `The label is for 25 °C. At ${c(x["recordLowC"])} Voc is higher: ${v(x["warmV"])} at 25 °C becomes more than ${v(x["maxV"])} on the coldest dawn.`,
  },
  runningForOpen: {
    title: "Which line of the label",
    story: (x) =>
      `The label says Vmp ${v(x["vmpV"])} and Voc ${v(x["vocV"])}. ${f(x["count"])} panels in one string operate at ${v(x["runningV"])}; the controller’s max PV voltage is ${v(x["maxV"])}. Wire all panels.`,
    lesson: (x) =>
      `The max PV voltage is compared with Voc, the voltage at the connector each morning. The operating voltage, ${v(x["runningV"])}, does not matter for it.`,
  },
  lowerTier: {
    title: "Two current limits",
    story: (x) =>
      `The power station’s max PV current is ${a(x["lowerA"])} up to ${v(x["edgeV"])} and ${a(x["upperA"])} above that. You have ${f(x["count"])} panels with Vmp ${v(x["vmpV"])} and ${w(x["pmaxW"])} each. Get the most out of them.`,
    lesson: (x) =>
      `To be within the voltage limits is not enough: below ${v(x["edgeV"])} the power station uses at most ${a(x["lowerA"])}. Two panels in series raise the voltage into the upper tier.`,
  },
  ampsDoNotAdd: {
    title: "Three in parallel",
    story: (x) =>
      `${f(x["count"])} panels of ${w(x["pmaxW"])}, ${a(x["iscA"])} each. The power station uses at most ${a(x["limitA"])} and its max PV voltage is ${v(x["maxV"])}. Get the most out of them.`,
    lesson: (x) =>
      `In parallel amps add, and what is above ${a(x["limitA"])} is clipped: no harm, but no watts either. In series the amps stay those of one panel.`,
  },
  neverExceed: {
    title: "An absolute maximum",
    story: (x) =>
      `This controller’s data sheet states absolute maximums: at most ${a(x["limitA"])} and ${v(x["maxV"])} from the array. You have ${f(x["count"])} panels of ${a(x["iscA"])} each. Wire all panels.`,
    lesson: () =>
      `Some PV inputs are self-limiting; this one has an absolute maximum. The Isc of all strings, plus a quarter for bright skies, must stay below it.`,
  },
  wastedByPwm: {
    title: "Straight to the battery",
    story: (x) =>
      `A PWM controller on a ${v(x["batteryV"])} battery. You have ${f(x["count"])} panels with Vmp ${v(x["vmpV"])} and ${w(x["pmaxW"])} each. Get the most out of them.`,
    lesson: (x) =>
      `PWM connects the array directly to the battery: it operates at ${v(x["batteryV"])}. Voltage above that is lost, so such panels go in parallel.`,
  },
  classesMixed: {
    title: "Twelve and twenty-four",
    story: (x) =>
      `Panels with Vmp ${v(x["smallV"])} and one with ${v(x["largeV"])}, on one PV input. Wire all ${f(x["count"])} and get the most out of them.`,
    lesson: (x) =>
      `In parallel the lowest voltage pulls the others down. Two of ${v(x["smallV"])} in series match one of ${v(x["largeV"])}.`,
  },
  neverWakes: {
    title: "It never wakes",
    story: (x) =>
      `The battery has ${v(x["batteryV"])}; the controller’s start-up voltage is ${v(x["wakeV"])}. You have ${f(x["count"])} panels with Vmp ${v(x["vmpV"])}. Wire them so that the controller wakes.`,
    lesson: (x) =>
      `The array’s voltage must be above the start-up voltage: ${v(x["vmpV"])} is always below ${v(x["wakeV"])}. In series the panels are above it.`,
  },
  seriesKeepsVolts: {
    title: "How volts add",
    story: (x) =>
      `The power station starts at ${v(x["minV"])} and its max PV voltage is ${v(x["maxV"])}. You have ${f(x["count"])} panels with Vmp ${v(x["vmpV"])}. Wire them so that it runs.`,
    lesson: () =>
      `Series: voltages add, current stays. Parallel: currents add, voltage stays. Many people mix them up.`,
  },
  weakestRules: {
    title: "The weakest panel decides",
    story: (x) =>
      `Panels of ${a(x["largeA"])} and panels of ${a(x["smallA"])}, and a power station with two PV inputs. Get the most out of all ${f(x["count"])}.`,
    lesson: (x) =>
      `In series the lowest current decides: ${a(x["largeA"])} in series with ${a(x["smallA"])} gives ${a(x["smallA"])}. Connect unequal panels to separate PV inputs, or in parallel if their voltages match.`,
  },
  reversedPanel: {
    title: "Before it is plugged in",
    story: (x) =>
      `A new array of ${f(x["panels"])} panels, ${f(x["strings"])} in parallel, wired by a helper. Its connector is not plugged in yet. Find out whether you can plug it in, and correct what is wrong.`,
    lesson: () =>
      `Check polarity first, with the meter: a minus sign means reversed polarity. The gender of a connector proves nothing.`,
  },
  turnedModular: {
    title: "The modular connector",
    story: () =>
      `One folding panel, and a modular two-pole connector that somebody assembled last night. Find out whether you can plug it in.`,
    lesson: () =>
      `Modular connectors can be assembled with reversed polarity. Check each with the meter before you first plug it in.`,
  },
  deadPlug: {
    title: "Nothing at all",
    story: (x) =>
      `${f(x["panels"])} panels in ${f(x["strings"])} ${x["strings"] === 1 ? "string" : "strings"}, and the readings are too low. Every panel is new. Find the fault and fix it.`,
    lesson: () => `One bad connector stops a whole string. Panel by panel, the meter finds it in a minute.`,
  },
  dirtBlamed: {
    title: "The controller is to blame",
    story: (x) =>
      `It gives less than last month, under a clear sky at ${c(x["airC"])}. A neighbor suggests a new controller. Find the fault.`,
    lesson: () => `Right volts and low amps on one panel: dirt or shade. Water is cheaper than a controller.`,
  },
  taperBlamed: {
    title: "Watts fall at noon",
    story: () =>
      `Full sun, clean panels, but the watts fell an hour ago and stay low. You can see the display; the array is plugged in.`,
    lesson: () =>
      `Above 85 % state of charge a battery accepts less and less. Switch on a load: if the watts come back, there is no fault.`,
  },
  ownShadow: {
    title: "One reads low",
    story: () =>
      `You kneel on the roof with the meter. One panel’s amps are low when you measure it, but the amps of the whole string are right. Find the cause.`,
    lesson: () =>
      `Low amps for one panel alone, right amps for the string: look where your shadow falls while you measure.`,
  },
  regulatedPanel: {
    title: "Thirteen volts",
    story: (x) =>
      `${f(x["panels"])} panels, bought used, Voc ${v(x["vocV"])} each on the label. The string’s voltage is too low in any light. Find out why.`,
    lesson: () =>
      `A steady voltage like a battery’s where about 20 V is expected: that panel has a regulator. An MPPT controller needs the panel’s own leads.`,
  },
  partOfPanel: {
    title: "A third is missing",
    story: (x) =>
      `${f(x["panels"])} panels in full light, clean, and volts are missing although the amps are right. Find the panel.`,
    lesson: () =>
      `A third or half of one panel’s voltage is missing and its amps are right: one cell group is permanently bypassed. Washing does not help.`,
  },
  looseJoint: {
    title: "Right until it runs",
    story: () =>
      `Voc is right, Isc nearly so, but plugged in the array delivers far too little. You can unplug it and plug it in again.`,
    lesson: () => `Right without load, too low under load: a high-resistance joint. It gets hot: fix it at once.`,
  },
  stringNotIn: {
    title: "Half of it",
    story: () => `Two strings in parallel, and half the watts. It was full last week, before the roof was painted.`,
    lesson: () =>
      `Half the amps at full voltage: one string is not connected. Measure each string alone, then follow its cable.`,
  },
  sideBySideForSeries: {
    title: "Amps of two, volts of one",
    story: (x) =>
      `The drawing shows two strings of ${f(x["series"])} in series. The meter disagrees. Find the wrong string.`,
    lesson: () =>
      `Current of two with the voltage of one: parallel where series was meant. Voltages add in series only.`,
  },
  seriesForSideBySide: {
    title: "Volts of two, amps of one",
    story: () => `The drawing shows two panels in parallel. Find out whether they are, before you plug them in.`,
    lesson: () =>
      `Voltage of two with the current of one: series where parallel was meant. It may be above the input’s max PV voltage.`,
  },
  zeroWatts: {
    title: "0 W in full sun",
    story: (x) =>
      `The controller’s max PV voltage is ${v(x["maxV"])}. The display shows 0 W in full sun at ${c(x["airC"])}, and the shop wants to send another unit.`,
    lesson: (x) =>
      `Above its max PV voltage of ${v(x["maxV"])} a controller switches off, if you are lucky. Use fewer panels in series, not another unit.`,
  },
  asleepAllDay: {
    title: "Asleep in the sun",
    story: (x) =>
      `The PV input’s start-up voltage is ${v(x["minV"])} and its max PV voltage is ${v(x["maxV"])}. Two panels in parallel, full sun, 0 W. What is missing?`,
    lesson: (x) => `Below ${v(x["minV"])} it never starts. In parallel voltages do not add; in series they do.`,
  },
  dullDay: {
    title: "A grey day",
    story: (x) =>
      `Plugged in, and far less than the ${w(x["freeW"])} of a clear noon. The sky is grey from end to end.`,
    lesson: () =>
      `Under thick cloud a quarter of full power is normal, on all panels. Look at the sky before you climb up.`,
  },
  flatTop: {
    title: "A flat top",
    story: (x) =>
      `The panels could give ${w(x["freeW"])} now. The display has shown nearly the same number for an hour. The controller’s max PV power is ${w(x["maxW"])}.`,
    lesson: (x) =>
      `The controller uses at most ${w(x["maxW"])}: a flat top in good light is its limit, not a fault or dirt.`,
  },
  holeTwice: {
    title: "One hole",
    story: () =>
      `Drill the hole for the gland, measured from the left edge of the roof. The drawing is at home. You have a tape measure and a drill, and one try.`,
    lesson: (x) =>
      `The two measurements were ${f(x["apartMm"])} mm apart: one was wrong. Measure from both sides, measure a third time if they differ, then drill.`,
  },
  glandFirst: {
    title: "Through the gland",
    story: (x) =>
      `A cable of ${f(x["lengthMm"])} mm from the roof to the combiner box, through a gland, with a connector at its end.`,
    lesson: () => `A crimped connector does not fit through a gland: thread the cable first, crimp last.`,
  },
  batteryFirst: {
    title: "Which one first",
    story: (x) =>
      `Battery, controller and array are ready, all switches are off, the sun shines: ${v(x["openV"])} at the connector.`,
    lesson: (x) =>
      `To connect: battery first, so that the controller detects its voltage, then panels. ${v(x["openV"])} without a battery destroys many controllers.`,
  },
  partUnderLoad: {
    title: "Disconnect it",
    story: (x) => `The array operates at ${v(x["volts"])} and ${a(x["amps"])}. Disconnect the array, then the battery.`,
    lesson: (x) =>
      `${w(x["watts"])} of DC can draw an arc that does not go out. To disconnect: switch off, check that the amps are zero, unplug the array, then the battery.`,
  },
  glueOnce: {
    title: "It sticks once",
    story: () => `Feet with structural tape on a painted roof, sealant around them, and a drive planned.`,
    lesson: (x) =>
      `Warm and dry roof, fitted without adhesive first, cleaned, primed, then pressed on: you get one try. Wait ${f(x["cureH"])} hours before you drive.`,
  },
  hiddenCable: {
    title: "Above the lamp",
    story: (x) => `A hole through the roof near the lamp: ${f(x["deepMm"])} mm of outer layer, insulation and lining.`,
    lesson: () => `Lamps and air conditioners have their cables in the roof: look and feel first, saw layer by layer.`,
  },
  polarityFirst: {
    title: "Two strings on one busbar",
    story: () =>
      `Two strings end at the combiner box, to be joined in parallel on its busbars. Their polarity is not checked yet.`,
    lesson: (x) =>
      `With one string reversed, the ${v(x["volts"])} of the other drive ${a(x["amps"])} and more through it, in full sun, with nothing to stop it.`,
  },
  neverBlows: {
    title: "A fuse that never blows",
    story: (x) =>
      `${f(x["strings"])} strings in parallel, Isc ${a(x["iscA"])} each; the panels’ max series fuse rating is ${a(x["ratingA"])}. What goes into the combiner box?`,
    lesson: (x) =>
      `If one string fails, the other can push ${a(x["backfeedA"])} back into it. The panels are rated for ${a(x["ratingA"])}: no fuse is needed, and a fuse could never blow.`,
  },
  noFuse: {
    title: "Many strings",
    story: (x) =>
      `${f(x["strings"])} strings in parallel, Isc ${a(x["iscA"])} each; the panels’ max series fuse rating is ${a(x["ratingA"])}. What goes into the combiner box?`,
    lesson: (x) =>
      `If one string fails, the others can push ${a(x["backfeedA"])} back into it. The panels are rated for ${a(x["ratingA"])}: each string needs a fuse of at least ${a(x["minA"])}.`,
  },
  otherBatch: {
    title: "The other batch",
    story: (x) =>
      `The old panels allowed the next larger fuse. This batch’s max series fuse rating is ${a(x["ratingA"])}; ${f(x["strings"])} strings, Isc ${a(x["iscA"])} each. What goes into the combiner box?`,
    lesson: (x) =>
      `The rating changed between batches: a fuse above ${a(x["ratingA"])} lets more current through than this panel is rated for. Read the label of each batch.`,
  },
};
