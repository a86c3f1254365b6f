import { keyOf, type PortArray, type PvString, stringsOfPortArrays, tilesOf } from "../engine/array";
import { type Plan } from "./plan";
import { type DanglingReference, duplicateId } from "./section";
import { type End, type Cable, type ProtectiveDevice, type Copper } from "./schemas/cabling";

/** A cable of which only its ends are known. */
export function plainRun(runId: string, runName: string, from: End, to: End): Cable {
  return {
    id: runId,
    name: runName,
    from,
    to,
    lengthMm: null,
    wayId: null,
    where: null,
    how: null,
    circuits: null,
    terminalC: null,
    portable: null,
    size: null,
  };
}

export function sameEnd(a: End, b: End): boolean {
  return endKey(a) === endKey(b);
}

export function endKey(end: End): string {
  switch (end.type) {
    case "piece":
      return `piece ${keyOf(end)}`;
    case "string":
      return `string ${end.stringId}`;
    case "junction":
    case "isolator":
    case "port":
    case "frames":
      return `${end.type} ${end.inputId}/${end.portId}`;
    case "output":
    case "bank":
    case "earth":
      return `${end.type} ${end.inputId}`;
    case "battery":
      return `battery ${end.batteryId}`;
    case "point":
      return `point ${end.name}`;
  }
}

/** What a cable is kept by: the ends it lies between. */
export function runKey({ from, to }: { readonly from: End; readonly to: End }): string {
  return `${endKey(from)} > ${endKey(to)}`;
}

/** The fuse or breaker that sits somewhere; null: none is chosen. */
export function fuseAt(guards: readonly ProtectiveDevice[], end: End): ProtectiveDevice | null {
  return guards.find(({ kind, at }) => kind !== "isolator" && sameEnd(at, end)) ?? null;
}

/** The switch that sits somewhere; null: none is chosen. */
export function switchAt(guards: readonly ProtectiveDevice[], end: End): ProtectiveDevice | null {
  return guards.find(({ kind, at }) => kind === "isolator" && sameEnd(at, end)) ?? null;
}

/** A list with a thing put in the place of the one that sits where it does, or at its end. */
export function withRun(runs: readonly Cable[], run: Cable): Cable[] {
  const at = runs.findIndex((other) => sameEnd(other.from, run.from) && sameEnd(other.to, run.to));
  return at < 0 ? [...runs, run] : runs.map((other, k) => (k === at ? { ...run, id: other.id } : other));
}

export function withGuard(guards: readonly ProtectiveDevice[], guard: ProtectiveDevice): ProtectiveDevice[] {
  const isAt = (other: ProtectiveDevice) =>
    sameEnd(other.at, guard.at) && (other.kind === "isolator") === (guard.kind === "isolator");
  return guards.some(isAt)
    ? guards.map((other) => (isAt(other) ? { ...guard, id: other.id } : other))
    : [...guards, guard];
}

/** What names something that is not there any more goes with it; a cable keeps its place without its way. */
export function pruneCables<C extends Copper & { readonly portArrays: readonly PortArray[] }>(
  plan: Plan,
  wiring: C,
): C {
  const isThere = thereIn(plan, wiring.portArrays);
  const ways = new Set(plan.space.ways.map((way) => way.id));
  const lost = ({ wayId }: Cable) => wayId !== null && !ways.has(wayId);
  const runs = wiring.runs.filter(({ from, to }) => isThere(from) && isThere(to));
  const guards = wiring.guards.filter(({ at }) => isThere(at));
  if (runs.length === wiring.runs.length && guards.length === wiring.guards.length && !runs.some(lost)) return wiring;
  return { ...wiring, runs: runs.map((run) => (lost(run) ? { ...run, wayId: null } : run)), guards };
}

function thereIn(plan: Plan, portArrays: readonly PortArray[]): (end: End) => boolean {
  const strings = new Set(stringsOfPortArrays(portArrays).map((string: PvString) => string.id));
  const keys = new Set(tilesOf(portArrays).map(keyOf));
  const inputOf = (inputId: string) => plan.inputs.find((input) => input.id === inputId);
  return (end) => {
    switch (end.type) {
      case "string":
        return strings.has(end.stringId);
      case "piece":
        return keys.has(keyOf(end));
      case "junction":
      case "isolator":
      case "port":
      case "frames":
        return inputOf(end.inputId)?.device.ports.some((port) => port.id === end.portId) === true;
      case "output":
      case "bank":
      case "earth":
        return inputOf(end.inputId) !== undefined;
      case "battery":
        return plan.need.batteries.some((battery) => battery.id === end.batteryId);
      case "point":
        return true;
    }
  };
}

export function looseCopper(
  plan: Plan,
  { portArrays, runs, guards }: Copper & { readonly portArrays: readonly PortArray[] },
): DanglingReference | null {
  const twice = duplicateId("runs", runs) ?? duplicateId("guards", guards);
  if (twice !== null) return twice;
  const isThere = thereIn(plan, portArrays);
  const ways = new Set(plan.space.ways.map((way) => way.id));
  for (const [k, run] of runs.entries()) {
    for (const side of ["from", "to"] as const)
      if (!isThere(run[side])) return { path: `runs.${k}.${side}`, problem: "names nothing that is in this plan" };
    if (run.wayId !== null && !ways.has(run.wayId))
      return { path: `runs.${k}.wayId`, problem: `no cable way "${run.wayId}" in this plan` };
  }
  for (const [k, { at }] of guards.entries())
    if (!isThere(at)) return { path: `guards.${k}.at`, problem: "names nothing that is in this plan" };
  return null;
}

/** All wirings of a plan without what names nothing any more. */
export function withPrunedCables(plan: Plan): Plan {
  const wirings = plan.wirings.map((wiring) => pruneCables(plan, wiring));
  return wirings.every((wiring, k) => wiring === plan.wirings[k]) ? plan : { ...plan, wirings };
}
