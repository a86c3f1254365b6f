import { type ColdBy, type Finding, type Reason, type StatedLimit } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { amount, counted, given, kwh, limit, percent } from "./format";
import { doubtSentence, readingSentence } from "./labels";

/** One sentence for a rule's finding: what, the numbers, the limit, what follows. */
export function findingSentence({ reason }: Pick<Finding, "reason">, system: UnitSystem): string {
  switch (reason.type) {
    case "coldVoc":
      return coldVocSentence(reason, system);
    case "noCeiling":
      return `On the coldest dawn this array reaches ${amount(reason.judgedV, "V")}. What is the most the input bears? Fill in “Highest volts” at Input.`;
    case "hotVmp":
      return hotVmpSentence(reason, system);
    case "noFloor":
      return `On a hot roof it runs at ${amount(reason.hotVmpV, "V")}. From how many volts does the input work? Fill in “Lowest volts” at Input.`;
    case "current":
      return currentSentence(reason);
    case "noCurrentLimit":
      return `The array can give ${amount(reason.iscA, "A")}; the input states no current limit.`;
    case "watts":
      return wattsSentence(reason);
    case "noWattLimit":
      return `The panels add up to ${amount(reason.labelW, "W")}; the input states no watt limit.`;
    case "shared":
      return sharedSentence(reason);
    case "mismatch":
      return mismatchSentence(reason);
    case "systemVoltage":
      return reason.outcome === "over"
        ? `A row reaches ${amount(reason.judgedV, "V")} in the cold${byWords(reason.by)}; ${reason.panelName} is insulated for ${given(reason.maxSystemV, "V")} only.`
        : `No row passes ${amount(reason.judgedV, "V")} in the cold; ${reason.panelName} is insulated for ${given(reason.maxSystemV, "V")}.`;
    case "noSystemVoltage":
      return `The label of ${reason.panelName} gives no maximum system voltage; its row reaches ${amount(reason.judgedV, "V")} in the cold.`;
    case "noBatteryVolts":
      return "A PWM controller holds the array at battery volts. How many volts has the battery? Fill in “Battery volts” at Input.";
    case "noTierAmps":
      return `How many amps does the input take ${rangeWords(reason)}? Fill in “Amps” under “Current limits” at Input.`;
    case "label":
      return reason.panels
        .map(
          ({ panelName, doubts, reading }) =>
            `The label of “${panelName}” is in doubt: ${doubts.map(doubtSentence).join(" ")}${reading === null ? "" : ` ${readingSentence(reading.patch, reading.how)}`}`,
        )
        .join(" ");
    case "shelf":
      return `${reason.panels.map(({ panelName, count }) => `${count} × ${panelName}`).join(", ")} on the shelf, and nothing is wired to ${reason.portName}.`;
    case "reverse":
      return reverseSentence(reason);
    case "fuses":
      return fusesSentence(reason);
    case "pwmLoss":
      return pwmSentence(reason);
    case "wake":
      return wakeSentence(reason);
    case "mixedStates":
      return mixedSentence(reason);
  }
}

type Of<T extends Reason["type"]> = Extract<Reason, { type: T }>;

/** By what volts were reckoned, where it is not the curve. */
function byWords(by: ColdBy): string {
  switch (by) {
    case "curve":
      return "";
    case "line":
      return " by its label’s coefficient";
    case "table":
      return " by the electrical code’s table";
  }
}

function coldVocSentence(r: Of<"coldVoc">, system: UnitSystem): string {
  const part =
    r.judgedV > 1.003 * r.joinedVocV && r.by === "curve" ? "the row with the most volts alone" : "this array";
  const cold = `At ${given(r.recordLowC, "°C", system)} ${part} reaches ${amount(r.judgedV, "V")}${byWords(r.by)}`;
  const running = `At ${given(r.recordLowC, "°C", system)} the array runs at up to ${amount(r.judgedV, "V")}`;
  const ceiling = given(r.ceilingV, "V");
  switch (r.outcome) {
    case "over":
      return `${cold}, ${percent(100 * (r.judgedV / r.ceilingV - 1))} over the input’s ${ceiling}: ${overVoltageSentence(r)}${r.labelV > r.ceilingV ? ` Even at 25\u00a0°C the labels add up to ${amount(r.labelV, "V")}.` : ""}`;
    case "tableOver":
      return `${cold}, under the input’s ${ceiling}, but the electrical code’s table reckons ${amount(r.tableV, "V")}, which is over.`;
    case "close":
      return `${cold}, just under the input’s ${ceiling}. A label may be 3 % off: measure before you plug in.`;
    case "inside":
      return `${cold}, under the input’s ${ceiling}.`;
    case "runningOver":
      return `${running}, over the ${ceiling} the input bears while running: ${overVoltageSentence(r)}`;
    case "insideRunning":
      return `${running}, under the ${ceiling} the input bears while running; with nothing drawn it stands at ${amount(r.openV, "V")}.`;
  }
}

function overVoltageSentence({ overVoltage }: Of<"coldVoc">): string {
  switch (overVoltage) {
    case "shutsOut":
      return "the input shuts it out and shows 0 W.";
    case "mayDestroy":
      return "it may destroy the input.";
    case "unknown":
      return "it may destroy the input (its sheet does not say).";
  }
}

function hotVmpSentence(r: Of<"hotVmp">, system: UnitSystem): string {
  const hot = `On a hot roof (cells at ${amount(r.cellTempC, "°C", system)}) the array runs at ${amount(r.hotVmpV, "V")}`;
  switch (r.outcome) {
    case "neverWakes":
      return `With nothing connected the hot array gives ${amount(r.hotVocV, "V")}; the input needs ${limit(r.wakeV, "V")} to wake. It would show 0 W.`;
    case "below":
      return `${hot}, ${percent(100 * (1 - r.hotVmpV / r.floorV))} below the ${limit(r.floorV, "V")} the input needs to stay on: it loses power or drops out when it is hot.`;
    case "belowWake":
      return `${hot}: enough to stay on (${limit(r.floorV, "V")}), but below the ${limit(r.wakeV, "V")} the input needs to wake. It wakes with nothing drawn, at ${amount(r.hotVocV, "V")}; in haze it may not.`;
    case "nearFloor":
      return `${hot}, only just above the ${limit(r.floorV, "V")} the input needs: haze, dirt and age will reach it.`;
    case "littleComfort":
      return `${hot}, above the ${limit(r.wakeV, "V")} the input needs, but only ${amount(r.hotVmpV - (r.batteryV ?? 0), "V")} above the battery: with 20 V it would start earlier on dull mornings.`;
    case "clear":
      return `${hot}, ${aboveWords(r.hotVmpV, r.floorV)} the ${limit(r.floorV, "V")} the input needs.`;
  }
}

/** "between 10 V and 30 V", as far as the ends are stated. */
function rangeWords({ fromV, toV }: Of<"noTierAmps">): string {
  if (fromV === null && toV === null) return "at any volts";
  if (fromV === null) return `up to ${given(toV ?? 0, "V")}`;
  return toV === null ? `from ${given(fromV, "V")} on` : `between ${given(fromV, "V")} and ${given(toV, "V")}`;
}

/** "21 % above", or plainly "above" where a share says nothing. */
function aboveWords(value: number, least: number): string {
  return least > 0 && value < 10 * least ? `${percent(100 * (value / least - 1))} above` : "above";
}

function wakeSentence(r: Of<"wake">): string {
  const dull = `Under thick cloud (${given(r.dullWm2, "W/m²")}) the array stands at ${amount(r.dullVocV, "V")}`;
  const from = r.wakesAtWm2 === null || r.wakesAtWm2 < 1 ? "" : ` It wakes from ${amount(r.wakesAtWm2, "W/m²")} on.`;
  switch (r.outcome) {
    case "never":
      return `Even in full sun the array gives ${amount(r.brightVocV, "V")}; the input needs ${limit(r.wakeV, "V")} to wake. It would show 0 W.`;
    case "dullSleep":
      return `${dull}, below the ${limit(r.wakeV, "V")} the input needs to wake.${from} On dull days it sleeps; on the longest clear day it misses ${Math.round(r.asleepMinutes)} minutes.`;
    case "lateWake":
      return `${dull}, above the ${limit(r.wakeV, "V")} the input needs to wake, but first light is not enough.${from}`;
    case "early":
      return `${dull}, above the ${limit(r.wakeV, "V")} the input needs to wake: it starts with first light.`;
  }
}

function currentSentence(r: Of<"current">): string {
  const range = ({ fromV, toV }: StatedLimit) =>
    toV === null ? "" : ` between ${limit(fromV, "V")} and ${limit(toV, "V")}`;
  if (r.outcome === "overAbsolute" && r.never !== null) {
    const sweeps = `It sweeps from ${limit(r.sweepFromV, "V")} to ${amount(r.sweepToV, "V")}.`;
    return `Bright sky can push ${amount(r.marginedIscA, "A")} into the input, which must never see more than ${given(r.never.amps, "A")}${range(r.never)}. ${sweeps}`;
  }
  const tiers =
    r.open !== null && r.running !== null && r.open.amps !== r.running.amps
      ? ` Its running volts (${amount(r.runningV, "V")}) decide the limit, not the ${amount(r.openV, "V")} with nothing connected, where ${given(r.open.amps, "A")} would hold.`
      : "";
  const never =
    r.never === null
      ? ""
      : `Even bright sky (${amount(r.marginedIscA, "A")}) stays under the ${given(r.never.amps, "A")} the input must never see.`;
  if (r.outcome === "idle")
    return `At noon the input takes nothing from this array, for its volts; shorted it could give ${amount(r.iscA, "A")}.`;
  if (r.running === null)
    return never === "" ? `No limit of amps holds where the array runs, at ${amount(r.runningV, "V")}.` : never;
  const most = given(r.running.amps, "A");
  switch (r.outcome) {
    case "clips":
    case "clipsLittle":
      return `The array can give ${amount(r.iscA, "A")}; the input draws up to ${most} and leaves the rest: ${percent(r.noonLossPct)} of noon watts.${tiers}`;
    case "gap":
      return `At noon the array is best at ${amount(r.bestV, "V")}, where none of the input’s ranges of amps holds; beside it, at ${amount(r.runningV, "V")}, ${percent(r.noonLossPct)} of its watts are lost.`;
    case "shortOver":
      return `The input draws up to ${most}. Shorted the array gives ${amount(r.iscA, "A")}, ${percent(100 * (r.iscA / r.running.amps - 1))} over that limit; running at noon it stays inside, and nothing is lost.${tiers}${never === "" ? "" : ` ${never}`}`;
    case "within":
    case "overAbsolute":
      return r.running.nature === "neverExceed"
        ? `${never}${tiers}`
        : `The input draws up to ${most}; at noon the array runs inside that (short circuit ${amount(r.iscA, "A")}).${tiers}${never === "" ? "" : ` ${never}`}`;
  }
}

function wattsSentence(r: Of<"watts">): string {
  const most = r.fromBattery ? `${amount(r.limitW, "W")} (its battery amps × battery volts)` : given(r.limitW, "W");
  switch (r.outcome) {
    case "overAbsolute":
      return `${r.coldW > r.labelW ? "In the cold the panels can give" : "The panels add up to"} ${amount(r.dueW, "W")}; the input must never see more than ${most}.`;
    case "clipsMuch":
    case "clips":
      return `${r.withinAmps ? "Within its volts and amps" : "At noon"} the array could give ${amount(r.noonW, "W")}${r.withinAmps ? " at noon" : ""}; the input draws up to ${most}. ${r.flat ? "Lying flat" : "Tilted as they stand"}, a cloudless midsummer month would leave ${kwh(r.clippedKwhPerMonth)} (${percent(r.clippedPct)}) on the roof.`;
    case "within":
      return r.nature === "neverExceed"
        ? `Even in the cold the panels give ${amount(r.dueW, "W")} at most; the input must never see more than ${most}.`
        : r.idle
          ? `At noon the panels could give ${amount(r.noonW, "W")}, of which the input takes nothing, for its volts; its limit is ${most}.`
          : `At noon the array gives ${amount(r.noonW, "W")}; the input takes up to ${most}.`;
  }
}

function sharedSentence(r: Of<"shared">): string {
  const names = r.ports.map(({ name }) => name).join(" and ");
  const most = [r.limitW === null ? null : given(r.limitW, "W"), r.limitA === null ? null : given(r.limitA, "A")]
    .filter((part) => part !== null)
    .join(" and ");
  const alone = `${amount(sum(r.ports.map((port) => port.aloneW)), "W")}${r.limitA === null ? "" : ` at ${amount(sum(r.ports.map((port) => port.aloneA)), "A")}`}`;
  switch (r.outcome) {
    case "overAbsolute":
      return `${names} together could see ${r.limitW !== null && r.dueW > r.limitW ? amount(r.dueW, "W") : amount(r.marginedIscA, "A")}; “${r.groupName}” must never see more than ${most}.`;
    case "clipsMuch":
    case "clips":
      return `At noon ${names} would take ${alone}; together they draw up to ${most}, so ${amount(r.lostW, "W")} stay on the roof${r.clippedKwhPerMonth > 0 ? `: ${kwh(r.clippedKwhPerMonth)} in a cloudless midsummer month` : ""}.`;
    case "within":
      return `At noon ${names} take ${alone}; together they may draw up to ${most}.`;
  }
}

function mismatchSentence(r: Of<"mismatch">): string {
  const apart = `Each at its own best the panels give ${amount(r.panelsW, "W")} at noon, joined like this ${amount(r.joinedW, "W")}`;
  const where =
    r.seriesLossPct > r.parallelLossPct
      ? "most of it in series, where the weakest current rules"
      : "most of it in parallel, where the lowest volts drag";
  switch (r.outcome) {
    case "costly":
    case "some":
      return `${apart}: ${percent(r.lossPct)} lost, ${where}.`;
    case "little":
      return `${apart}: only ${percent(r.lossPct)} lost, less than leaving a panel out would cost.`;
    case "equal":
      return "All rows match: nothing is lost by joining them.";
  }
}

function reverseSentence(r: Of<"reverse">): string {
  const sky = r.sky === "coldDawn" ? "on a cold bright dawn" : "at noon";
  const lit = r.asTheyStand ? "" : ", all panels lit";
  return r.outcome === "over"
    ? `With nothing drawn, ${sky}${lit}, ${amount(r.amps, "A")} are pushed backwards through ${r.panelName}, which bears ${given(r.fuseA, "A")}: it may overheat.`
    : `With nothing drawn, ${sky}${lit}, ${amount(r.amps, "A")} flow backwards through ${r.panelName}; it bears ${given(r.fuseA, "A")}.`;
}

function fusesSentence(r: Of<"fuses">): string {
  const fed = `A row that fails can be fed by the other ${counted(r.rows - 1, "row")} with ${amount(r.backfeedA, "A")}, under bright sky ${amount(r.marginedA, "A")}`;
  const bears = `${r.panelName} bears ${given(r.ratingA, "A")}`;
  switch (r.outcome) {
    case "noneFits":
      return `${fed}; ${bears}. Each row would need a fuse, and none fits: it must carry ${amount(1.56 * r.iscA, "A")} and may be ${given(r.ratingA, "A")} at most.`;
    case "fuseEach":
      return `${fed}; ${bears}: put a ${given(r.sizeA ?? 0, "A")} fuse in each row.${r.couldBlow ? "" : " (By these amps alone it would not blow.)"}`;
    case "strictOnly":
      return `${fed}; ${bears}, so no fuse is needed by the usual rule. The strict school fuses each row all the same.`;
    case "notNeeded":
      return `${fed}; ${bears}: no fuses are needed.`;
  }
}

function pwmSentence(r: Of<"pwmLoss">): string {
  const held = `PWM holds the array at ${amount(r.heldV, "V")}, though it is best at ${amount(r.vmpV, "V")}`;
  return r.outcome === "little"
    ? `${held}: ${percent(r.lossPct)} of its watts are lost, as little as PWM can.`
    : `${held}: ${percent(r.lossPct)} of its watts are lost (${amount(r.takenW, "W")} instead of ${amount(r.freeW, "W")} at noon).`;
}

function mixedSentence(r: Of<"mixedStates">): string {
  const who = [
    r.stowed > 0 ? `${r.stowed} stowed` : null,
    r.shaded > 0 ? `${r.shaded} shaded` : null,
    r.tilted > 0 ? `${r.tilted} tilted otherwise` : null,
  ]
    .filter((part) => part !== null)
    .join(", ");
  const of = `${who} of ${counted(r.panels, "panel")} on this port`;
  switch (r.outcome) {
    case "trapped":
      return `${of}: the curve has more than one peak, and a tracker that only climbs stops at ${amount(r.trappedW ?? 0, "W")} where ${amount(r.joinedW, "W")} could be had.`;
    case "costly":
    case "some":
      return r.lossPct < 0.05
        ? `${of}: they give less by themselves, but cost the others nothing.`
        : `${of}: in their light they could give ${amount(r.panelsW, "W")} apart, joined ${amount(r.joinedW, "W")}: ${percent(r.lossPct)} lost by sharing a port.`;
  }
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
