import { type Finding, type Reason } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { amount, counted, given, kwh, limit, percent } from "./format";

/** One sentence for a rule's finding: what, the numbers, the limit, what follows. */
export function findingSentence({ reason }: Pick<Finding, "reason">, system: UnitSystem): string {
  switch (reason.type) {
    case "coldVoc":
      return coldVocSentence(reason, system);
    case "noCeiling":
      return `On the coldest dawn this array reaches ${amount(reason.solvedVocV, "V")}. What is the most the input bears? Fill in “Highest volts” at Input.`;
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
        ? `A row reaches ${amount(reason.solvedVocV, "V")} in the cold; ${reason.panelName} is insulated for ${given(reason.maxSystemV, "V")} only.`
        : `No row passes ${amount(reason.solvedVocV, "V")} in the cold; ${reason.panelName} is insulated for ${given(reason.maxSystemV, "V")}.`;
    case "noSystemVoltage":
      return `The label of ${reason.panelName} gives no maximum system voltage; its row reaches ${amount(reason.solvedVocV, "V")} in the cold.`;
    case "pwmLoss":
      return pwmSentence(reason);
    case "wake":
      return wakeSentence(reason);
    case "mixedStates":
      return mixedSentence(reason);
  }
}

type Of<T extends Reason["type"]> = Extract<Reason, { type: T }>;

function coldVocSentence(r: Of<"coldVoc">, system: UnitSystem): string {
  const cold = `At ${given(r.recordLowC, "°C", system)} this array reaches ${amount(r.solvedVocV, "V")}`;
  const ceiling = given(r.ceilingV, "V");
  switch (r.outcome) {
    case "over":
      return `${cold}, over the input’s ${ceiling}: ${overVoltageSentence(r)}`;
    case "tableOver":
      return `${cold}, under the input’s ${ceiling}, but the electrical code’s table reckons ${amount(r.tableVocV, "V")}, which is over.`;
    case "close":
      return `${cold}, just under the input’s ${ceiling}. A label may be 3 % off: measure before you plug in.`;
    case "inside":
      return `${cold}, under the input’s ${ceiling}.`;
    case "runningOver":
      return `In the cold the array runs at ${amount(r.solvedVmpV, "V")}, over the ${ceiling} the input bears while running: ${overVoltageSentence(r)}`;
    case "insideRunning":
      return `In the cold the array runs at ${amount(r.solvedVmpV, "V")}, under the ${ceiling} the input bears while running; with nothing drawn it stands at ${amount(r.solvedVocV, "V")}.`;
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
      return `${hot}, under the ${limit(r.wakeV, "V")} the input needs: it will sleep or lose power when it is hot.`;
    case "nearFloor":
      return `${hot}, only just over the ${limit(r.wakeV, "V")} the input needs: haze, dirt and age will reach it.`;
    case "littleComfort":
      return `${hot}, over the ${limit(r.wakeV, "V")} the input needs, but only ${amount(r.hotVmpV - (r.batteryV ?? 0), "V")} over the battery: with 20 V it would start earlier on dull mornings.`;
    case "clear":
      return `${hot}, over the ${limit(r.wakeV, "V")} the input needs.`;
  }
}

function wakeSentence(r: Of<"wake">): string {
  const dull = `Under thick cloud (${given(r.dullWm2, "W/m²")}) the array stands at ${amount(r.dullVocV, "V")}`;
  const from = r.wakesAtWm2 === null ? "" : ` It wakes from ${amount(r.wakesAtWm2, "W/m²")} on.`;
  switch (r.outcome) {
    case "never":
      return `Even in full sun the array gives ${amount(r.brightVocV, "V")}; the input needs ${limit(r.wakeV, "V")} to wake. It would show 0 W.`;
    case "dullSleep":
      return `${dull}, under the ${limit(r.wakeV, "V")} the input needs to wake.${from} On dull days it sleeps; on the longest clear day it misses ${Math.round(r.asleepMinutes)} minutes.`;
    case "lateWake":
      return `${dull}, over the ${limit(r.wakeV, "V")} the input needs to wake, but first light is not enough.${from}`;
    case "early":
      return `${dull}, over the ${limit(r.wakeV, "V")} the input needs to wake: it starts with first light.`;
  }
}

function currentSentence(r: Of<"current">): string {
  const most = given(r.running.amps, "A");
  const tiers =
    r.open !== null && r.open.amps !== r.running.amps
      ? ` Its running volts (${amount(r.runningV, "V")}) decide the limit, not the ${amount(r.openV, "V")} with nothing connected, where ${given(r.open.amps, "A")} would hold.`
      : "";
  switch (r.outcome) {
    case "overAbsolute":
      return `Bright sky can push ${amount(r.marginedIscA, "A")} into the input, which must never see more than ${most}.${tiers}`;
    case "clips":
    case "clipsLittle":
      return `The array can give ${amount(r.iscA, "A")}; the input draws up to ${most} and leaves the rest: ${percent(r.noonLossPct)} of noon watts.${tiers}`;
    case "within":
      return r.running.nature === "neverExceed"
        ? `Even bright sky (${amount(r.marginedIscA, "A")}) stays under the ${most} the input must never see.${tiers}`
        : `The input draws up to ${most}; at noon the array runs inside that (short circuit ${amount(r.iscA, "A")}).${tiers}`;
  }
}

function wattsSentence(r: Of<"watts">): string {
  const most = r.fromBattery ? `${amount(r.limitW, "W")} (its battery amps × battery volts)` : given(r.limitW, "W");
  switch (r.outcome) {
    case "overAbsolute":
      return `The panels add up to ${amount(r.labelW, "W")}; the input must never see more than ${most}.`;
    case "clipsMuch":
    case "clips":
      return `At noon the array could give ${amount(r.noonW, "W")}; the input draws up to ${most}. A cloudless midsummer month would leave up to ${kwh(r.clippedKwhPerMonth)} (${percent(r.clippedPct)}) on the roof.`;
    case "within":
      return `At noon the array gives ${amount(r.noonW, "W")}; the input takes up to ${most}. Nothing is left on the roof.`;
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
      return `${names} together could see ${r.limitW !== null && r.labelW > r.limitW ? amount(r.labelW, "W") : amount(r.marginedIscA, "A")}; “${r.groupName}” must never see more than ${most}.`;
    case "clipsMuch":
    case "clips":
      return `At noon ${names} would take ${alone}; together they draw up to ${most}, so ${amount(r.lostW, "W")} stay on the roof${r.clippedKwhPerMonth > 0 ? `: up to ${kwh(r.clippedKwhPerMonth)} in a cloudless midsummer month` : ""}.`;
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
    case "reverseOver":
      return `With nothing drawn, ${amount(r.reverse?.amps ?? 0, "A")} are pushed backwards through ${r.reverse?.panelName ?? ""}, which bears ${given(r.reverse?.fuseA ?? 0, "A")}: it may overheat.`;
    case "costly":
    case "some":
      return `${apart}: ${percent(r.lossPct)} lost, ${where}.`;
    case "little":
      return `${apart}: only ${percent(r.lossPct)} lost, less than leaving a panel out would cost.${backwards(r)}`;
    case "equal":
      return "All rows match: nothing is lost by joining them.";
  }
}

function backwards({ reverse }: Of<"mismatch">): string {
  return reverse === null
    ? ""
    : ` With nothing drawn ${amount(reverse.amps, "A")} flow backwards through ${reverse.panelName}; it bears ${given(reverse.fuseA, "A")}.`;
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
    case "reverseOver":
      return `${of}: with nothing drawn ${amount(r.reverse?.amps ?? 0, "A")} are pushed backwards through ${r.reverse?.panelName ?? ""}, which bears ${given(r.reverse?.fuseA ?? 0, "A")}.`;
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
