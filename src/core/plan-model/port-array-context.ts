import { type PortArrayCopper, noCopper } from "../protection/cabling";
import {
  operate,
  type OperatingPoint,
  portWindow,
  type Tracking,
  trackingOf,
  type InputWindow,
} from "../engine/pv-input";
import { noShades, type Scene, type Shades, underSkyScene } from "../engine/light";
import { createSolver, type InspectableSolution, type Net, substringCount } from "../engine/net";
import {
  type AssumedField,
  type LabelDoubt,
  type LabelFit,
  type PanelModel,
  type LabelReading,
  stcIrradianceWm2,
} from "../engine/panel";
import { type DeviceSheet, type Plan, type PortSheet } from "../plan";
import { type LimitSky, limitSkies, type Mount, namedSky, type Sky, type SiteClimate } from "../engine/sky";
import {
  type Cables,
  isChanged,
  keyOf,
  type PortArray,
  netOfStrings,
  type Position,
  type PvString,
  type Stand,
  standOf,
  type PanelRef,
  type PanelKey,
  usedIn,
} from "../engine/array";
import { type ColdVolts } from "./cold-volts";
import { type Assumption, type Term } from "./assumption";

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
  readonly reading: LabelReading | null;
};

/** Watts of one panel of a kind over a short stretch of a day. */
export type PanelHour = { readonly panelW: number; readonly hours: number };

/** What all port arrays of a wiring share. Built once per assessment. */
export type SharedContext = {
  readonly site: Site;
  /** What the site leaves unsaid, by the thing assumed. */
  readonly siteAssumptions: readonly Assumption[];
  /** By kind of panel, and by piece for those whose own label says something else. */
  readonly kinds: ReadonlyMap<string, Kind>;
  readonly solve: (net: Net) => InspectableSolution;
  /** The standards the plan keeps to; they make a rule more careful, never less. */
  readonly standards: Plan["standards"];
  /** All panels out, flat and in full light, each on its own mount. */
  readonly fixed: Position;
  /** The longest clear day of one panel of a kind, standing so; worked out when first asked for. */
  readonly clearDay: (kind: Kind, stand: Stand) => readonly PanelHour[];
  /** What one panel of a kind reaches in the cold; worked out when first asked for. */
  readonly cold: (kind: Kind) => ColdVolts;
};

/** All a rule may look at. Rules only read it. */
export type PortArrayContext = SharedContext & {
  readonly portArray: PortArray;
  readonly device: DeviceSheet;
  readonly port: PortSheet;
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  /** The panels that are in the net, in the order in which they stand in it. */
  readonly tiles: readonly PanelRef[];
  /** How they stand. */
  readonly position: Position;
  /** What is known of its cables and fuses. */ readonly copper: PortArrayCopper;
  /** All panels out and in full light, before the cables: what limits not to be passed are judged by. */
  readonly clear: Skies;
  /** The same behind the cables: what must be reached is judged by. The same object as `clear` where nothing was measured. */
  readonly reached: Skies;
  /** As the panels stand, stowed, shaded, tilted, behind the cables. The same object as `reached` when none is. */
  readonly actual: Skies;
};

export function buildPortArray(
  common: SharedContext,
  portArray: PortArray,
  device: DeviceSheet,
  port: PortSheet,
  position: Position,
  copper: PortArrayCopper = noCopper,
): PortArrayContext | null {
  const window = portWindow(port);
  const tracking = trackingOf(port);
  const tiles = usedIn(portArray.strings);
  if (tiles.length === 0) return null;
  const skiesOf = (stood: Position, behind: Cables | null): Skies => {
    const under = (name: LimitSky) =>
      underSky(
        { ...common, portArray, window, tracking, position: stood, copper: { ...copper, cables: behind } },
        namedSky(name, common.site),
      );
    return { coldDawn: under("coldDawn"), brightNoon: under("brightNoon"), hotRoof: under("hotRoof") };
  };
  const clear = skiesOf(common.fixed, null);
  const reached = copper.cables === null ? clear : skiesOf(common.fixed, copper.cables);
  const isTurned = tiles.some((tile) => isChanged(standOf(position, tile)));
  const actual = isTurned ? { ...skiesOf(position, copper.cables), coldDawn: reached.coldDawn } : reached;
  return { ...common, portArray, device, port, window, tracking, tiles, position, copper, clear, reached, actual };
}

/** A port array with a panel in use, as it stands, under any sky and what shadows leave of it: its curve and where it runs. */
export function underSky(
  {
    portArray,
    window,
    tracking,
    position,
    copper,
    ...common
  }: SharedContext & Pick<PortArrayContext, "portArray" | "window" | "tracking" | "position" | "copper">,
  sky: Sky,
  shades: Shades = noShades,
): SkyState {
  const net = netIn(common, portArray.strings, underSkyScene(sky, position, common.site, shades), copper.cables);
  if (net === null) throw new Error("a port array without panels in use has no curve");
  const array = common.solve(net);
  return { sky, array, operating: window === null ? null : operate(array, window, tracking) };
}

/** Where a port array runs at bright noon, all panels out, by its volts and amps alone; null while its ceiling is not known. */
export function byAmps({ window, tracking, clear }: PortArrayContext): OperatingPoint | null {
  const { array, operating } = clear.brightNoon;
  return window === null || window.maxW === null ? operating : operate(array, { ...window, maxW: null }, tracking);
}

/** Whether no panel of a port array is tilted. */
export function isFlat({ tiles, position }: Pick<PortArrayContext, "tiles" | "position">): boolean {
  return tiles.every((tile) => standOf(position, tile).tiltDeg === 0);
}

/** Some strings solved in a scene; null when no panel of theirs is in use. */
export function solveStrings(
  common: SharedContext,
  strings: readonly PvString[],
  scene: Scene,
): InspectableSolution | null {
  const net = netIn(common, strings, scene);
  return net === null ? null : common.solve(net);
}

/** Some strings as a net in a scene; null when no panel of theirs is in use. */
export function netIn(
  common: Pick<SharedContext, "kinds">,
  strings: readonly PvString[],
  scene: Scene,
  cables: Cables | null = null,
): Net | null {
  return netOfStrings(strings, { modelOf: (tile) => kindOf(common, tile).model, lightOn: scene, cables })?.net ?? null;
}

/** All panels of a plan out, flat and in full light under a named sky. */
export function clearScene({ site, fixed }: Pick<SharedContext, "site" | "fixed">, name: LimitSky): Scene {
  return underSkyScene(namedSky(name, site), fixed, site);
}

/** Watts of one panel alone at bright noon, standing so. */
export function panelNoonW(
  { solve, site }: Pick<SharedContext, "solve" | "site">,
  { model }: Kind,
  stand: Stand,
): number {
  const alone: Position = new Map([[keyOf(anyPanel), stand]]);
  const scene = underSkyScene(namedSky("brightNoon", site), alone, site);
  return solve({ type: "panel", model, ...scene(anyPanel, substringCount(model)) }).mpp.p;
}
const anyPanel = { panelId: "any", piece: 1 };

/** A solver wide enough for every panel of these counts in parallel, with a few more to buy. */
export function solverFor(
  kinds: Iterable<{ readonly kind: Kind; readonly count: number }>,
  site: Site,
  mounts: readonly Mount[],
): SharedContext["solve"] {
  const extremes = [site.mount, ...mounts].flatMap((mount) =>
    limitSkies.map((name) => namedSky(name, { ...site, mount }).cellTempC),
  );
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

/** What a panel is: its kind, or itself where its own label says something else. */
export function kindOf({ kinds }: Pick<SharedContext, "kinds">, tile: Pick<PanelRef, "panelId" | "piece">): Kind {
  const kind = kinds.get(keyOf(tile)) ?? kinds.get(tile.panelId);
  if (kind === undefined) throw new Error(`no kind "${tile.panelId}" among those read`);
  return kind;
}

/** Panels counted by kind, with one number of their label. */
export function termsOf(
  common: Pick<SharedContext, "kinds">,
  tiles: readonly PanelRef[],
  each: (kind: Kind) => number,
): Term[] {
  const counts = new Map<Kind, number>();
  for (const tile of tiles) counts.set(kindOf(common, tile), (counts.get(kindOf(common, tile)) ?? 0) + 1);
  return [...counts].map(([kind, count]) => ({ count, panelName: kind.name, each: each(kind) }));
}

export function keysOf(tiles: readonly PanelRef[]): PanelKey[] {
  return tiles.map(keyOf);
}

/** Sum over the panels in use of a number of their label. */
export function labelSum(context: Pick<PortArrayContext, "kinds" | "tiles">, each: (kind: Kind) => number): number {
  return context.tiles.reduce((sum, tile) => sum + each(kindOf(context, tile)), 0);
}

/** The site assumptions of the kinds a rule rests on. */
export function siteAssumed(
  context: Pick<SharedContext, "siteAssumptions">,
  ...types: Assumption["type"][]
): Assumption[] {
  return context.siteAssumptions.filter((assumption) => types.includes(assumption.type));
}

/** The label fields a rule rests on that were filled in, with the values taken, for every kind in the port array. */
export function labelAssumed(
  context: Pick<PortArrayContext, "kinds" | "tiles">,
  ...fields: AssumedField[]
): Assumption[] {
  return kindsIn(context).flatMap(({ name, fit, assumedFields }) =>
    assumedFields
      .filter((field) => fields.includes(field))
      .map((field): Assumption => ({ type: "labelField", panelName: name, field, value: fit.label[field] })),
  );
}

/** Said with every rule that rests on the curve: that it follows measured points, or could not meet its label exactly. */
export function fitAssumed(context: Pick<PortArrayContext, "kinds" | "tiles">): Assumption[] {
  return kindsIn(context).flatMap(({ name, fit, measured }): Assumption[] => {
    if (measured) return [{ type: "measured", panelName: name }];
    const missPct = Math.max(Math.abs(fit.missPct.vmp), Math.abs(fit.missPct.imp));
    return missPct > 1 ? [{ type: "labelOff", panelName: name, missPct }] : [];
  });
}

/** Said with every rule of a port array: that it rests on a label in doubt. */
export function doubtAssumed(context: Pick<PortArrayContext, "kinds" | "tiles">): Assumption[] {
  return kindsIn(context).flatMap(({ name, doubts }): Assumption[] =>
    doubts.length > 0 ? [{ type: "labelDoubt", panelName: name }] : [],
  );
}

/** The kinds in use in a port array, each once. */
export function kindsIn(context: Pick<PortArrayContext, "kinds" | "tiles">): Kind[] {
  return [...new Set(context.tiles.map((tile) => kindOf(context, tile)))];
}
