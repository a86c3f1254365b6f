import {
  countsOf,
  depthOf,
  keyOf,
  type PortArray,
  mapPortArrays,
  maxDepth,
  nameStrings,
  stringsOfPortArrays,
  type PanelKey,
  tilesOf,
} from "../../engine/array";
import { pruneCables, looseCopper, withGuard, withRun } from "../cabling";
import { type ProtectiveDevice, type Cable } from "../schemas/cabling";
import { type Plan } from "../plan";
import { fillPortArray, type Filling } from "../fill";
import { withMorePieces, danglingPieces } from "../pieces";
import { type DanglingReference, type Parts, patchById, duplicateId } from "../section";
import { pruned } from "./positions";
import { keptEnds } from "./protect";
import { type Wiring } from "../schemas/wirings";

export { schema } from "../schemas/wirings";
export { fromVersion3, upgrades } from "./older/wirings";

export const version = 4;

export const empty: Wiring[] = [
  {
    id: "wiring-1",
    name: "First wiring",
    note: "",
    positionIds: ["pose-1"],
    portArrays: [],
    stringsGiven: 0,
    runs: [],
    guards: [],
  },
];
export const parts: Parts = { kind: "wiring", by: "item" };

export const changes = {
  setWiring: (
    plan: Plan,
    change: {
      readonly type: "setWiring";
      readonly wiringId: string;
      readonly patch: Partial<Pick<Wiring, "name" | "note">>;
    },
  ): Plan => withWiring(plan, change.wiringId, (wiring) => ({ ...wiring, ...change.patch })),
  rewire: (
    plan: Plan,
    change: {
      readonly type: "rewire";
      readonly wiringId: string;
      readonly portArrays: readonly PortArray[];
      /** Numbers of pieces to be given, by kind, for panels that the plan does not have yet. */
      readonly counts: Readonly<Record<string, number>>;
    },
  ): Plan => rewired(plan, change.wiringId, change.portArrays, change.counts),
  fillPortArray: (
    plan: Plan,
    change: {
      readonly type: "fillPortArray";
      readonly wiringId: string;
      /** Panels that may be put into the plan for it; with fewer than it lacks nothing changes. */
      readonly more: number;
    } & Filling,
  ): Plan => {
    const { wiringId, more, ...filling } = change;
    const wiring = plan.wirings.find((known) => known.id === wiringId);
    if (wiring === undefined) return plan;
    const { portArrays, lacks } = fillPortArray(plan, wiring, filling);
    return lacks > more ? plan : rewired(plan, wiringId, portArrays, lacks > 0 ? countsOf(portArrays) : {});
  },
  /** Panels taken out, their leads joined past them, or put back. */
  setBypassed: (
    plan: Plan,
    change: {
      readonly type: "setBypassed";
      readonly wiringId: string;
      readonly keys: readonly PanelKey[];
      readonly bypassed: boolean;
    },
  ): Plan => {
    const keys = new Set(change.keys);
    return withWiring(plan, change.wiringId, (wiring) =>
      withWiringPortArrays(
        plan,
        wiring,
        mapPortArrays(wiring.portArrays, (tile) =>
          keys.has(keyOf(tile)) ? { ...tile, bypassed: change.bypassed } : tile,
        ),
      ),
    );
  },
  /** A cable as it is now known, in the place of what was said of one between the same ends. */
  setRun: (
    plan: Plan,
    { wiringId, run }: { readonly type: "setRun"; readonly wiringId: string; readonly run: Cable },
  ): Plan => withWiring(plan, wiringId, (wiring) => pruneCables(plan, { ...wiring, runs: withRun(wiring.runs, run) })),
  removeRun: (
    plan: Plan,
    { wiringId, runId }: { readonly type: "removeRun"; readonly wiringId: string; readonly runId: string },
  ): Plan =>
    withWiring(plan, wiringId, (wiring) => ({ ...wiring, runs: wiring.runs.filter((run) => run.id !== runId) })),
  /** A fuse, breaker or switch put where one may be already. */
  setGuard: (
    plan: Plan,
    { wiringId, guard }: { readonly type: "setGuard"; readonly wiringId: string; readonly guard: ProtectiveDevice },
  ): Plan =>
    withWiring(plan, wiringId, (wiring) => pruneCables(plan, { ...wiring, guards: withGuard(wiring.guards, guard) })),
  removeGuard: (
    plan: Plan,
    { wiringId, guardId }: { readonly type: "removeGuard"; readonly wiringId: string; readonly guardId: string },
  ): Plan =>
    withWiring(plan, wiringId, (wiring) => ({
      ...wiring,
      guards: wiring.guards.filter((guard) => guard.id !== guardId),
    })),
  copyWiring: (
    plan: Plan,
    change: { readonly type: "copyWiring"; readonly wiringId: string; readonly id: string; readonly name: string },
  ): Plan => ({
    ...plan,
    wirings: plan.wirings.flatMap((wiring) =>
      wiring.id === change.wiringId ? [wiring, { ...wiring, id: change.id, name: change.name }] : [wiring],
    ),
  }),
  removeWiring: (plan: Plan, change: { readonly type: "removeWiring"; readonly wiringId: string }): Plan =>
    plan.wirings.length === 1
      ? plan
      : pruned({ ...plan, wirings: plan.wirings.filter((wiring) => wiring.id !== change.wiringId) }),
};

/** A wiring with other port arrays. Panels only come as they are given: port arrays of panels or ports that the plan does not have change nothing. */
function rewired(
  plan: Plan,
  wiringId: string,
  portArrays: readonly PortArray[],
  counts: Readonly<Record<string, number>>,
): Plan {
  const more = plan.panels.map((panel) => withMorePieces(panel, (counts[panel.id] ?? 0) - panel.given));
  // the same list where nothing came, so that what depends on the panels is not worked out again
  const panels = more.every((panel, k) => panel === plan.panels[k]) ? plan.panels : more;
  const after = { ...plan, panels };
  const wiring = after.wirings.find((known) => known.id === wiringId);
  if (wiring === undefined) return plan;
  const next = withWiringPortArrays(after, wiring, portArrays);
  return looseInWiring(after, next) === null ? withWiring(after, wiringId, () => next) : plan;
}

export function firstPort({ inputs }: Plan): Pick<PortArray, "inputId" | "portId"> {
  const [input] = inputs;
  return { inputId: input?.id ?? null, portId: input?.device.ports[0]?.id ?? null };
}

/** All wirings with other port arrays; what is said of ports that are gone goes. */
export function withPortArrays(plan: Plan, change: (portArrays: readonly PortArray[]) => readonly PortArray[]): Plan {
  const kept = keptEnds(plan);
  return {
    ...kept,
    wirings: plan.wirings.map((wiring) => withWiringPortArrays(plan, wiring, change(wiring.portArrays))),
  };
}

/** Port arrays with nothing in them are not kept, so that one arrangement has one document; every string gets its id. */
function withWiringPortArrays(plan: Plan, wiring: Wiring, portArrays: readonly PortArray[]): Wiring {
  if (portArrays === wiring.portArrays) return pruneCables(plan, wiring);
  const named = nameStrings(
    portArrays.filter((portArray) => portArray.strings.length > 0),
    wiring.stringsGiven,
  );
  return pruneCables(plan, { ...wiring, portArrays: [...named.portArrays], stringsGiven: named.stringsGiven });
}

function withWiring(plan: Plan, wiringId: string, change: (wiring: Wiring) => Wiring): Plan {
  return { ...plan, wirings: patchById(plan.wirings, wiringId, change) };
}

export function findDangling(plan: Plan): DanglingReference | null {
  const twice = duplicateId("wirings", plan.wirings);
  if (twice !== null) return twice;
  for (const [k, wiring] of plan.wirings.entries()) {
    const loose = looseInWiring(plan, wiring);
    if (loose !== null) return { path: `wirings.${k}.${loose.path}`, problem: loose.problem };
  }
  return null;
}

function looseInWiring(plan: Plan, wiring: Wiring): DanglingReference | null {
  const { portArrays, positionIds, stringsGiven } = wiring;
  for (const [k, positionId] of positionIds.entries()) {
    if (!plan.positions.some((position) => position.id === positionId))
      return { path: `positionIds.${k}`, problem: `no position "${positionId}" in this plan` };
    if (positionIds.indexOf(positionId) < k)
      return { path: `positionIds.${k}`, problem: `position "${positionId}" is there twice` };
  }
  for (const [k, portArray] of portArrays.entries()) {
    const input = plan.inputs.find((candidate) => candidate.id === portArray.inputId);
    if (portArray.inputId !== null && input === undefined)
      return { path: `portArrays.${k}.inputId`, problem: `no input "${portArray.inputId}" in this plan` };
    if (portArray.portId !== null && !input?.device.ports.some((port) => port.id === portArray.portId))
      return { path: `portArrays.${k}.portId`, problem: `no port "${portArray.portId}" on that input` };
    if (portArrays.findIndex((other) => other.inputId === portArray.inputId && other.portId === portArray.portId) < k)
      return { path: `portArrays.${k}.portId`, problem: "this PV input has its strings already" };
    if (depthOf(portArray.strings) > maxDepth)
      return { path: `portArrays.${k}.strings`, problem: `groups nested deeper than ${maxDepth}` };
  }
  const loose = danglingPieces(plan, "portArrays", tilesOf(portArrays));
  if (loose !== null) return loose;
  const stringIds = stringsOfPortArrays(portArrays).map((string) => string.id ?? "");
  const again = stringIds.find((stringId, k) => stringIds.indexOf(stringId) < k);
  if (again !== undefined) return { path: "portArrays", problem: `string "${again}" is there twice` };
  const beyond = stringIds.find((stringId) => /^r\d+$/.test(stringId) && Number(stringId.slice(1)) > stringsGiven);
  if (beyond !== undefined)
    return { path: "stringsGiven", problem: `${stringsGiven}, but there is a string "${beyond}"` };
  return looseCopper(plan, wiring);
}
