import { type ReadPlace, type ReadQuantity, type ReadSky } from "@/core/measurements";
import { pieceName, type Plan } from "@/core/plan";
import {
  type Band,
  type Bar,
  type Conversion,
  type LightGuess,
  type Outcome,
  type SideBySide,
} from "@/core/commissioning";
import { type Unit, type UnitSystem } from "@/core/engine/units";
import { keyOf } from "@/core/engine/array";
import { amount, given, percent } from "../format";

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
  openV: "open-circuit voltage",
  shortA: "short-circuit current",
  runV: "operating voltage",
  runA: "operating current",
  displayW: "watts on the display",
  batterySoc: "state of charge",
};

export function readAmount(value: number, quantity: ReadQuantity): string {
  return quantity === "batterySoc" ? `${value.toFixed(0)}\u00a0%` : amount(value, quantityUnits[quantity]);
}

/** Where a reading is taken, as a name: "Roof 2", "String 1", "Whole array", "At the PV input". */
export function readPlaceName(plan: Pick<Plan, "panels">, place: ReadPlace): string {
  switch (place.type) {
    case "panel":
      return pieceName(plan, keyOf(place));
    case "string":
      return `String ${place.n}`;
    case "array":
      return "Whole array";
    case "input":
      return "At the PV input";
  }
}

export type How = { readonly set: string; readonly touch: string; readonly never: string };

/** How the meter is set for a reading, where it touches, and what not to do. */
export function howToRead(place: ReadPlace, quantity: ReadQuantity, band: Band | null): How {
  const where =
    place.type === "panel"
      ? "at its own connectors, with nothing else connected"
      : place.type === "string"
        ? "at the two ends of the string, with nothing else connected"
        : "at the two ends of the whole array, the PV input still unplugged";
  switch (quantity) {
    case "openV":
      return {
        set: `Dial on V with a straight line (DC), a range above ${Math.ceil((band?.high ?? 50) / 10) * 10}\u00a0V. Red probe in V, black in COM. No probe in the A socket.`,
        touch: `Red probe on +, black on −: ${where}. A minus sign means reversed polarity.`,
        never: "Do not touch bare metal. Never disconnect a connector while current flows: its arc does not go out.",
      };
    case "shortA":
      return {
        set: "Dial on A with a straight line (DC), 10 A. Red probe in the socket marked 10 A. Move it back to V straight afterwards.",
        touch: `Set the dial first. Then hold the meter’s probes on + and −: ${where}. 10 seconds at most.`,
        never:
          "Never across a battery, and never where Isc could exceed the meter’s fuse rating. To finish: cover the panel, see the reading fall to nearly 0 A, then lift the probes. Do not pull a connector apart to stop the current.",
      };
    case "runV":
      return {
        set: "An inline meter that is already fitted, or the dial on V DC at the input’s terminals.",
        touch: "Battery first, then the array. Wait half a minute: the controller is looking for its operating point.",
        never: "Unplug nothing while it runs.",
      };
    case "runA":
      return {
        set: "An inline meter that is already fitted, or a DC clamp round one cable, set to zero first.",
        touch: "At the same moment as the voltage, as near as can be.",
        never:
          "Do not break the circuit to insert a meter. Use only an inline meter that is already fitted, or a DC clamp.",
      };
    case "displayW":
      return {
        set: "The controller’s own display.",
        touch: "The watts on its display, compared with the inline meter.",
        never: "Stand aside: your own shadow is a fault.",
      };
    case "batterySoc":
      return {
        set: "The controller’s or the battery’s display.",
        touch: "Its state of charge. From 85 % on it accepts less and less, and low watts are no fault.",
        never: "Lithium cells are never charged below 0 °C.",
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
  const due =
    band === null ? "" : ` ${readAmount(band.low, quantity)} to ${readAmount(band.high, quantity)} was expected.`;
  switch (outcome.type) {
    case "fine":
      return `${is}, as expected.${due}`;
    case "low":
      return `${is}, less than expected.${due}`;
    case "high":
      return `${is}, more than expected.${due}`;
    case "minus":
      return `${is}: a minus sign. Is the red probe on +? Then polarity is reversed. Join it to nothing, and read it again once it is put right.`;
    case "nothing":
      return quantity === "shortA"
        ? `${is}. Is the red probe in the 10 A socket, and the meter’s own fuse whole? If so, something is open: a connector, a fuse, a cable.${due}`
        : `${is}. Is the dial on DC (straight line), not on AC (wave)? If so, something is open: a connector, a fuse, a cable.${due}`;
    case "thousandfold":
      return `${is}: a thousand times too much. Did the meter show milli? Read it again in whole ${quantityUnits[quantity]}.${due}`;
    case "thousandth":
      return `${is}: a thousand times too little. Is the dial on a range for thousands? Read it again.${due}`;
    case "likeBattery":
      return `${is}: like a battery’s. A regulator in this panel’s lead, a battery connected to it, cell groups missing or in shade, or another panel. Read it again with nobody near, then its short-circuit current.${due}`;
    case "overCeiling":
      return `${is}${onColdestDawn(outcome.bar)}: above this input’s max PV voltage of ${given(outcome.ceilingV, "V")}. Do not plug in.`;
  }
}

/** A reading that bars, as far as its sentence goes. */
type ToldBar = Pick<Bar, "why" | "value" | "coldV" | "coldKind">;

/** The volts that were judged, where they are others than those read. */
function onColdestDawn({ value, coldV, coldKind }: Pick<ToldBar, "value" | "coldV" | "coldKind">): string {
  if (coldKind === "running") return ` now, ${amount(coldV, "V")} running on the coldest dawn`;
  return Math.abs(coldV) > Math.abs(value) * 1.005 ? ` now, ${amount(coldV, "V")} on the coldest dawn` : "";
}

/** Why nothing may be plugged in yet. */
export function barSentence(bar: ToldBar, name: string, quantity: ReadQuantity, maxV: number | null): string {
  const is = `${name}, ${quantityWords[quantity]} ${readAmount(bar.value, quantity)}`;
  switch (bar.why) {
    case "overVoltage":
      return `Do not plug in. ${is}${onColdestDawn(bar)}: above the max PV voltage of ${given(maxV ?? 0, "V")}. It can destroy the controller.`;
    case "reversed":
      return `Do not plug in. ${is}: reversed polarity until it is read again without a minus sign.`;
    case "open":
      return `Do not plug in yet. ${is}: the array is open somewhere. Find the open connector, fuse or cable, then read it again.`;
    case "outOfBand":
      return `Do not plug in yet. ${is}: far above what this array can give. Read it again: a slip, or another array than planned.`;
  }
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
  if (by !== "meter" && high < 1) return "The sun is down. Come back in daylight.";
  switch (by) {
    case "meter":
      return `${amount(due, "W/m²")} from your light meter (${range}).`;
    case "amps":
      return `${amount(due, "W/m²")} from the array’s own short-circuit current (${range}).`;
    case "cloud":
      return `About ${amount(due, "W/m²")} from the position of the sun and the sky you chose (${range}).`;
    case "nothing":
      return `${range}: choose the sky for a closer value.`;
  }
}

export function conversionSentence({ inW, outW, sharePct, defaultPct, says }: Conversion): string {
  const is = `${amount(inW, "W")} from the array, the display shows ${amount(outW, "W")}: ${percent(sharePct)}`;
  switch (says) {
    case "usual":
      return `${is}. ${defaultPct[0]} to ${defaultPct[1]} % is normal, within meter accuracy.`;
    case "low":
      return `${is}, less than the normal ${defaultPct[0]} to ${defaultPct[1]} %. Does the display show the power into the battery while a load runs?`;
    case "over":
      return `${is}: more than comes from the array. The two were not read at the same moment, or the display includes another source.`;
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
      return `Alike: ${what} ${percent(Math.abs(lowerPct))} apart, within the ${percent(allowedPct)} accuracy of labels and meters.`;
    case "substring":
      return `${name}: ${what} is ${percent(Math.abs(lowerPct))} too low: as much as one cell group. A bypassed cell group, or hard shade on it.`;
    case "volts":
      return `${name}: ${what} is ${percent(Math.abs(lowerPct))} too low, more than the ${percent(allowedPct)} accuracy of labels and meters. Is it warmer, or another panel?`;
    case "light":
      return `${name}: ${what} is ${percent(Math.abs(lowerPct))} too low, more than the ${percent(allowedPct)} accuracy of labels and meters: dirt, shade, your own shadow, or another direction.`;
  }
}

export const proveCautions: readonly string[] = [
  "Panels are live whenever there is light. To connect: battery first, then panels. To disconnect: panels first, then battery.",
  "Never disconnect a connector while current flows: a DC arc does not go out. Switch off, or cover the panels, first.",
  "Above 60 V DC, or 30 V where it is wet, it is a shock hazard: use one hand and dry gloves, and do not work alone.",
  "With the red probe in the 10 A socket the meter is a dead short. Never touch it to a battery. Move the probe back to V straight afterwards.",
];

export function readTime(atUtc: string, system: UnitSystem): string {
  const at = new Date(atUtc);
  return at.toLocaleString(system === "us" ? "en-US" : "en-GB", { dateStyle: "medium", timeStyle: "short" });
}

/** What the log sent one here with. */
export function suspicionSentence({ lossPct, since }: { readonly lossPct: number; readonly since: string }): string {
  return `The log says: ${percent(lossPct)} less than expected since ${since}. Likely causes take that into account, and the test begins with the most useful reading.`;
}
