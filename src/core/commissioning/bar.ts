import { fullSunWm2 } from "../engine/numeric";
import { type InputWindow } from "../engine/pv-input";
import { type Place } from "./reading";
import { leavesOf, lightOf, type ProveSky, type ProveTree, stringsOf } from "./tree";
import { expected, type Expected, type ExpectedAll } from "./expect";

/** What bars an array from being plugged in. */
export type BarReason = "overVoltage" | "reversed" | "open" | "outOfBand";

/** A reading that bars, and why. */
export type Bar = {
  readonly why: BarReason;
  readonly at: Place;
  readonly quantity: BarredQuantity;
  /** As read; volts also as they will be on the coldest dawn, of the kind that the input's maximum is meant of. */ readonly value: number;
  readonly coldV: number;
  readonly coldKind: "open" | "running";
};
type BarredQuantity = "openV" | "shortA" | "runV" | "runA";

/** The last reading of a place and quantity. */
export type LastReading = { readonly at: Place; readonly quantity: BarredQuantity; readonly value: number };

/** Under this share of what is expected, in light enough to expect something, it is nothing. */
const nothingShare = 0.01;
export const minLightWm2 = 200;
/** From here on a reading is a slip of the point, or another array: until it is read again nothing is plugged in, whichever it is. */
const farOver = 1.5;

/**
 * Why nothing may be plugged in, worst first; empty: nothing bars. What would be joined to the input is the array, each string, and a panel
 * that is all of its string; its open-circuit volts count as read and as they rise to the record low, and so do a panel's own. A minus sign
 * anywhere counts until that reading is taken again, and so do 0 V and 0 A of the array in light.
 * `due`: what a right array shows; `recordLowC` null: only now counts. `ruleRise`: how far the rules have a place's volts rise until then, null:
 * they do not say; the more of it and of the label's coefficient counts.
 */
export function barsOf(
  tree: ProveTree,
  window: Pick<InputWindow, "maxV" | "ceilingOnVoc"> | null,
  readings: readonly LastReading[],
  sky: ProveSky,
  due: ExpectedAll,
  recordLowC: number | null,
  ruleRise: (at: Place) => number | null = () => null,
): readonly Bar[] {
  const strings = stringsOf(tree);
  const isLit = sky.irradianceWm2 >= minLightWm2;
  const bars = readings.flatMap((reading): Bar[] => {
    const { at, quantity, value } = reading;
    const part = partAt(tree, at);
    const byRunning = window?.ceilingOnVoc === false;
    const rises = quantity === "openV" || (quantity === "runV" && byRunning);
    const rise = rises ? Math.max(1, recordLowC === null ? 1 : coldRise(part, sky, recordLowC), ruleRise(at) ?? 1) : 1;
    const coldV = value * rise * (quantity === "openV" && byRunning ? runningShare(part, recordLowC) : 1);
    const bar = (why: BarReason): Bar => ({
      why,
      at,
      quantity,
      value,
      coldV,
      coldKind: byRunning ? "running" : "open",
    });
    const found: Bar[] = [];
    if ((quantity === "openV" || quantity === "runV") && window !== null && Math.abs(coldV) > window.maxV)
      found.push(bar("overVoltage"));
    if (value < 0) found.push(bar("reversed"));
    const is = dueAt(due, at, tree, quantity);
    if (isWhole(at, strings.length, tree) && quantity !== "runV" && quantity !== "runA" && isLit && is !== null)
      if (Math.abs(value) < nothingShare * is) found.push(bar("open"));
    if (quantity === "openV" && is !== null && value > farOver * is) found.push(bar("outOfBand"));
    return found;
  });
  return bars.sort((a, b) => order.indexOf(a.why) - order.indexOf(b.why));
}
const order: readonly BarReason[] = ["overVoltage", "reversed", "open", "outOfBand"];

/** Whether a place is all that would be joined to the input. */
function isWhole(at: Place, strings: number, tree: ProveTree): boolean {
  if (at.type === "array") return true;
  if (strings > 1) return false;
  return at.type === "string" || (at.type === "panel" && leavesOf(tree).length === 1);
}

function partAt(tree: ProveTree, at: Place): ProveTree {
  switch (at.type) {
    case "panel":
      return leavesOf(tree).find(({ id }) => id === at.id) ?? tree;
    case "string":
      return stringsOf(tree)[at.n - 1] ?? tree;
    case "array":
    case "input":
      return tree;
  }
}

/** By how much open-circuit volts read under a sky rise until the cells are at the record low: the most of its panels. */
function coldRise(part: ProveTree, sky: ProveSky, recordLowC: number): number {
  const rises = leavesOf(part).map((leaf) => {
    const perK = (leaf.vocPctPerC ?? defaultVocPctPerC) / 100;
    return (1 + perK * (recordLowC - 25)) / (1 + perK * (lightOf(leaf, sky).cellTempC - 25));
  });
  return Math.max(...rises);
}
const defaultVocPctPerC = -0.29;

/** How much of its open-circuit volts a part has while it runs in full sun at the record low: by its curve, or as many volts more as open if that is more. */
function runningShare(part: ProveTree, recordLowC: number | null): number {
  const under = (airTempC: number): ProveSky => ({ irradianceWm2: fullSunWm2, airTempC, rossK: 0 });
  const cold = expected(part, under(recordLowC ?? labelC)).array;
  const { vocV, mpp } = expected(part, under(labelC)).array;
  const gainV = recordLowC === null ? 0 : vocV * (coldRise(part, under(labelC), recordLowC) - 1);
  return Math.max(cold.mpp.v / cold.vocV, (mpp.v + gainV) / (vocV + gainV));
}
const labelC = 25;

function dueAt(due: ExpectedAll, at: Place, tree: ProveTree, quantity: BarredQuantity): number | null {
  const of = (part: Pick<Expected, "vocV" | "iscA"> | undefined) =>
    part === undefined ? null : quantity === "openV" ? part.vocV : quantity === "shortA" ? part.iscA : null;
  switch (at.type) {
    case "panel":
      return of(due.panels.find(({ id }) => id === at.id));
    case "string":
      return of(due.strings[at.n - 1]);
    case "array":
      return of(stringsOf(tree).length === 1 ? due.strings[0] : due.array);
    case "input":
      return null;
  }
}

/** Whether what would be plugged in was read with nothing joined, so that running readings may follow. */
export function isJoinedRead(tree: ProveTree, readings: readonly LastReading[]): boolean {
  const strings = stringsOf(tree).length;
  return readings.some(({ at, quantity }) => quantity === "openV" && isWhole(at, strings, tree));
}
