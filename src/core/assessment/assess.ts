import { type OperatingPoint, sharedOut, type Tracking, type InputWindow } from "../engine/pv-input";
import { type Net, type NetSolution } from "../engine/net";
import { facingOf, lightOnPlane, noShades, type Scene, type Shades, underSkyScene } from "../engine/light";
import { type Plan, type PortSheet } from "../plan";
import { createRoofLight } from "../layout/roof";
import { equinoxNoon, isLimitSky, type Moment, namedSky, type Sky, skyAt, type SkyName, skyNames } from "../engine/sky";
import {
  keyOf,
  type PortArray,
  laneKey,
  type LaneRef,
  type Pose,
  sameLane,
  type Stand,
  standOf,
  type PanelRef,
  type PanelKey,
  usedIn,
} from "../engine/array";
import { maxColdVolts, panelStates, groupsIn, sharing } from "../wiring/rules";
import {
  type LaneContext,
  netIn,
  type SkyState,
  createSolveCache,
  type SolveCache,
  type TileState,
  laneOf,
  type Missing,
  parkedIn,
  type SolvableWiring,
  solvableById,
  mountReports,
} from "../plan-model";
import { type Finding, noFixes, type FindingWithoutFixes } from "./finding";
import { type Level, levels, type Subject, worstLevel } from "../checks";
import { judgeLane, type RuleResult } from "./judge-lane";
import { mountRules } from "../mounting/rules";
import { leadsRule, roofContext, roofRules } from "../layout/rules";
import { copperContext, copperRules, isCopperSaid } from "../protection/rules";
import { groupRules, ruleOf, wiringRules } from "./rules";

/** What is looked at beside the verdict: a sky, the moment "now" stands for, and a pose. */
export type ViewState = {
  readonly sky: SkyName;
  readonly moment: Moment;
  /** One of the poses of the wiring; null: the usual one. */ readonly poseId: string | null;
};

/** Taken where nobody looks at anything in particular. */
const noonLook: ViewState = { sky: "brightNoon", moment: equinoxNoon, poseId: null };

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
export function assess(plan: Plan, wiringId: string, look: ViewState = noonLook): Assessment {
  return assessReady(solvableById(plan, wiringId, look.poseId), look);
}

export function assessReady(ready: SolvableWiring, look: ViewState = noonLook): Assessment {
  if (ready.lanes.length === 0) return { type: "incomplete", missing: ready.missing };
  const findings = judgeAll(ready).map((finding) => ({ ...finding, ...noFixes }));
  return {
    type: "assessed",
    findings,
    worst: worstLevel([...findings, ...ready.missing.map(() => ({ level: "open" }) as const)]),
    lanes: ready.lanes.map((context) => viewOf(context, ready, look)),
    missing: ready.missing,
    takenW: eachSky((name) => takenW(ready, name, look.moment)),
  };
}

/**
 * Every rule of every lane and group, each with what it speaks of, and what is left on the shelf: of all poses, and of
 * what can be on the way from one to another, the worst is told, with the pose it is worst in.
 */
export function judgeAll(ready: SolvableWiring): FindingWithoutFixes[] {
  const each = ready.posed.map((lanes, k) => judgePose({ ...ready, lanes }, ready.poses[k]?.id ?? ""));
  const [first, ...others] = each;
  if (first === undefined || others.length === 0) return first ?? [];
  const ids = new Set(each.flatMap((found) => found.map(({ id }) => id)));
  const inPoses = [...ids].map((id): FindingWithoutFixes => {
    const found = each.flatMap((findings, k) => {
      const one = findings.find((candidate) => candidate.id === id);
      return one === undefined ? [] : [{ placed: one, name: ready.poses[k]?.name ?? "" }];
    });
    const worst = found.reduce((a, b) => (isWorse(b.placed, a.placed) ? b : a));
    const isSame = found.length === each.length && found.every(({ placed }) => sameVerdict(placed, worst.placed));
    return isSame ? worst.placed : { ...worst.placed, pose: { type: "in", name: worst.name } };
  });
  const worst = new Map(inPoses.map((found) => [found.id, found]));
  for (const found of betweenPoses(ready)) {
    const before = worst.get(found.id);
    if (before === undefined || isWorse(found, before)) worst.set(found.id, found);
  }
  return [...worst.values()];
}

/** Worse in level; of one level, with less room. */
function isWorse(a: FindingWithoutFixes, b: FindingWithoutFixes): boolean {
  const apart = levels.indexOf(a.level) - levels.indexOf(b.level);
  return apart < 0 || (apart === 0 && (a.marginPct ?? Infinity) < (b.marginPct ?? Infinity));
}

function sameVerdict(a: FindingWithoutFixes, b: FindingWithoutFixes): boolean {
  return a.level === b.level && JSON.stringify(a.reason) === JSON.stringify(b.reason);
}

function judgePose(ready: SolvableWiring, poseId: string): FindingWithoutFixes[] {
  const { plan, lanes, memory } = ready;
  const ofLanes = lanes.flatMap((context) =>
    placedOfLane(
      context,
      memory.judged(context, () => judgeLane(context)),
    ),
  );
  const ofGroups = groupsIn(plan.inputs, lanes).flatMap(({ inputId, group, lanes: members }) =>
    groupRules.flatMap(({ id, judge }): FindingWithoutFixes[] => {
      const judged = judge(group, members);
      return judged === null ? [] : [placed({ ...judged, rule: id }, { type: "group", inputId, groupId: group.id })];
    }),
  );
  const ofAll = wiringRules.flatMap(({ id, judge }): FindingWithoutFixes[] => {
    const judged = judge(ready);
    return judged === null ? [] : [{ ...placed({ ...judged, rule: id }, judged.subject), id }];
  });
  return [...ofLanes, ...ofGroups, ...ofAll, ...ofRoof(ready, poseId), ...ofCopper(ready), ...ofMount(ready)];
}

function ofRoof({ plan, wired, memory }: SolvableWiring, poseId: string): FindingWithoutFixes[] {
  return judgeRoof(plan, wired, poseId, memory);
}

/** What the wiring is made of: the same in all poses. */
function ofCopper({ plan, wiringId, lanes, poses }: SolvableWiring): FindingWithoutFixes[] {
  const copper = isCopperSaid(plan, wiringId) ? copperContext(plan, wiringId, lanes, poses[0]?.id ?? "") : null;
  if (copper === null) return [];
  return copperRules.flatMap(({ id, judge }) =>
    judge(copper).map((told) => {
      const { subject, about, ...judged } = told;
      return withAbout(placed({ ...judged, rule: id }, subject), about);
    }),
  );
}

/** How the panels are fixed: the same in all poses, each of which it looks at itself. */
function ofMount({ plan, memory, poses }: SolvableWiring): FindingWithoutFixes[] {
  const { list, passedOver } = plan.fixings;
  if (list.length + passedOver.length === 0) return [];
  const roof = memory.roof(plan, poses[0]?.id ?? "", () => roofContext(plan, poses[0]?.id ?? "", parkedIn(plan)));
  return memory.onRoof(roof, "mount", () => {
    const context = { plan, ...mountReports(plan) };
    return mountRules.flatMap(({ id, judge }) =>
      judge(context).map((told): FindingWithoutFixes => {
        const { subject, about, ...judged } = told;
        return withAbout(placed({ ...judged, rule: id }, subject), about);
      }),
    );
  });
}

function withAbout(one: FindingWithoutFixes, about: string): FindingWithoutFixes {
  return about === "" ? one : { ...one, id: `${one.id}/${about}` };
}

/** How the panels lie in a pose: the same for all wirings of a plan, but for what joins them. */
export function judgeRoof(
  plan: Plan,
  wired: readonly PortArray[],
  poseId: string,
  memory: SolveCache = createSolveCache(),
): FindingWithoutFixes[] {
  if (plan.space.surfaces.length === 0) return [];
  const parked = parkedIn(plan);
  const roof = memory.roof(plan, poseId, () => roofContext(plan, poseId, parked));
  return roofRules.flatMap(({ id, judge }) =>
    memory
      .onRoof(roof, id === leadsRule.id ? null : id, () => judge(roof, wired))
      .map((told): FindingWithoutFixes => {
        const { subject, about, ...judged } = told;
        return withAbout(placed({ ...judged, rule: id }, subject), about);
      }),
  );
}

function placedOfLane(context: LaneContext, found: readonly RuleResult[]): FindingWithoutFixes[] {
  return found.map((told) => placed(told, subjectOf(context)));
}

/** What a rule says with its name and its subject; one of no pose. */
function placed(told: RuleResult, subject: Subject): FindingWithoutFixes {
  const { stop, sense } = ruleOf(told.rule);
  return { ...told, id: `${told.rule}@${keyOfSubject(subject)}`, stop, sense, subject, pose: null };
}

function keyOfSubject(subject: Subject): string {
  return subject.type === "lane"
    ? laneKey(subject)
    : subject.type === "group"
      ? `${subject.inputId}/${subject.groupId}`
      : JSON.stringify(subject);
}

/**
 * What is a Stop while panels are taken from one pose to another, one after another: each panel then stands as in one of
 * the two. Most is pushed into a row when it is as dark as either pose has it, and all others as bright.
 */
function betweenPoses({ plan, common, memory, poses, posed }: SolvableWiring): FindingWithoutFixes[] {
  const pairs = poses.flatMap((from, a) => poses.slice(a + 1).map((to) => ({ from, to, lanes: posed[a] ?? [] })));
  return pairs.flatMap(({ from, to, lanes }) =>
    lanes
      .filter(({ lane, tiles }) => lane.rows.length > 1 && tiles.some((tile) => differs(from.pose, to.pose, tile)))
      .flatMap((context) =>
        context.lane.rows.flatMap((dark) => {
          const inDark = new Set(usedIn([dark]).map(keyOf));
          const halfway: Pose = new Map(
            context.tiles.map((tile) => {
              const stands = [standOf(from.pose, tile), standOf(to.pose, tile)] as const;
              const [darker, brighter] = byLight(stands, common);
              return [keyOf(tile), inDark.has(keyOf(tile)) ? darker : brighter];
            }),
          );
          const between = memory.between(context, JSON.stringify([...halfway]), () =>
            laneOf(plan, common, context.lane, halfway, context.copper),
          );
          return between === null
            ? []
            : placedOfLane(
                between,
                memory.judged(between, () => judgeLane(between)),
              );
        }),
      )
      .filter(({ level }) => level === "stop")
      .map((found): FindingWithoutFixes => ({ ...found, pose: { type: "between", names: [from.name, to.name] } })),
  );
}

function differs(a: Pose, b: Pose, tile: PanelRef): boolean {
  return JSON.stringify(standOf(a, tile)) !== JSON.stringify(standOf(b, tile));
}

/** Two ways to stand, the one with less light at noon first. */
function byLight([a, b]: readonly [Stand, Stand], { site }: SolvableWiring["common"]): readonly [Stand, Stand] {
  const sky = namedSky("brightNoon", site);
  const light = (stand: Stand) =>
    stand.stance === "stowed"
      ? 0
      : (stand.light.reduce((sum, share) => sum + share, 0) / stand.light.length) *
        lightOnPlane(facingOf(stand, site), sky);
  return light(a) <= light(b) ? [a, b] : [b, a];
}

function subjectOf({ lane }: LaneContext): Extract<Subject, { type: "lane" }> {
  return { type: "lane", inputId: lane.inputId ?? "", portId: lane.portId ?? "" };
}

function viewOf(context: LaneContext, ready: SolvableWiring, look: ViewState): LaneView {
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
  const { inputId, portId } = subjectOf(context);
  return { inputId, portId, deviceName: device.name, port, window, tracking, skies: eachSky(view) };
}

function eachSky<T>(of: (name: SkyName) => T): Readonly<Record<SkyName, T>> {
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
