import { type OperatingPoint, sharedOut, type Tracking, type Window } from "../input";
import { type Net, type NetSolution } from "../net";
import { type Plan, type PortSheet } from "../plan";
import { equinoxNoon, isLimitSky, type Moment, type Sky, skyAt, type SkyName, skyNames } from "../sky";
import { keyOf, type LaneRef, sameLane, type Tile, type TileKey } from "../wiring";
import { mostColdVolts } from "./cold-voc";
import { type LaneContext, netUnderSky, type SkyState } from "./context";
import { type Finding, type Level, noRemedy, type Placed, type Where, worstLevel } from "./finding";
import { panelStates } from "./reverse";
import { createMemory, type Memory, type TileState } from "./memory";
import { type Missing, type OpenWiring, openWiring } from "./open";
import { groupsIn, shared, sharing } from "./shared";
import { shelf } from "./shelf";

/** What is looked at beside the verdict: a sky, and the moment "now" stands for. */
export type Look = { readonly sky: SkyName; readonly moment: Moment };

/** Taken where nobody looks at anything in particular. */
const noonLook: Look = { sky: "brightNoon", moment: equinoxNoon };

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
  readonly window: Window | null;
  readonly tracking: Tracking;
  readonly skies: Readonly<Record<SkyName, SkyView>>;
};

export type Assessed = {
  readonly type: "assessed";
  readonly findings: readonly Finding[];
  readonly worst: Level;
  readonly lanes: readonly LaneView[];
  /** What keeps some lanes from being judged. */
  readonly missing: readonly Missing[];
  /** Watts taken by all ports together under each sky, shared limits kept. */
  readonly takenW: Readonly<Record<SkyName, number>>;
};

export type Assessment = { readonly type: "incomplete"; readonly missing: readonly Missing[] } | Assessed;

/** Judges one wiring of a plan, mends aside. Pure: the same plan and look give the same assessment. */
export function assess(plan: Plan, wiringId: string, look: Look = noonLook): Assessment {
  return assessOpen(openById(plan, wiringId), look);
}

export function openById(plan: Plan, wiringId: string, memory: Memory = createMemory()): OpenWiring {
  const wiring = plan.wirings.find((candidate) => candidate.id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in the plan`);
  return openWiring(plan, wiring.lanes, memory);
}

export function assessOpen(open: OpenWiring, look: Look = noonLook): Assessment {
  if (open.lanes.length === 0) return { type: "incomplete", missing: open.missing };
  const findings = judgeAll(open).map((finding) => ({ ...finding, ...noRemedy }));
  return {
    type: "assessed",
    findings,
    worst: worstLevel([...findings, ...open.missing.map(() => ({ level: "open" }) as const)]),
    lanes: open.lanes.map((context) => viewOf(context, open.memory, look)),
    missing: open.missing,
    takenW: eachSky((name) => takenW(open, name, look.moment)),
  };
}

/** Every rule of every lane and group, each with what it speaks of, and what is left on the shelf. */
export function judgeAll(open: OpenWiring): Placed[] {
  const { plan, lanes, memory } = open;
  const ofLanes = lanes.flatMap((context) => {
    const where = laneWhere(context);
    return memory
      .judged(context)
      .map((judged) => ({ ...judged, id: `${judged.rule}@${where.inputId}/${where.portId}`, where }));
  });
  const ofGroups = groupsIn(plan.inputs, lanes).flatMap(({ inputId, group, lanes: members }) => {
    const judged = shared(group, members);
    return judged === null
      ? []
      : [
          {
            ...judged,
            id: `${judged.rule}@${inputId}/${group.id}`,
            where: { type: "group", inputId, groupId: group.id } as const,
          },
        ];
  });
  return [...ofLanes, ...ofGroups, ...[shelf(open) ?? []].flat()];
}

function laneWhere({ lane }: LaneContext): Extract<Where, { type: "lane" }> {
  return { type: "lane", inputId: lane.inputId ?? "", portId: lane.portId ?? "" };
}

function viewOf(context: LaneContext, memory: Memory, look: Look): LaneView {
  const { port, device, window, tracking } = context;
  const view = (name: SkyName): SkyView => {
    const { sky, array, operating } = memory.under(context, skyAt(name, context.site, look.moment));
    const drawn = name === look.sky || isLimitSky(name);
    return {
      sky,
      operating,
      openV: name === "coldDawn" ? mostColdVolts(context, context.lane.rows).volts : array.vocV,
      array: {
        curve: drawn ? array.curve : null,
        vocV: array.vocV,
        iscA: array.iscA,
        peaks: array.peaks,
        mpp: array.mpp,
      },
    };
  };
  const { inputId, portId } = laneWhere(context);
  return { inputId, portId, deviceName: device.name, port, window, tracking, skies: eachSky(view) };
}

function eachSky<T>(of: (name: SkyName) => T): Readonly<Record<SkyName, T>> {
  return Object.fromEntries(skyNames.map((name) => [name, of(name)])) as Readonly<Record<SkyName, T>>;
}

/** Watts all lanes take together under a sky, shared limits kept. */
export function takenW(
  { plan, lanes, memory }: Pick<OpenWiring, "plan" | "lanes" | "memory">,
  name: SkyName,
  moment: Moment = equinoxNoon,
): number {
  const stateOf = (lane: LaneContext) => memory.under(lane, skyAt(name, lane.site, moment));
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
export function laneNet(plan: Plan, wiringId: string, ref: LaneRef, name: SkyName, moment: Moment): Net {
  const { ground, lanes } = openById(plan, wiringId);
  const rows = lanes.find(({ lane }) => sameLane(lane, ref))?.lane.rows ?? [];
  const net = netUnderSky(ground, rows, skyAt(name, ground.site, moment));
  if (net === null) throw new Error("a lane without panels has no net");
  return net;
}

export type TileStates = Readonly<Record<TileKey, TileState>>;

/** Every panel at its lane's running point under the sky looked at; at open circuit where the lane takes nothing. */
export function lookInto({ lanes, memory }: Pick<OpenWiring, "lanes" | "memory">, look: Look = noonLook): TileStates {
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
      const state = memory.under(context, skyAt(look.sky, context.site, look.moment));
      return memory
        .states(state, () => statesOf(state))
        .map((each, k): [TileKey, TileState] => [keyOf(context.tiles[k] as Tile), each]);
    }),
  );
}
