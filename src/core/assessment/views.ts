import { type OperatingPoint, sharedOut, type Tracking, type InputWindow } from "../engine/pv-input";
import { type Net, type NetSolution } from "../engine/net";
import { noShades, type Scene, type Shades, underSkyScene } from "../engine/light";
import { type Plan, type PortSheet } from "../plan";
import { createRoofLight } from "../layout/roof";
import { equinoxNoon, isLimitSky, type Moment, type Sky, skyAt, type SkyName, skyNames } from "../engine/sky";
import { keyOf, type PortArrayRef, samePortArray, type PanelRef, type PanelKey } from "../engine/array";
import { maxColdVolts, panelStates, groupsIn, sharing } from "../wiring/rules";
import {
  type PortArrayContext,
  netIn,
  type SkyState,
  type TileState,
  parkedIn,
  type SolvableWiring,
  solvableById,
} from "../plan-model";
import { roofContext } from "../layout/rules";

/** What is looked at beside the verdict: a sky, the moment "now" stands for, and a position. */
export type ViewState = {
  readonly sky: SkyName;
  readonly moment: Moment;
  /** One of the positions of the wiring; null: the usual one. */ readonly positionId: string | null;
};

/** Taken where nobody looks at anything in particular. */
export const noonLook: ViewState = { sky: "brightNoon", moment: equinoxNoon, positionId: null };

/** A port array under one sky, as data that can cross to another thread; its curve where it is drawn, else null. */
export type SkyView = {
  readonly sky: Sky;
  readonly array: Omit<NetSolution, "curve"> & { readonly curve: NetSolution["curve"] | null };
  readonly operating: OperatingPoint | null;
  /** Volts with nothing connected, V; of the coldest dawn those that are judged, of any part that can stand alone. */
  readonly openV: number;
};

export type PortArrayView = {
  readonly inputId: string;
  readonly portId: string;
  readonly deviceName: string;
  readonly port: PortSheet;
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly skies: Readonly<Record<SkyName, SkyView>>;
};

export function viewOf(context: PortArrayContext, ready: SolvableWiring, look: ViewState): PortArrayView {
  const { port, device, window, tracking } = context;
  const view = (name: SkyName): SkyView => {
    const { sky, array, operating } = stateUnder(ready, context, name, look.moment);
    const drawn = name === look.sky || isLimitSky(name);
    return {
      sky,
      operating,
      openV: name === "coldDawn" ? maxColdVolts(context, context.portArray.strings).volts : array.vocV,
      array: {
        curve: drawn ? array.curve : null,
        vocV: array.vocV,
        iscA: array.iscA,
        peaks: array.peaks,
        mpp: array.mpp,
      },
    };
  };
  const { inputId, portId } = context.portArray;
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

/** A port array under a sky, in the shadows of the roof: limit skies are judged without, as a shadow may go. */
function stateUnder(ready: SolvableWiring, context: PortArrayContext, name: SkyName, moment: Moment): SkyState {
  const sky = skyAt(name, context.site, moment);
  return ready.memory.under(context, sky, isLimitSky(name) ? noShades : shadesUnder(ready, sky));
}

function sceneUnder(ready: SolvableWiring, { position, site }: PortArrayContext, sky: Sky): Scene {
  return underSkyScene(sky, position, site, isLimitSky(sky.name) ? noShades : shadesUnder(ready, sky));
}

/** Lower than this the sun is down. */
const minSunDeg = 0.01;

/** What the roof's shadows leave of the beam to the panels as they lie in the position looked at. */
function shadesUnder(
  { plan, memory, positions, positioned, portArrays }: SolvableWiring,
  { sun, diffuseShare }: Sky,
): Shades {
  const elevationDeg = 90 - sun.zenithDeg;
  if (plan.space.places.length === 0 || diffuseShare >= 1 || elevationDeg < minSunDeg) return noShades;
  const positionId = positions[positioned.indexOf(portArrays)]?.id ?? positions[0]?.id ?? "";
  const parked = parkedIn(plan);
  const roof = memory.roof(plan, positionId, () => roofContext(plan, positionId, parked));
  const light = memory.onRoof(roof, "light", () => createRoofLight(plan, positionId, parked));
  const azimuthDeg = sun.fromNoonDeg + (parked.latitudeDeg >= 0 ? 180 : 0);
  return memory.onRoof(roof, `under ${azimuthDeg} ${elevationDeg}`, () => light({ azimuthDeg, elevationDeg }));
}

/** Watts all port arrays take together under a sky, shared limits kept. */
export function takenW(ready: SolvableWiring, name: SkyName, moment: Moment = equinoxNoon): number {
  const { plan, portArrays } = ready;
  const stateOf = (portArray: PortArrayContext) => stateUnder(ready, portArray, name, moment);
  const points = new Map(portArrays.map((portArray) => [portArray, stateOf(portArray).operating]));
  // limit by limit, each on what the ones before it left: a port of two groups gives way once, to the tighter
  for (const { group, portArrays: members } of groupsIn(plan.inputs, portArrays)) {
    const running = members.filter(
      (portArray) => portArray.window !== null && (points.get(portArray) ?? null) !== null,
    );
    const ports = sharing(running, (portArray) => ({
      array: stateOf(portArray).array,
      operating: points.get(portArray) ?? null,
    }));
    for (const [k, point] of sharedOut(ports, group).entries()) {
      const portArray = running[k];
      if (portArray !== undefined) points.set(portArray, point);
    }
  }
  return [...points.values()].reduce((sum, point) => sum + (point?.p ?? 0), 0);
}

/** A port array's net as it stands under a sky, for whoever wants to solve it elsewhere. */
export function portArrayNet(
  plan: Plan,
  wiringId: string,
  ref: PortArrayRef,
  { sky, moment, positionId }: ViewState,
): Net {
  const ready = solvableById(plan, wiringId, positionId);
  const { common, portArrays } = ready;
  const context = portArrays.find(({ portArray }) => samePortArray(portArray, ref));
  const net =
    context === undefined
      ? null
      : netIn(
          common,
          context.portArray.strings,
          sceneUnder(ready, context, skyAt(sky, common.site, moment)),
          context.copper.cables,
        );
  if (net === null) throw new Error("a port array without panels has no net");
  return net;
}

export type TileStates = Readonly<Record<PanelKey, TileState>>;

/** Every panel at its port array's running point under the sky looked at; at open circuit where the port array takes nothing. */
export function lookInto(ready: SolvableWiring, look: ViewState = noonLook): TileStates {
  const { portArrays, memory } = ready;
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
    portArrays.flatMap((context) => {
      const state = stateUnder(ready, context, look.sky, look.moment);
      return memory
        .states(state, () => statesOf(state))
        .map((each, k): [PanelKey, TileState] => [keyOf(context.tiles[k] as PanelRef), each]);
    }),
  );
}
