import { type Assembly, type Terminal } from "@/core/protection/diagram";
import { type Item, keyOf, type PvString } from "@/core/engine/array";

/** A net as it is told from what is joined to what: panels by their keys, in series from + to −, in parallel in any order. */
export type Told = string | { readonly series: readonly Told[] } | { readonly parallel: readonly Told[] };

/**
 * The net between the two poles of a port, found anew from parts and leads alone: leads join terminals, bars, branches, fuses,
 * switches and cables let through, panels and diodes stand between two points; then what lies in series or side by side is put
 * together until one thing is left. Null where that does not come about.
 */
export function rebuilt({ parts, wires }: Assembly, plus: Terminal, minus: Terminal): Told | null {
  const points = new Map<string, string>();
  const find = (name: string): string => {
    const up = points.get(name) ?? name;
    return up === name ? name : find(up);
  };
  const join = (a: string, b: string) => points.set(find(a), find(b));
  const at = ({ part, at: terminal }: Terminal) => `${part} @ ${terminal}`;
  for (const { from, to } of wires) join(at(from), at(to));
  for (const part of parts) {
    const own = (terminal: string) => `${part.id} @ ${terminal}`;
    if (part.type === "fuse" || part.type === "branch" || part.type === "bar") join(own("in"), own("out"));
    if (part.type === "switch" || (part.type === "cable" && part.pole === "both"))
      for (const pole of ["+", "-"]) join(own(`in${pole}`), own(`out${pole}`));
    if (part.type === "cable" && part.pole !== "both") join(own("in"), own("out"));
  }
  type Edge = { readonly plus: string; readonly minus: string; readonly told: Told };
  let edges: Edge[] = parts.flatMap((part): Edge[] =>
    part.type === "panel"
      ? [{ plus: find(`${part.id} @ +`), minus: find(`${part.id} @ -`), told: part.key }]
      : part.type === "diode"
        ? // current flows from the panels through it to the plus
          [{ plus: find(`${part.id} @ out`), minus: find(`${part.id} @ in`), told: "diode" }]
        : [],
  );
  const ends = [find(at(plus)), find(at(minus))];
  for (let changed = true; changed;) {
    changed = false;
    for (const [k, edge] of edges.entries()) {
      const beside = edges.findIndex((other, n) => n > k && other.plus === edge.plus && other.minus === edge.minus);
      if (beside >= 0) {
        const other = edges[beside] as Edge;
        edges = [
          ...edges.filter((each) => each !== edge && each !== other),
          { ...edge, told: inParallel(edge.told, other.told) },
        ];
        changed = true;
        break;
      }
      const touching = edges.filter((other) => [other.plus, other.minus].includes(edge.minus));
      const [next] = edges.filter((other) => other !== edge && other.plus === edge.minus);
      if (next !== undefined && touching.length === 2 && !ends.includes(edge.minus)) {
        edges = [
          ...edges.filter((each) => each !== edge && each !== next),
          { plus: edge.plus, minus: next.minus, told: inSeries(edge.told, next.told) },
        ];
        changed = true;
        break;
      }
    }
  }
  const between = edges.filter((edge) => edge.plus === ends[0] && edge.minus === ends[1]);
  return between.length === 1 && between[0] !== undefined ? sorted(between[0].told) : null;
}

/** The same of strings as a plan has them. */
export function toldOfStrings(strings: readonly PvString[]): Told | null {
  const string = ({ items, blockingDiode }: PvString): Told | null => {
    const item = (each: Item): Told | null =>
      each.type === "group" ? side(each.strings) : each.bypassed ? null : keyOf(each);
    const told = items.flatMap((each) => item(each) ?? []);
    const [first, ...others] = blockingDiode && told.length > 0 ? ["diode", ...told] : told;
    return first === undefined ? null : others.reduce<Told>(inSeries, first);
  };
  const side = (members: readonly PvString[]): Told | null => {
    const [first, ...others] = members.flatMap((each) => string(each) ?? []);
    return first === undefined ? null : others.reduce<Told>(inParallel, first);
  };
  const told = side(strings);
  return told === null ? null : sorted(told);
}

function inSeries(a: Told, b: Told): Told {
  const members = (told: Told) => (typeof told === "object" && "series" in told ? told.series : [told]);
  return { series: [...members(a), ...members(b)] };
}
function inParallel(a: Told, b: Told): Told {
  const members = (told: Told) => (typeof told === "object" && "parallel" in told ? told.parallel : [told]);
  return { parallel: [...members(a), ...members(b)] };
}
function sorted(told: Told): Told {
  if (typeof told === "string") return told;
  if ("series" in told) return { series: told.series.map(sorted) };
  return { parallel: told.parallel.map(sorted).sort((a, b) => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1)) };
}
