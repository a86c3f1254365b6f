import { type TileStates } from "@/core/assessment";
import { type Item, keyOf, type PvString } from "@/core/engine/array";

/** Volts over a part of a string and amps through it, from what its panels do. */
export type Flow = { readonly v: number; readonly i: number };

/** A panel taken out is a plain lead; "unknown" while a panel has not been judged yet. */
type PartFlow = Flow | "lead" | "unknown";

function flowOfItem(item: Item, states: TileStates): PartFlow {
  if (item.type === "panel") return item.bypassed ? "lead" : (states[keyOf(item)] ?? "unknown");
  return flowOfStrings(item.strings, states) ?? "lead";
}

/** Strings side by side: volts are shared, amps add. Null when none of them is in use or one is not known. */
export function flowOfStrings(strings: readonly PvString[], states: TileStates): Flow | null {
  const flows = strings.map((string) => runningFlow(string, states)?.at(-1) ?? null).filter((flow) => flow !== null);
  const [first] = flows;
  return first === undefined ? null : { v: first.v, i: flows.reduce((sum, flow) => sum + flow.i, 0) };
}

/** What a string has added up to after each of its items, from + on; null while something in it is not known. */
export function runningFlow(string: PvString, states: TileStates | null): (Flow | null)[] | null {
  if (states === null) return null;
  const sums: (Flow | null)[] = [];
  for (const item of string.items) {
    const flow = flowOfItem(item, states);
    if (flow === "unknown") return null;
    const before = sums.at(-1) ?? null;
    sums.push(flow === "lead" ? before : { v: (before?.v ?? 0) + flow.v, i: before?.i ?? flow.i });
  }
  return sums;
}
