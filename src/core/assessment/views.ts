import { type OperatingPoint, sharedOut, type Tracking, type InputWindow } from "../engine/pv-input";
import { type Net, type NetSolution } from "../engine/net";
import { noShades, type Scene, type Shades, underSkyScene } from "../engine/light";
import { type Plan, type PortSheet } from "../plan";
import { createRoofLight } from "../layout/roof";
import { equinoxNoon, isLimitSky, type Moment, type Sky, skyAt, type SkyName, skyNames } from "../engine/sky";
import { keyOf, type LaneRef, sameLane, type PanelRef, type PanelKey } from "../engine/array";
import { maxColdVolts, panelStates, groupsIn, sharing } from "../wiring/rules";
import {
  type LaneContext,
  netIn,
  type SkyState,
  type TileState,
  parkedIn,
  type SolvableWiring,
  solvableById,
} from "../plan-model";
import { roofContext } from "../layout/rules";

/** What is looked at beside the verdict: a sky, the moment "now" stands for, and a pose. */
export type ViewState = {
  readonly sky: SkyName;
  readonly moment: Moment;
  /** One of the poses of the wiring; null: the usual one. */ readonly poseId: string | null;
};

/** Taken where nobody looks at anything in particular. */
export const noonLook: ViewState = { sky: "brightNoon", moment: equinoxNoon, poseId: null };

/** The array of a lane under one sky, as data that can cross to another thread; its curve where it is drawn, else null. */
export type SkyView = {
  readonly sky: Sky;
  readonly array: Omit<NetSolution, "curve"> & { readonly curve: NetSolution["curve"] | null };
  readonly operating: OperatingPoint | null;
  /** Volts with nothing connected, V; of the coldest dawn those that are judged, of any part that can stand alone. */
  readonly openV: number;
};

export type LaneView = {
  readonly inputId: string;
  readonly portId: string;
  readonly deviceName: string;
  readonly port: PortSheet;
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly skies: Readonly<Record<SkyName, SkyView>>;
};

export function viewOf(context: LaneContext, ready: SolvableWiring, look: ViewState): LaneView {
  const { port, device, window, tracking } = context;
  const view = (name: SkyName): SkyView => {
    const { sky, array, operating } = stateUnder(ready, context, name, look.moment);
    const drawn = name === look.sky || isLimitSky(name);
    return {
      sky,
      operating,
      openV: name === "coldDawn" ? maxColdVolts(context, context.lane.rows).volts : array.vocV,
      array: {
        curve: drawn ? array.curve : null,
        vocV: array.vocV,
        iscA: array.iscA,
        peaks: array.peaks,
        mpp: array.mpp,
      },
    };
  };
  const { inputId, portId } = context.lane;
  return {
    inputId: inputId ?? "",
    portId: portId ?? "",
    deviceName: device.name,
    port,
    window,
    tracking,
    skies: eachSky(view),
  };
}

export function eachSky<T>(of: (name: SkyName) => T): Readonly<Record<SkyName, T>> {
  return Object.fromEntries(skyNames.map((name) => [name, of(name)])) as Readonly<Record<SkyName, T>>;
}

/** A lane under a sky, in the shadows of the roof: limit skies are judged without, as a shadow may go. */
function stateUnder(ready: SolvableWiring, context: LaneContext, name: SkyName, moment: Moment): SkyState {
  const sky = skyAt(name, context.site, moment);
  return ready.memory.under(context, sky, isLimitSky(name) ? noShades : shadesUnder(ready, sky));
}

function sceneUnder(ready: SolvableWiring, { pose, site }: LaneContext, sky: Sky): Scene {
  return underSkyScene(sky, pose, site, isLimitSky(sky.name) ? noShades : shadesUnder(ready, sky));
}

/** Lower than this the sun is down. */
const minSunDeg = 0.01;

/** What the roof's shadows leave of the beam to the panels as they lie in the pose looked at. */
function shadesUnder({ plan, memory, poses, posed, lanes }: SolvableWiring, { sun, diffuseShare }: Sky): Shades {
  const elevationDeg = 90 - sun.zenithDeg;
  if (plan.space.places.length === 0 || diffuseShare >= 1 || elevationDeg < minSunDeg) return noShades;
  const poseId = poses[posed.indexOf(lanes)]?.id ?? poses[0]?.id ?? "";
  const parked = parkedIn(plan);
  const roof = memory.roof(plan, poseId, () => roofContext(plan, poseId, parked));
  const light = memory.onRoof(roof, "light", () => createRoofLight(plan, poseId, parked));
  const azimuthDeg = sun.fromNoonDeg + (parked.latitudeDeg >= 0 ? 180 : 0);
  return memory.onRoof(roof, `under ${azimuthDeg} ${elevationDeg}`, () => light({ azimuthDeg, elevationDeg }));
}

/** Watts all lanes take together under a sky, shared limits kept. */
export function takenW(ready: SolvableWiring, name: SkyName, moment: Moment = equinoxNoon): number {
  const { plan, lanes } = ready;
  const stateOf = (lane: LaneContext) => stateUnder(ready, lane, name, moment);
  const points = new Map(lanes.map((lane) => [lane, stateOf(lane).operating]));
  // limit by limit, each on what the ones before it left: a port of two groups gives way once, to the tighter
  for (const { group, lanes: members } of groupsIn(plan.inputs, lanes)) {
    const running = members.filter((lane) => lane.window !== null && (points.get(lane) ?? null) !== null);
    const ports = sharing(running, (lane) => ({ array: stateOf(lane).array, operating: points.get(lane) ?? null }));
    for (const [k, point] of sharedOut(ports, group).entries()) {
      const lane = running[k];
      if (lane !== undefined) points.set(lane, point);
    }
  }
  return [...points.values()].reduce((sum, point) => sum + (point?.p ?? 0), 0);
}

/** A lane's net as it stands under a sky, for whoever wants to solve it elsewhere. */
export function laneNet(plan: Plan, wiringId: string, ref: LaneRef, { sky, moment, poseId }: ViewState): Net {
  const ready = solvableById(plan, wiringId, poseId);
  const { common, lanes } = ready;
  const context = lanes.find(({ lane }) => sameLane(lane, ref));
  const net =
    context === undefined
      ? null
      : netIn(
          common,
          context.lane.rows,
          sceneUnder(ready, context, skyAt(sky, common.site, moment)),
          context.copper.cables,
        );
  if (net === null) throw new Error("a lane without panels has no net");
  return net;
}

export type TileStates = Readonly<Record<PanelKey, TileState>>;

/** Every panel at its lane's running point under the sky looked at; at open circuit where the lane takes nothing. */
export function lookInto(ready: SolvableWiring, look: ViewState = noonLook): TileStates {
  const { lanes, memory } = ready;
  const statesOf = ({ array, operating }: SkyState) => {
    const v = operating === null ? array.mpp.v : operating.p > 0 ? operating.v : array.vocV;
    return panelStates(array.stateAt(v)).map(({ v: volts, i, p, substrings }): TileState => ({
      v: volts,
      i,
      p,
      substrings,
    }));
  };
  return Object.fromEntries(
    lanes.flatMap((context) => {
      const state = stateUnder(ready, context, look.sky, look.moment);
      return memory
        .states(state, () => statesOf(state))
        .map((each, k): [PanelKey, TileState] => [keyOf(context.tiles[k] as PanelRef), each]);
    }),
  );
}
