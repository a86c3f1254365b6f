import {
  countsOf,
  depthOf,
  keyOf,
  type PortArray,
  mapLanes,
  maxDepth,
  nameRows,
  rowsOfLanes,
  type PanelKey,
  tilesOf,
} from "../../engine/array";
import { copperToVersion2, copperToVersion3, pruneCables, looseCopper, withGuard, withRun } from "../cabling";
import { type ProtectiveDevice, type Cable } from "../schemas/cabling";
import { type Plan } from "../plan";
import { fillLane, type Filling } from "../fill";
import { withMorePieces, danglingPieces } from "../pieces";
import { isJson, type Json, listOf, type DanglingReference, type Parts, patchById, duplicateId } from "../section";
import { posesOfVersion3, pruned } from "./poses";
import { keptEnds } from "./protect";
import { type Wiring } from "../schemas/wirings";

export { schema } from "../schemas/wirings";

export const version = 3;

export const empty: Wiring[] = [
  {
    id: "wiring-1",
    name: "First wiring",
    note: "",
    poseIds: ["pose-1"],
    lanes: [],
    rowsGiven: 0,
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
      readonly lanes: readonly PortArray[];
      /** Numbers of pieces to be given, by kind, for panels that the plan does not have yet. */
      readonly counts: Readonly<Record<string, number>>;
    },
  ): Plan => rewired(plan, change.wiringId, change.lanes, change.counts),
  fillLane: (
    plan: Plan,
    change: {
      readonly type: "fillLane";
      readonly wiringId: string;
      /** Panels that may be put into the plan for it; with fewer than it lacks nothing changes. */
      readonly more: number;
    } & Filling,
  ): Plan => {
    const { wiringId, more, ...filling } = change;
    const wiring = plan.wirings.find((known) => known.id === wiringId);
    if (wiring === undefined) return plan;
    const { lanes, lacks } = fillLane(plan, wiring, filling);
    return lacks > more ? plan : rewired(plan, wiringId, lanes, lacks > 0 ? countsOf(lanes) : {});
  },
  /** Panels taken out, their leads joined past them, or put back. */
  joinPast: (
    plan: Plan,
    change: {
      readonly type: "joinPast";
      readonly wiringId: string;
      readonly keys: readonly PanelKey[];
      readonly joinedPast: boolean;
    },
  ): Plan => {
    const keys = new Set(change.keys);
    return withWiring(plan, change.wiringId, (wiring) =>
      withWiringLanes(
        plan,
        wiring,
        mapLanes(wiring.lanes, (tile) => (keys.has(keyOf(tile)) ? { ...tile, joinedPast: change.joinedPast } : tile)),
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

/** A wiring with other lanes. Panels only come as they are given: lanes of panels or ports that the plan does not have change nothing. */
function rewired(
  plan: Plan,
  wiringId: string,
  lanes: readonly PortArray[],
  counts: Readonly<Record<string, number>>,
): Plan {
  const more = plan.panels.map((panel) => withMorePieces(panel, (counts[panel.id] ?? 0) - panel.given));
  // the same list where nothing came, so that what depends on the panels is not worked out again
  const panels = more.every((panel, k) => panel === plan.panels[k]) ? plan.panels : more;
  const after = { ...plan, panels };
  const wiring = after.wirings.find((known) => known.id === wiringId);
  if (wiring === undefined) return plan;
  const next = withWiringLanes(after, wiring, lanes);
  return looseInWiring(after, next) === null ? withWiring(after, wiringId, () => next) : plan;
}

export function firstPort({ inputs }: Plan): Pick<PortArray, "inputId" | "portId"> {
  const [input] = inputs;
  return { inputId: input?.id ?? null, portId: input?.device.ports[0]?.id ?? null };
}

/** All wirings with other lanes; what is said of ports that are gone goes. */
export function withLanes(plan: Plan, change: (lanes: readonly PortArray[]) => readonly PortArray[]): Plan {
  const kept = keptEnds(plan);
  return { ...kept, wirings: plan.wirings.map((wiring) => withWiringLanes(plan, wiring, change(wiring.lanes))) };
}

/** Lanes with nothing in them are not kept, so that one arrangement has one document; every row gets its id. */
function withWiringLanes(plan: Plan, wiring: Wiring, lanes: readonly PortArray[]): Wiring {
  if (lanes === wiring.lanes) return pruneCables(plan, wiring);
  const named = nameRows(
    lanes.filter((lane) => lane.rows.length > 0),
    wiring.rowsGiven,
  );
  return pruneCables(plan, { ...wiring, lanes: [...named.lanes], rowsGiven: named.rowsGiven });
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
  const { lanes, poseIds, rowsGiven } = wiring;
  for (const [k, poseId] of poseIds.entries()) {
    if (!plan.poses.some((pose) => pose.id === poseId))
      return { path: `poseIds.${k}`, problem: `no position "${poseId}" in this plan` };
    if (poseIds.indexOf(poseId) < k) return { path: `poseIds.${k}`, problem: `position "${poseId}" is there twice` };
  }
  for (const [k, lane] of lanes.entries()) {
    const input = plan.inputs.find((candidate) => candidate.id === lane.inputId);
    if (lane.inputId !== null && input === undefined)
      return { path: `lanes.${k}.inputId`, problem: `no input "${lane.inputId}" in this plan` };
    if (lane.portId !== null && !input?.device.ports.some((port) => port.id === lane.portId))
      return { path: `lanes.${k}.portId`, problem: `no port "${lane.portId}" on that input` };
    if (lanes.findIndex((other) => other.inputId === lane.inputId && other.portId === lane.portId) < k)
      return { path: `lanes.${k}.portId`, problem: "this port has a lane already" };
    if (depthOf(lane.rows) > maxDepth)
      return { path: `lanes.${k}.rows`, problem: `groups nested deeper than ${maxDepth}` };
  }
  const loose = danglingPieces(plan, "lanes", tilesOf(lanes));
  if (loose !== null) return loose;
  const rowIds = rowsOfLanes(lanes).map((row) => row.id ?? "");
  const again = rowIds.find((rowId, k) => rowIds.indexOf(rowId) < k);
  if (again !== undefined) return { path: "lanes", problem: `row "${again}" is there twice` };
  const beyond = rowIds.find((rowId) => /^r\d+$/.test(rowId) && Number(rowId.slice(1)) > rowsGiven);
  if (beyond !== undefined) return { path: "rowsGiven", problem: `${rowsGiven}, but there is a row "${beyond}"` };
  return looseCopper(plan, wiring);
}

/** Rows of version 3 had no id; panels had their stance in the wiring, of which only "taken out" moves a plug. */
export function fromVersion3(plan: Json): unknown {
  const { wirings } = plan;
  if (!Array.isArray(wirings)) return wirings;
  const poses = posesOfVersion3(plan);
  return listOf(wirings).map((wiring, k) => {
    let rowsGiven = 0;
    const rowsFrom = (rows: unknown): unknown =>
      !Array.isArray(rows)
        ? rows
        : rows.map((row: unknown) => {
            if (typeof row !== "object" || row === null) return row;
            const id = `r${++rowsGiven}`;
            const { items, ...kept } = row as Json;
            return { id, ...kept, items: Array.isArray(items) ? items.map(itemFrom) : items };
          });
    const itemFrom = (item: unknown): unknown => {
      if (typeof item !== "object" || item === null) return item;
      const { type, panelId, piece, stance } = item as Json;
      return type === "group"
        ? { ...item, rows: rowsFrom((item as Json)["rows"]) }
        : { type, panelId, piece, joinedPast: stance === "off" };
    };
    const lanes = Array.isArray(wiring["lanes"])
      ? wiring["lanes"].map((lane: unknown) =>
          typeof lane === "object" && lane !== null ? { ...lane, rows: rowsFrom((lane as Json)["rows"]) } : lane,
        )
      : wiring["lanes"];
    const poseIds = poses.filter((each) => each.wirings.has(k)).map(({ pose }) => pose.id);
    return { ...wiring, poseIds, lanes, rowsGiven, runs: [] };
  });
}

/** Version 2: cables say what they are made of; there are fuses and switches. */
function toVersion2(older: unknown): unknown {
  return Array.isArray(older) ? older.map((each: unknown) => (isJson(each) ? copperToVersion2(each) : each)) : older;
}

function toVersion3(older: unknown): unknown {
  return Array.isArray(older) ? older.map((each: unknown) => (isJson(each) ? copperToVersion3(each) : each)) : older;
}

export const upgrades = [toVersion2, toVersion3];
