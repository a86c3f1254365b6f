import {
  countsOf,
  freePieces,
  keyOf,
  type Lane,
  mapLanes,
  mostPieces,
  newTile,
  rowOf,
  type Stance,
  type Tile,
  type TileKey,
  tilesOf,
} from "../wiring";
import {
  type DeviceSheet,
  type PanelSheet,
  piecesIn,
  type Plan,
  type PlanPanel,
  type PortSheet,
  type Stop,
  type Wiring,
} from "./document";
import { fillLane, type Filling } from "./fill";

/** Everything a person can do to a plan. Each is data, so that it can be replayed, tested and named. */
export type Change =
  | { readonly type: "rename"; readonly name: string }
  | { readonly type: "setSite"; readonly patch: Partial<Plan["site"]> }
  | { readonly type: "setNote"; readonly stop: Stop; readonly text: string }
  | { readonly type: "addPanel"; readonly id: string; readonly libraryId: string | null; readonly label: PanelSheet }
  | { readonly type: "setLabel"; readonly panelId: string; readonly patch: Partial<PanelSheet> }
  | { readonly type: "setMeasured"; readonly panelId: string; readonly measured: PlanPanel["measured"] }
  | { readonly type: "setCount"; readonly panelId: string; readonly count: number }
  | { readonly type: "removePanel"; readonly panelId: string }
  | { readonly type: "addInput"; readonly id: string; readonly libraryId: string | null; readonly device: DeviceSheet }
  | { readonly type: "setDevice"; readonly inputId: string; readonly patch: Partial<Omit<DeviceSheet, "ports">> }
  | {
      readonly type: "setPort";
      readonly inputId: string;
      readonly portId: string;
      readonly patch: Partial<Omit<PortSheet, "id">>;
    }
  | { readonly type: "addPort"; readonly inputId: string; readonly port: PortSheet }
  | { readonly type: "removePort"; readonly inputId: string; readonly portId: string }
  | { readonly type: "removeInput"; readonly inputId: string }
  | { readonly type: "setWiring"; readonly wiringId: string; readonly patch: Partial<Pick<Wiring, "name" | "note">> }
  | {
      readonly type: "rewire";
      readonly wiringId: string;
      readonly lanes: readonly Lane[];
      readonly counts: Readonly<Record<string, number>>;
    }
  | ({
      readonly type: "fillLane";
      readonly wiringId: string;
      /** Panels that may be put into the plan for it; with fewer than it lacks nothing changes. */
      readonly more: number;
    } & Filling)
  | {
      readonly type: "setTiles";
      readonly wiringId: string;
      readonly keys: readonly TileKey[];
      readonly patch: { readonly stance?: Stance; readonly light?: readonly number[]; readonly tiltDeg?: number };
    }
  | { readonly type: "copyWiring"; readonly wiringId: string; readonly id: string; readonly name: string }
  | { readonly type: "removeWiring"; readonly wiringId: string };

/**
 * The plan after a change. Pure; a change that names nothing in the plan, or asks for more panels than a plan may hold,
 * returns it as it was.
 */
export function applyChange(plan: Plan, change: Change): Plan {
  const after = changed(plan, change);
  return piecesIn(after) > mostPieces ? plan : after;
}

function changed(plan: Plan, change: Change): Plan {
  switch (change.type) {
    case "rename":
      return { ...plan, name: change.name };
    case "setSite":
      return { ...plan, site: { ...plan.site, ...change.patch } };
    case "setNote":
      return { ...plan, notes: { ...plan.notes, [change.stop]: change.text } };
    case "addPanel": {
      const panels = [
        ...plan.panels,
        { id: change.id, libraryId: change.libraryId, label: change.label, count: 1, measured: null },
      ];
      return withLanes({ ...plan, panels }, (lanes) =>
        tilesOf(lanes).length > 0 ? lanes : [...lanes, { ...firstPort(plan), rows: [rowOf([newTile(change.id, 1)])] }],
      );
    }
    case "setLabel":
      return {
        ...plan,
        panels: patchById(plan.panels, change.panelId, (panel) => ({
          ...panel,
          label: { ...panel.label, ...change.patch },
        })),
      };
    case "setMeasured":
      return {
        ...plan,
        panels: patchById(plan.panels, change.panelId, (panel) => ({ ...panel, measured: change.measured })),
      };
    case "setCount":
      return withCount(plan, change.panelId, change.count);
    case "removePanel": {
      const panels = plan.panels.filter((panel) => panel.id !== change.panelId);
      return withLanes({ ...plan, panels }, (lanes) =>
        mapLanes(lanes, (tile) => (tile.panelId === change.panelId ? null : tile)),
      );
    }
    case "addInput": {
      const inputs = [...plan.inputs, { id: change.id, libraryId: change.libraryId, device: change.device }];
      const portId = change.device.ports[0]?.id ?? null;
      return withLanes({ ...plan, inputs }, (lanes) =>
        lanes.map((lane) => (lane.inputId === null ? { ...lane, inputId: change.id, portId } : lane)),
      );
    }
    case "setDevice":
      return withDevice(plan, change.inputId, (device) => ({ ...device, ...change.patch }));
    case "setPort":
      return withDevice(plan, change.inputId, (device) => withPort(device, change.portId, change.patch));
    case "addPort":
      return withDevice(plan, change.inputId, (device) => ({ ...device, ports: [...device.ports, change.port] }));
    case "removePort": {
      const without = withDevice(plan, change.inputId, (device) => withoutPort(device, change.portId));
      return withLanes(without, (lanes) =>
        lanes.filter((lane) => lane.inputId !== change.inputId || lane.portId !== change.portId),
      );
    }
    case "removeInput": {
      const without = { ...plan, inputs: plan.inputs.filter((input) => input.id !== change.inputId) };
      return withLanes(without, (lanes) => lanes.filter((lane) => lane.inputId !== change.inputId));
    }
    case "setWiring":
      return withWiring(plan, change.wiringId, (wiring) => ({ ...wiring, ...change.patch }));
    case "rewire":
      return rewired(plan, change.wiringId, change.lanes, change.counts);
    case "fillLane":
      return filled(plan, change);
    case "setTiles": {
      const keys = new Set(change.keys);
      const patch = (tile: Tile) => (keys.has(keyOf(tile)) ? { ...tile, ...change.patch } : tile);
      return withWiring(plan, change.wiringId, (wiring) => ({
        ...wiring,
        lanes: plain(mapLanes(wiring.lanes, patch)),
      }));
    }
    case "copyWiring":
      return {
        ...plan,
        wirings: plan.wirings.flatMap((wiring) =>
          wiring.id === change.wiringId ? [wiring, { ...wiring, id: change.id, name: change.name }] : [wiring],
        ),
      };
    case "removeWiring":
      return plan.wirings.length === 1
        ? plan
        : { ...plan, wirings: plan.wirings.filter((wiring) => wiring.id !== change.wiringId) };
  }
}

/** A lane filled with equal rows, where the plan has as many panels or is given them by the same change. */
function filled(plan: Plan, { wiringId, more, ...filling }: Extract<Change, { type: "fillLane" }>): Plan {
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) return plan;
  const { lanes, lacks } = fillLane(plan, wiring, filling);
  return lacks > more ? plan : rewired(plan, wiringId, lanes, lacks > 0 ? countsOf(lanes) : {});
}

/** A wiring with other lanes. Counts only grow as they are given: lanes of panels that the plan does not have change nothing. */
function rewired(plan: Plan, wiringId: string, lanes: readonly Lane[], counts: Readonly<Record<string, number>>): Plan {
  const grown = plan.panels.map((panel) => {
    const count = Math.max(panel.count, counts[panel.id] ?? 0);
    return count === panel.count ? panel : { ...panel, count };
  });
  const has = new Map(grown.map(({ id, count }) => [id, count]));
  if (tilesOf(lanes).some(({ panelId, piece }) => piece > (has.get(panelId) ?? 0))) return plan;
  // the same list where no count grew, so that what depends on the panels is not worked out again
  const panels = grown.every((panel, k) => panel === plan.panels[k]) ? plan.panels : grown;
  return withWiring({ ...plan, panels }, wiringId, (wiring) => ({ ...wiring, lanes: plain(lanes) }));
}

/** Fewer of a kind: panels on the shelf go first, and wired ones take over their numbers. */
function withCount(plan: Plan, panelId: string, count: number): Plan {
  const panels = patchById(plan.panels, panelId, (panel) => ({ ...panel, count }));
  return withLanes({ ...plan, panels }, (lanes) => {
    const used = tilesOf(lanes).filter((tile) => tile.panelId === panelId);
    if (used.every((tile) => tile.piece <= count)) return lanes;
    const kept = new Set(used.filter((tile) => tile.piece <= count).map(keyOf));
    const spare = freePieces(panelId, count - kept.size, kept);
    return mapLanes(lanes, (tile) => {
      if (tile.panelId !== panelId || tile.piece <= count) return tile;
      const piece = spare.shift();
      return piece === undefined ? null : { ...tile, piece };
    });
  });
}

function firstPort({ inputs }: Plan): Pick<Lane, "inputId" | "portId"> {
  const [input] = inputs;
  return { inputId: input?.id ?? null, portId: input?.device.ports[0]?.id ?? null };
}

function withLanes(plan: Plan, change: (lanes: readonly Lane[]) => readonly Lane[]): Plan {
  return { ...plan, wirings: plan.wirings.map((wiring) => withWiringLanes(wiring, change(wiring.lanes))) };
}

function withWiringLanes(wiring: Wiring, lanes: readonly Lane[]): Wiring {
  return lanes === wiring.lanes ? wiring : { ...wiring, lanes: plain(lanes) };
}

/** Lanes with nothing in them are not kept, so that one arrangement has one document. */
function plain(lanes: readonly Lane[]): Lane[] {
  return lanes.filter((lane) => lane.rows.length > 0);
}

function withWiring(plan: Plan, wiringId: string, change: (wiring: Wiring) => Wiring): Plan {
  return { ...plan, wirings: patchById(plan.wirings, wiringId, change) };
}

export function withPort(device: DeviceSheet, portId: string, patch: Partial<Omit<PortSheet, "id">>): DeviceSheet {
  return { ...device, ports: patchById(device.ports, portId, (port) => ({ ...port, ...patch })) };
}

export function withoutPort(device: DeviceSheet, portId: string): DeviceSheet {
  return {
    ...device,
    ports: device.ports.filter((port) => port.id !== portId),
    groups: device.groups.map((group) => ({
      ...group,
      portIds: group.portIds.filter((candidate) => candidate !== portId),
    })),
  };
}

function withDevice(plan: Plan, inputId: string, change: (device: DeviceSheet) => DeviceSheet): Plan {
  return { ...plan, inputs: patchById(plan.inputs, inputId, (input) => ({ ...input, device: change(input.device) })) };
}

function patchById<T extends { readonly id: string }>(list: T[], id: string, change: (item: T) => T): T[] {
  return list.map((item) => (item.id === id ? change(item) : item));
}
