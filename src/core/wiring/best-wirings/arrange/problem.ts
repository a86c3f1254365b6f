import { isFuseStrict, type PortArrayCopper } from "@/core/protection/cabling";
import { type PanelLight } from "@/core/engine/light";
import { type InputWindow, portWindow, trackingOf, wakeV } from "@/core/engine/pv-input";
import { type DeviceSheet, type Plan, positionIn, type PortSheet, type Wiring } from "@/core/plan";
import {
  type SharedContext,
  kindOf,
  type SolveCache,
  type NamedPosition,
  solvableWiring,
  positionsOf,
} from "@/core/plan-model";
import { keyOf, type PortArray, portArrayKey, newTile, type PanelRef } from "@/core/engine/array";
import { type RunningPort } from "../../year";
import { type Counts, type StringMix, stringsOf, sumOf } from "../exact";
import { bearsString, bearsTogether, type StringFacts, stringFacts } from "./string-limits";
import { classesOf, minApart, type PanelClass } from "./classes";
import { type Breadth, everything, listNets, type NetList, setsOf } from "./nets";
import { sunsOf, noon } from "./problem-light";
import { type ArrangeAsk } from "./ask";

/** A port that panels may stand before. */
export type OpenPort = {
  readonly inputId: string;
  readonly device: DeviceSheet;
  readonly port: PortSheet;
  readonly cables: PortCables | null;
  /** Which of the kinds of port it is: those that accept the same have the same nets. */ readonly kind: number;
};

/** Ports that accept the same. */
export type PortKind = {
  readonly port: PortSheet;
  readonly running: RunningPort & { readonly window: InputWindow };
  readonly nets: NetList;
  readonly facts: readonly StringFacts[];
  /** What the cables of such a port resist, where they were measured; null: the plan's share of the volts is taken. */
  readonly cables: PortCables | null;
};

/** Ω of one string's cable before the strings are joined, and of what they then share. */
export type PortCables = { readonly stringOhm: number; readonly arrayOhm: number };

/** Why something of the plan is not among what is tried. */
export type LeftOut =
  | { readonly type: "panel"; readonly name: string }
  /** More kinds than can be told apart at once: those with the least watts lie on the shelf. */
  | { readonly type: "tooMany"; readonly name: string }
  /** Its ceiling is not stated: whatever stood there could not be judged. */
  | { readonly type: "port"; readonly name: string }
  | { readonly type: "addOn"; readonly name: string };

export type Problem = {
  readonly ask: ArrangeAsk;
  readonly wiring: Wiring;
  readonly common: SharedContext;
  readonly positions: readonly NamedPosition[];
  readonly memory: SolveCache;
  readonly classes: readonly PanelClass[];
  readonly have: Counts;
  readonly ports: readonly OpenPort[];
  readonly kinds: readonly PortKind[];
  /** Bright noon on a panel of each class, as the verdict has it. */ readonly noon: readonly PanelLight[];
  /** Hours each of the suns stands for, and whether another day begins with it. */ readonly hours: readonly number[];
  readonly newDay: readonly boolean[];
  /** Which month of the year each is of; of bright noon none. */ readonly months: readonly (number | null)[];
  /** Of the volts, what cables lose in full sun. */ readonly cable: number;
  /** Whether all there is is tried, but for panels taken as alike whose light differs a little. */
  readonly isComplete: boolean;
  readonly leftOut: readonly LeftOut[];
};

/** Sets of strings tried before a port at most: what ends within a few seconds. */
const maxNets = 120_000;
/** Strings, and sets of panels, that there may be. */
const maxStrings = 420;
const maxSets = 6_000;

/** The ways to go through less where all would be too many, the widest first. */
const breadths: readonly Breadth[] = [
  everything,
  { classesInString: 2, unlikeStrings: Infinity },
  { classesInString: 2, unlikeStrings: 3 },
  { classesInString: 1, unlikeStrings: 3 },
  { classesInString: 1, unlikeStrings: 2 },
  { classesInString: 1, unlikeStrings: 1 },
];

/** All that the finder asks of a plan, worked out once; every worker makes the same of the same question. */
export function createProblem(ask: ArrangeAsk, memory: SolveCache): Problem {
  const { plan, wiringId, goal, weather } = ask;
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${wiringId}" in this plan`);
  const positions = positionsOf(plan, wiring);
  const ready = solvableWiring(plan, { id: wiringId, portArrays: [] }, memory, positions);
  const { common } = ready;
  const { tiles: all, unread } = tilesOfPlan(plan, common);
  const asked = ask.among === undefined ? null : new Set(ask.among.tiles.map(keyOf));
  const tiles = asked === null ? all : all.filter((tile) => asked.has(keyOf(tile)));
  const { ports, leftOut } = portsOf(ask, ready.copperOf, wiring.portArrays);
  const bright = noon(common, positions);
  const suns = goal.type === "noon" ? bright : sunsOf(ask, ready, weather);
  const standing = new Map(positions.map(({ id }) => [id, positionIn(plan, id)]));
  const parts = {
    tiles,
    kindOf: (tile: PanelRef) => kindOf(common, tile),
    standingOf: (tile: PanelRef) =>
      JSON.stringify([
        common.fixed.get(keyOf(tile)) ?? null,
        ...positions.map(({ id }) => standing.get(id)?.get(keyOf(tile)) ?? null),
      ]),
    lightOn: suns.lightOn,
    hours: suns.hours,
  };
  // panels under unlike shadows are told apart as far as there is time for it
  let classes = classesOf(parts, minApart);
  for (let apart = 2 * minApart; apart < 2 && isTooMany(classes); apart *= 2) classes = classesOf(parts, apart);
  const few = fewEnough(classes);
  const beyond = classes.filter((each) => !few.includes(each));
  classes = few;
  const have = classes.map(({ tiles: alike }) => alike.length);
  const specs = [...new Set(ports.map(specOf))];
  const found = kindsWithin(specs, ports, classes, common, isFuseStrict(plan), ask.among?.maxNets ?? maxNets);
  return {
    ask,
    wiring,
    common,
    positions,
    memory,
    classes,
    have,
    ports: ports.map((open) => ({ ...open, kind: specs.indexOf(specOf(open)) })),
    kinds: found.kinds,
    noon: classes.map((alike) => bright.lightOn(alike.tiles[0] as PanelRef)[0] as PanelLight),
    hours: suns.hours,
    newDay: suns.newDay,
    months: suns.months,
    cable: suns.cable,
    isComplete: found.isComplete && beyond.length === 0,
    leftOut: [
      ...unread.map((name) => ({ type: "panel", name }) as const),
      ...beyond.map(({ kind }) => ({ type: "tooMany", name: kind.name }) as const),
      ...leftOut,
    ],
  };
}

function isTooMany(classes: readonly PanelClass[]): boolean {
  return setsOf(classes.map(({ tiles }) => tiles.length)) > maxSets;
}

/** The classes with the most watts, as many as can be told apart. */
function fewEnough(classes: readonly PanelClass[]): PanelClass[] {
  const wattsOf = ({ kind, tiles }: PanelClass) => kind.fit.label.pmaxW * tiles.length;
  const sorted = [...classes].sort((a, b) => wattsOf(b) - wattsOf(a));
  let sets = 1;
  const kept = sorted.filter(({ tiles }) => {
    if (sets * (tiles.length + 1) > maxSets) return false;
    sets *= tiles.length + 1;
    return true;
  });
  return classes.filter((each) => kept.includes(each));
}

/** All that a port accepts, whatever it is called. */
function specOf({ port, cables }: Pick<OpenPort, "port" | "cables">): string {
  return JSON.stringify({ ...port, id: "", name: "", moduleId: null, cables });
}

function tilesOfPlan(plan: Plan, common: SharedContext): { tiles: PanelRef[]; unread: string[] } {
  const all = plan.panels.flatMap(({ id, pieces }) => pieces.map(({ number }) => newTile(id, number)));
  const isRead = (tile: PanelRef) => common.kinds.has(keyOf(tile)) || common.kinds.has(tile.panelId);
  const unread = plan.panels.filter(({ id, pieces }) => pieces.length > 0 && !common.kinds.has(id));
  return { tiles: all.filter(isRead), unread: unread.map(({ label }) => label.name) };
}

function portsOf(
  { plan, withAddOns, among }: ArrangeAsk,
  copperOf: (portArray: PortArray) => PortArrayCopper,
  portArrays: readonly PortArray[],
): { ports: Omit<OpenPort, "kind">[]; leftOut: LeftOut[] } {
  const used = new Set(
    plan.wirings.flatMap(({ portArrays }) =>
      portArrays.filter(({ strings }) => strings.length > 0).map((portArray) => portArrayKey(portArray)),
    ),
  );
  const leftOut: LeftOut[] = [];
  /** As the wiring has it now: its strings on the mean, and what they share. */
  const measuredAt = (key: string): PortCables | null => {
    const portArray = portArrays.find((each) => portArrayKey(each) === key);
    const cables = portArray === undefined ? null : copperOf(portArray).cables;
    return cables === null ? null : { stringOhm: cables.otherStringOhm, arrayOhm: cables.arrayOhm };
  };
  const ports = plan.inputs.flatMap(({ id, device }) =>
    device.ports.flatMap((port) => {
      const key = portArrayKey({ inputId: id, portId: port.id });
      if (among !== undefined && !among.ports.some((each) => portArrayKey(each) === key)) return [];
      const name = `${device.name}: ${port.name}`;
      const fitted = device.ports.some(
        (other) => other.moduleId === port.moduleId && used.has(portArrayKey({ inputId: id, portId: other.id })),
      );
      if (port.moduleId !== null && !withAddOns && !fitted) leftOut.push({ type: "addOn", name });
      else if (port.maxV === null) leftOut.push({ type: "port", name });
      else return [{ inputId: id, device, port, cables: measuredAt(key) }];
      return [];
    }),
  );
  return { ports, leftOut };
}

/** The nets of each kind of port, in the widest breadth in which they are few enough. */
function kindsWithin(
  specs: readonly string[],
  ports: readonly Omit<OpenPort, "kind">[],
  classes: readonly PanelClass[],
  common: SharedContext,
  isStrict: boolean,
  most: number,
): { readonly kinds: readonly PortKind[]; readonly isComplete: boolean } {
  const have = classes.map(({ tiles }) => tiles.length);
  for (const breadth of breadths) {
    const kinds: PortKind[] = [];
    const strings = stringsWithin(have, breadth);
    if (strings === null) continue;
    for (const spec of specs) {
      const open = ports.find((each) => specOf(each) === spec);
      const port = open?.port;
      const window = port === undefined ? null : portWindow(port);
      if (open === undefined || port === undefined || window === null)
        throw new Error("a kind of port has a port with a ceiling");
      const facts = strings.map((string) => stringFacts(string, classes, common));
      const borne = strings.flatMap((string, k) =>
        bearsString(port, facts[k] as StringFacts) ? [{ string, facts: facts[k] as StringFacts }] : [],
      );
      const theirs = borne.map((each) => each.facts);
      const growing = bearsTogether(port, theirs, isStrict);
      const nets =
        borne.length > maxStrings
          ? null
          : listNets(
              borne.map(({ string }) => string),
              have,
              breadth,
              growing,
              most,
            );
      if (nets === null) break;
      const running = { window, tracking: trackingOf(port), wakeV: wakeV(port) ?? 0 };
      kinds.push({ port, running, nets, facts: theirs, cables: open.cables });
    }
    if (kinds.length === specs.length) return { kinds, isComplete: breadth === everything };
  }
  throw new Error("equal rows of one kind are always few enough");
}

/** Strings of so many classes at most; null where even they are too many to be listed. */
function stringsWithin(have: Counts, { classesInString }: Breadth): StringMix[] | null {
  if (classesInString >= have.length) return setsOf(have) > maxSets ? null : stringsOf(have);
  const strings: StringMix[] = [];
  const string = have.map(() => 0);
  const fill = (from: number, classes: number): void => {
    if (sumOf(string) > 0) strings.push([...string]);
    if (classes === classesInString) return;
    for (let kind = from; kind < have.length; kind++) {
      for (let n = 1; n <= (have[kind] ?? 0); n++) {
        string[kind] = n;
        fill(kind + 1, classes + 1);
      }
      string[kind] = 0;
    }
  };
  fill(0, 0);
  return strings.length > 100 * maxStrings ? null : strings;
}
