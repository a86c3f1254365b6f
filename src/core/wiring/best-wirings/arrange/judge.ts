import { copperIn, portArrayOf, type SolvableWiring } from "@/core/plan-model";
import { judgeAll, type FindingWithoutFixes } from "@/core/assessment";
import { keyOf, type PortArray, stringOf, type PanelRef, tilesOfStrings } from "@/core/engine/array";
import { type NetMix } from "../exact";
import { type OpenPort, type Problem } from "./problem";

/** A net before a port of the plan. */
export type Placing = { readonly port: OpenPort; readonly net: NetMix };

/** Nets with panels of the plan in them: those that stand before the same port now stay there. */
export function portArraysOf(
  { classes, wiring }: Pick<Problem, "classes" | "wiring">,
  placings: readonly Placing[],
): PortArray[] {
  const stands = new Map<string, string>();
  for (const { inputId, portId, strings } of wiring.portArrays)
    for (const tile of tilesOfStrings(strings)) stands.set(keyOf(tile), `${inputId}/${portId}`);
  const left = classes.map(({ tiles }) => [...tiles]);
  return placings.map(({ port: { inputId, port }, net }) => {
    const here = `${inputId}/${port.id}`;
    const placeOf = (tile: PanelRef) => {
      const stood = stands.get(keyOf(tile));
      return stood === here ? 0 : stood === undefined ? 1 : 2;
    };
    const strings = net.map((string) =>
      stringOf(
        string.flatMap((n, kind) => {
          const free = left[kind] ?? [];
          // sorting is stable: of panels that stand alike the first of the plan come first
          const taken = [...free].sort((a, b) => placeOf(a) - placeOf(b)).slice(0, n);
          left[kind] = free.filter((tile) => !taken.includes(tile));
          return taken;
        }),
      ),
    );
    return { inputId, portId: port.id, strings };
  });
}

/** Every rule of some port arrays of the problem's plan, in all positions. How panels lie on the roof is the same whatever joins them, and is left out. */
export function judged(
  { ask: { plan }, wiring, common, positions, memory }: Problem,
  portArrays: readonly PortArray[],
): FindingWithoutFixes[] {
  const bare = { ...plan, space: { ...plan.space, surfaces: [] } };
  const copper = copperIn(plan, wiring.id, positions[0]?.id ?? "");
  const positioned = positions.map(({ position }) =>
    portArrays.flatMap((portArray) => portArrayOf(bare, common, portArray, position, copper(portArray)) ?? []),
  );
  const ready: SolvableWiring = {
    plan: bare,
    wiringId: "",
    wired: portArrays,
    positions,
    common,
    copperOf: copper,
    portArrays: positioned[0] ?? [],
    positioned,
    missing: [],
    memory,
  };
  return judgeAll(ready);
}

export function hasStop(findings: readonly Pick<FindingWithoutFixes, "level">[]): boolean {
  return findings.some(({ level }) => level === "stop");
}
