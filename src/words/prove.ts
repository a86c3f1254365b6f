import { type CauseId, type ReadPlace, type ReadQuantity, type ReadSky } from "@/core/measured";
import { pieceName, type Plan } from "@/core/plan";
import {
  type Band,
  type Conversion,
  type JudgedCause,
  type LightGuess,
  type Outcome,
  type SideBySide,
} from "@/core/prove";
import { type Unit, type UnitSystem } from "@/core/units";
import { keyOf } from "@/core/wiring";
import { amount, given, percent } from "./format";

/** Proving an array in words: where and what is read, how the meter is set, what came of it, what may be wrong. */

export const quantityUnits: Readonly<Record<ReadQuantity, Unit>> = {
  openV: "V",
  shortA: "A",
  runV: "V",
  runA: "A",
  displayW: "W",
  batterySoc: "%",
};

export const quantityWords: Readonly<Record<ReadQuantity, string>> = {
  openV: "open volts",
  shortA: "shorted amps",
  runV: "running volts",
  runA: "running amps",
  displayW: "watts on the display",
  batterySoc: "charge of the battery",
};

export function readAmount(value: number, quantity: ReadQuantity): string {
  return quantity === "batterySoc" ? `${value.toFixed(0)}\u00a0%` : amount(value, quantityUnits[quantity]);
}

/** Where a reading is taken, as a name: "Roof 2", "Row 1", "All joined", "At the input". */
export function readPlaceName(plan: Pick<Plan, "panels">, place: ReadPlace): string {
  switch (place.type) {
    case "panel":
      return pieceName(plan, keyOf(place));
    case "row":
      return `Row ${place.n}`;
    case "array":
      return "All joined";
    case "input":
      return "At the input";
  }
}

type How = { readonly set: string; readonly touch: string; readonly never: string };

/** How the meter is set for a reading, where it touches, and what not to do. */
export function howToRead(place: ReadPlace, quantity: ReadQuantity, band: Band | null): How {
  const where =
    place.type === "panel"
      ? "its own plugs, nothing else joined to it"
      : place.type === "row"
        ? "the two ends of the row, before it is joined to anything"
        : "the two ends of all that is joined, the input still unplugged";
  switch (quantity) {
    case "openV":
      return {
        set: `Dial on V with a straight line (DC), the range next over ${Math.ceil((band?.high ?? 50) / 10) * 10}\u00a0V. Red lead in V, black in COM.`,
        touch: `Red on plus, black on minus: ${where}. A minus sign means reversed.`,
        never: "Do not touch bare metal. Do not part a plug that carries current: its arc does not go out.",
      };
    case "shortA":
      return {
        set: "Dial on A with a straight line (DC), 10 A. Red lead in the socket marked 10 A, and put it back in V afterwards.",
        touch: `Hold the leads on plus and minus: ${where}. Set first, touch then; not longer than ten seconds.`,
        never:
          "Never across a battery, and never where more than the meter bears may flow. Cover the panel before you let go, or take a lead off at the plug.",
      };
    case "runV":
      return {
        set: "Inline meter between the array and the input, or the dial on V DC at the input’s terminals.",
        touch: "Battery first, then the array plugged in. Wait half a minute: the tracker is looking for its place.",
        never: "Nothing is unplugged while it runs.",
      };
    case "runA":
      return {
        set: "Inline meter, or a clamp for DC round one lead, set to zero first.",
        touch: "The same moment as the volts, as near as can be.",
        never: "Do not open the line to put a meter in: only an inline meter that was there before.",
      };
    case "displayW":
      return {
        set: "The input’s own display.",
        touch: "Watts it says it takes, next to the inline meter’s.",
        never: "Stand aside: your own shadow is a fault.",
      };
    case "batterySoc":
      return {
        set: "The input’s or the battery’s display.",
        touch: "How full it is. From 85 % on it takes less and less, and low watts are no fault.",
        never: "Lithium cells are not charged below freezing.",
      };
  }
}

/** What a reading says by itself, in a sentence. */
export function outcomeSentence(
  outcome: Outcome,
  name: string,
  quantity: ReadQuantity,
  value: number,
  band: Band | null,
): string {
  const is = `${name}: ${readAmount(value, quantity)}`;
  const due = band === null ? "" : ` ${readAmount(band.low, quantity)} to ${readAmount(band.high, quantity)} was due.`;
  switch (outcome.type) {
    case "fine":
      return `${is}, as it should be.${due}`;
    case "low":
      return `${is}, less than it should be.${due}`;
    case "high":
      return `${is}, more than it should be.${due}`;
    case "minus":
      return `${is}: a minus sign. Red on plus? Then its plugs are the wrong way round. Do not join it to anything.`;
    case "nothing":
      return quantity === "shortA"
        ? `${is}. Is the red lead in the 10 A socket, and the meter’s own fuse whole? If so, something is open: a plug, a fuse, a lead.`
        : `${is}. Is the dial on DC, the straight line, and not on the wave of AC? If so, something is open: a plug, a fuse, a lead.${due}`;
    case "thousandfold":
      return `${is}: a thousand times too much. The meter showed milli: read it again in whole ${quantityUnits[quantity]}.${due}`;
    case "thousandth":
      return `${is}: a thousand times too little. Is the dial on a range for thousands? Read it again.${due}`;
    case "likeBattery":
      return `${is}: steady volts like a battery’s. A regulator sits in this panel’s lead, or a battery is joined to it.${due}`;
    case "overCeiling":
      return outcome.coldV > Math.abs(value) * 1.005
        ? `${is} now, which is ${amount(outcome.coldV, "V")} on the coldest dawn: over the ${given(outcome.ceilingV, "V")} the input bears. Do not plug it in.`
        : `${is}: over the ${given(outcome.ceilingV, "V")} the input bears. Do not plug it in.`;
  }
}

type CauseWords = { readonly name: string; readonly todo: string };

const causes: Readonly<Record<CauseId | "turnedPlug", CauseWords>> = {
  fine: { name: "Nothing wrong", todo: "It does what it should, as far as labels, meters and the sky allow to tell." },
  reversed: {
    name: "Plugs the wrong way round",
    todo: "Plus and minus are swapped at its plugs. Turn the plug’s halves, or change the leads, before anything is joined.",
  },
  turnedPlug: {
    name: "A plug turned between them",
    todo: "Each panel is right, and the joined end reads minus: look at the plug or adapter that can be put together two ways.",
  },
  openCircuit: {
    name: "Open somewhere",
    todo: "Pull at each plug of it, look for a pin pushed back, a blown fuse, a broken lead.",
  },
  bypassedSubstring: {
    name: "A part of it is bypassed",
    todo: "A third or a half of its volts is missing with the amps right: a diode in its box, a cracked cell, or hard shade on a part.",
  },
  dirty: { name: "Dirt", todo: "Wash it, when it is cool, and read again." },
  shaded: {
    name: "Shade on a part",
    todo: "Look for what stands between it and the sun: a mast, a fan, a rope, a leaf.",
  },
  weakSun: {
    name: "Weak sun",
    todo: "Nothing is wrong: there is too little light to prove much. Come back when it is brighter.",
  },
  wrongPanel: {
    name: "Another panel than meant",
    todo: "Its volts and amps are another panel’s. Read its label again.",
  },
  seriesForParallel: {
    name: "Rows in series that were meant side by side",
    todo: "The volts of all rows add up. Take it apart before it is plugged in.",
  },
  parallelForSeries: {
    name: "Side by side where a row was meant",
    todo: "Amps of all with the volts of one: join plus to minus from panel to panel.",
  },
  stringMissing: {
    name: "A row is not there",
    todo: "Its plug, its fuse, its branch plug: it gives nothing to the others.",
  },
  regulated: {
    name: "A panel with a regulator",
    todo: "It holds battery volts. Take the regulator out of its lead, or keep it off a controller.",
  },
  clipped: { name: "Held down by the input", todo: "No fault: the input takes no more amps or watts than this." },
  tapering: {
    name: "The battery is nearly full",
    todo: "No fault: it takes less and less. A load brings the watts back.",
  },
  asleep: { name: "Too few volts to wake the input", todo: "More in series, or another input." },
  overVoltage: {
    name: "Shut out: too many volts",
    todo: "Unplug it at the switch. Fewer in series, or another input.",
  },
  looseJoint: {
    name: "A bad joint",
    todo: "Volts are lost under load: feel for a warm plug, look for green or black contacts, tighten, crimp anew.",
  },
  ownShadow: {
    name: "Somebody’s shadow",
    todo: "It was only dim while it was read alone. Stand aside and read it again.",
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

export const cloudNames: Readonly<Record<NonNullable<ReadSky["cloud"]>, string>> = {
  clear: "clear",
  haze: "thin haze",
  broken: "broken cloud",
  overcast: "overcast",
};

/** By what the light is known, and how well. */
export function lightSentence({ low, due, high, by }: LightGuess): string {
  const range = `${amount(low, "W/m²")} to ${amount(high, "W/m²")}`;
  switch (by) {
    case "meter":
      return `${amount(due, "W/m²")} by your light meter (${range}).`;
    case "amps":
      return `${amount(due, "W/m²")} by the array’s own shorted amps (${range}).`;
    case "cloud":
      return `About ${amount(due, "W/m²")} by the sun’s place and the word for the clouds (${range}).`;
    case "nothing":
      return `Somewhere from ${range}: say how the sky is, and it is known better.`;
  }
}

export function conversionSentence({ inW, outW, sharePct, usualPct, says }: Conversion): string {
  const is = `${amount(inW, "W")} go in, the display shows ${amount(outW, "W")}: ${percent(sharePct)}`;
  switch (says) {
    case "usual":
      return `${is}. ${usualPct[0]} to ${usualPct[1]} % is usual, within what meters may be off.`;
    case "low":
      return `${is}, less than the ${usualPct[0]} to ${usualPct[1]} % that is usual. Is the display’s watt figure what goes into the battery while a load runs?`;
    case "over":
      return `${is}: more than goes in. The two were not read in the same moment, or the display counts another source.`;
  }
}

/** Two panels under one sky. */
export function sideBySideSentence(
  { quantity, lowerPct, allowedPct, lower, says }: SideBySide,
  first: string,
  second: string,
): string {
  const name = lower === "second" ? second : first;
  const what = quantityWords[quantity];
  switch (says) {
    case "alike":
      return `Alike in ${what}: ${percent(Math.abs(lowerPct))} apart, within the ${percent(allowedPct)} that labels and meters may be off.`;
    case "substring":
      return `${name} lacks ${percent(Math.abs(lowerPct))} of its ${what}: as much as a part of a panel. A bypassed part, or hard shade on it.`;
    case "volts":
      return `${name} lacks ${percent(Math.abs(lowerPct))} of its ${what}, more than the ${percent(allowedPct)} that labels and meters may be off. Is it warmer, or another panel?`;
    case "light":
      return `${name} lacks ${percent(Math.abs(lowerPct))} of its ${what}, more than the ${percent(allowedPct)} that labels and meters may be off: dirt, shade, your own shadow, or it looks another way.`;
  }
}

export const proveCautions: readonly string[] = [
  "Panels are live whenever there is light. Battery first, panels last; off again the other way round.",
  "Never part a plug under load: a DC arc does not go out. Switch off, or cover the panels, first.",
  "Above 60 V DC, or 30 V where it is wet, it is a shock hazard: one hand, dry gloves, nobody alone.",
  "A meter’s 10 A socket is a short circuit: never across a battery, and back into V afterwards.",
];

export function readTime(atUtc: string, system: UnitSystem): string {
  const at = new Date(atUtc);
  return at.toLocaleString(system === "us" ? "en-US" : "en-GB", { dateStyle: "medium", timeStyle: "short" });
}

/** What the log sent one here with. */
export function suspicionSentence({ lossPct, since }: { readonly lossPct: number; readonly since: string }): string {
  return `The log says: ${percent(lossPct)} less than due since ${since}. What may be wrong is weighed with it, and the walk begins where it tells most.`;
}
