import { operate, type OperatingPoint, portWindow, type Tracking, trackingOf, type Window } from "../input";
import { createSolver, type InspectableSolution, type Net, type NetSolution } from "../net";
import {
  type AssumedField,
  type LabelDoubt,
  type LabelFit,
  type PanelModel,
  type Reading,
  stcIrradianceWm2,
} from "../panel";
import { type DeviceSheet, type PortSheet } from "../plan";
import { type LimitSky, limitSkies, namedSky, rossCPerWm2, type Sky, type SiteClimate, tiltLight } from "../sky";
import { keyOf, type Lane, lightOf, netOfRows, type Row, type Tile, type TileKey, tilesOfRows } from "../wiring";
import { type ColdVolts } from "./cold-volts";
import { type Assumption, type Term } from "./finding";

/** An array under one sky: its curve and, where the port's window is known, where it runs. */
export type SkyState = {
  readonly sky: Sky;
  readonly array: InspectableSolution;
  readonly operating: OperatingPoint | null;
};
export type Skies = Readonly<Record<LimitSky, SkyState>>;

export type Site = SiteClimate;

/** A kind of panel as the rules see it. `measured`: its curve follows measured points, not only its label. */
export type Kind = {
  readonly id: string;
  readonly name: string;
  readonly fit: LabelFit;
  readonly model: PanelModel;
  readonly assumedFields: readonly AssumedField[];
  readonly measured: boolean;
  /** What is odd about its label, short of what no panel could have. */
  readonly doubts: readonly LabelDoubt[];
  /** A reading of the label that would be free of doubt, if one is found. */
  readonly reading: Reading | null;
};

/** Watts of one panel of a kind over a short stretch of a day. */
export type PanelHour = { readonly panelW: number; readonly hours: number };

/** What all lanes of a wiring share. Built once per assessment. */
export type Ground = {
  readonly site: Site;
  /** What the site leaves unsaid, by the thing assumed. */
  readonly siteAssumptions: readonly Assumption[];
  readonly kinds: ReadonlyMap<string, Kind>;
  readonly solve: (net: Net) => InspectableSolution;
  /** The longest clear day of one panel of a kind, tilted towards the noon sun; worked out when first asked for. */
  readonly clearDay: (kind: Kind, tiltDeg: number) => readonly PanelHour[];
  /** What one panel of a kind reaches in the cold; worked out when first asked for. */
  readonly cold: (kind: Kind) => ColdVolts;
};

/** All a rule may look at. Rules only read it. */
export type LaneContext = Ground & {
  readonly lane: Lane;
  readonly device: DeviceSheet;
  readonly port: PortSheet;
  readonly window: Window | null;
  readonly tracking: Tracking;
  /** The panels that are in the net, in the order in which they stand in it. */
  readonly tiles: readonly Tile[];
  /** All panels out and in full light: what limits are judged by. */
  readonly clear: Skies;
  /** As the panels stand: stowed, shaded, tilted. The same object as `clear` when none is. */
  readonly actual: Skies;
};

export function buildLane(ground: Ground, lane: Lane, device: DeviceSheet, port: PortSheet): LaneContext | null {
  const window = portWindow(port);
  const tracking = trackingOf(port);
  const all = tilesOfRows(lane.rows).filter((tile) => tile.stance !== "off");
  if (all.length === 0) return null;
  const skiesOf = (rows: readonly Row[]): Skies => {
    const under = (name: LimitSky) =>
      underSky({ ...ground, lane: { ...lane, rows }, window, tracking }, namedSky(name, ground.site));
    return { coldDawn: under("coldDawn"), brightNoon: under("brightNoon"), hotRoof: under("hotRoof") };
  };
  const clear = skiesOf(unshaded(lane.rows));
  const actual = all.some(isChanged) ? { ...skiesOf(lane.rows), coldDawn: clear.coldDawn } : clear;
  return { ...ground, lane, device, port, window, tracking, tiles: all, clear, actual };
}

/** A lane with a panel in use, as it stands, under any sky: its curve and where it runs. */
export function underSky(
  { lane, window, tracking, ...ground }: Ground & Pick<LaneContext, "lane" | "window" | "tracking">,
  sky: Sky,
): SkyState {
  const net = netUnderSky(ground, lane.rows, sky);
  if (net === null) throw new Error("a lane without panels in use has no curve");
  const array = ground.solve(net);
  return { sky, array, operating: window === null ? null : operate(array, window, tracking) };
}

/** Where a lane runs at bright noon, all panels out, by its volts and amps alone; null while its ceiling is not known. */
export function byAmps({ window, tracking, clear }: LaneContext): OperatingPoint | null {
  const { array, operating } = clear.brightNoon;
  return window === null || window.maxW === null ? operating : operate(array, { ...window, maxW: null }, tracking);
}

/** The rows with every panel out, flat and in full light; panels taken out stay out. */
export function unshaded(rows: readonly Row[]): Row[] {
  return rows.map((row) => ({
    ...row,
    items: row.items.map((item) => (item.type === "group" ? { ...item, rows: unshaded(item.rows) } : plainTile(item))),
  }));
}

function plainTile(tile: Tile): Tile {
  return isChanged(tile) ? { ...tile, stance: tile.stance === "off" ? "off" : "out", light: [1], tiltDeg: 0 } : tile;
}

/** Whether no panel of a lane is tilted. */
export function isFlat({ tiles }: Pick<LaneContext, "tiles">): boolean {
  return tiles.every(({ tiltDeg }) => tiltDeg === 0);
}

/** Stowed, shaded or tilted. */
export function isChanged({ stance, light, tiltDeg }: Tile): boolean {
  return stance === "stowed" || tiltDeg !== 0 || (stance === "out" && light.some((share) => share < 1));
}

/** Some rows solved under a named sky; null when no panel of theirs is in use. */
export function solveRows(ground: Ground, rows: readonly Row[], name: LimitSky): InspectableSolution | null {
  const net = netUnderSky(ground, rows, namedSky(name, ground.site));
  return net === null ? null : ground.solve(net);
}

/** Some rows as a net under a sky; null when no panel of theirs is in use. */
export function netUnderSky(ground: Pick<Ground, "site" | "kinds">, rows: readonly Row[], sky: Sky): Net | null {
  const skyOf = (tile: Tile, substrings: number) => {
    // the coldest dawn is judged with whatever the panels may be turned to, and on cells still cold
    if (sky.name === "coldDawn") return { cellTempC: sky.cellTempC, irradianceWm2: [sky.irradianceWm2] };
    const irradianceWm2 = lightOn(tile, substrings, sky);
    return { cellTempC: sky.airTempC + rossCPerWm2[ground.site.mount] * mean(irradianceWm2), irradianceWm2 };
  };
  return netOfRows(rows, { modelOf: (id) => kindOf(ground, id).model, skyOf })?.net ?? null;
}

/** A panel turned to a low sun gets more than one that lies flat, but not more than a clear sky has, as a share of that. */
const mostFacing = 1.25;

/**
 * Light on each substring of a panel, W/m²: what the sky sends to its plane, by what is let through to it. It hangs on the
 * panel and the sky alone, not on what else is wired: a sky's light is that on a flat panel.
 */
export function lightOn(tile: Tile, substrings: number, sky: Sky): number[] {
  const onPlaneWm2 = lightOnPlane(tile.tiltDeg, sky);
  return lightOf(tile, substrings).map((part) => part * onPlaneWm2);
}

/** Light on a panel's plane, W/m². */
export function lightOnPlane(
  tiltDeg: number,
  { sun, diffuseShare, irradianceWm2 }: Pick<Sky, "sun" | "diffuseShare" | "irradianceWm2">,
): number {
  const facing = tiltLight(tiltDeg, sun, diffuseShare) / tiltLight(0, sun, diffuseShare);
  return (Number.isFinite(facing) ? Math.min(mostFacing, facing) : 1) * irradianceWm2;
}

/** Some rows, all in full light, at an irradiance and air temperature of one's own choosing. */
export function solveRowsAt(
  ground: Ground,
  rows: readonly Row[],
  irradianceWm2: number,
  cellTempC: number,
): NetSolution | null {
  const made = netOfRows(unshaded(rows), {
    modelOf: (id) => kindOf(ground, id).model,
    skyOf: () => ({ cellTempC, irradianceWm2: [irradianceWm2] }),
  });
  return made === null ? null : ground.solve(made.net);
}

/** A solver wide enough for every panel of these counts in parallel, with a few more to buy. */
export function solverFor(
  kinds: Iterable<{ readonly kind: Kind; readonly count: number }>,
  site: Site,
): Ground["solve"] {
  const extremes = limitSkies.map((name) => namedSky(name, site).cellTempC);
  const members = [...kinds].flatMap(({ kind, count }) => {
    const brightest = extremes.map((cellTempC): Net => ({
      type: "panel",
      model: kind.model,
      cellTempC,
      irradianceWm2: [stcIrradianceWm2],
    }));
    return Array.from({ length: count }, (): Net => ({ type: "series", members: brightest }));
  });
  return createSolver({ type: "parallel", members });
}

export function kindOf({ kinds }: Pick<Ground, "kinds">, panelId: string): Kind {
  const kind = kinds.get(panelId);
  if (kind === undefined) throw new Error(`no kind "${panelId}" among those read`);
  return kind;
}

/** Panels counted by kind, with one number of their label. */
export function termsOf(ground: Pick<Ground, "kinds">, tiles: readonly Tile[], each: (kind: Kind) => number): Term[] {
  const counts = new Map<string, number>();
  for (const { panelId } of tiles) counts.set(panelId, (counts.get(panelId) ?? 0) + 1);
  return [...counts].map(([panelId, count]) => ({
    count,
    panelName: kindOf(ground, panelId).name,
    each: each(kindOf(ground, panelId)),
  }));
}

export function keysOf(tiles: readonly Tile[]): TileKey[] {
  return tiles.map(keyOf);
}

/** Sum over the panels in use of a number of their label. */
export function labelSum(context: Pick<LaneContext, "kinds" | "tiles">, each: (kind: Kind) => number): number {
  return context.tiles.reduce((sum, tile) => sum + each(kindOf(context, tile.panelId)), 0);
}

/** The site assumptions of the kinds a rule rests on. */
export function siteAssumed(context: Pick<Ground, "siteAssumptions">, ...types: Assumption["type"][]): Assumption[] {
  return context.siteAssumptions.filter((assumption) => types.includes(assumption.type));
}

/** The label fields a rule rests on that were filled in, with the values taken, for every kind in the lane. */
export function labelAssumed(context: Pick<LaneContext, "kinds" | "tiles">, ...fields: AssumedField[]): Assumption[] {
  return kindsIn(context).flatMap(({ name, fit, assumedFields }) =>
    assumedFields
      .filter((field) => fields.includes(field))
      .map((field): Assumption => ({ type: "labelField", panelName: name, field, value: fit.label[field] })),
  );
}

/** Said with every rule that rests on the curve: that it follows measured points, or could not meet its label exactly. */
export function fitAssumed(context: Pick<LaneContext, "kinds" | "tiles">): Assumption[] {
  return kindsIn(context).flatMap(({ name, fit, measured }): Assumption[] => {
    if (measured) return [{ type: "measured", panelName: name }];
    const missPct = Math.max(Math.abs(fit.missPct.vmp), Math.abs(fit.missPct.imp));
    return missPct > 1 ? [{ type: "labelOff", panelName: name, missPct }] : [];
  });
}

/** Said with every rule of a lane: that it rests on a label in doubt. */
export function doubtAssumed(context: Pick<LaneContext, "kinds" | "tiles">): Assumption[] {
  return kindsIn(context).flatMap(({ name, doubts }): Assumption[] =>
    doubts.length > 0 ? [{ type: "labelDoubt", panelName: name }] : [],
  );
}

/** The kinds in use in a lane, each once. */
export function kindsIn(context: Pick<LaneContext, "kinds" | "tiles">): Kind[] {
  return [...new Set(context.tiles.map((tile) => tile.panelId))].map((panelId) => kindOf(context, panelId));
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
