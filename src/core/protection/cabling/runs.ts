import {
  type CablePlace,
  chooseSize,
  type Laying,
  type NoSize,
  placeAirC,
  type RunAsk,
  sizedRun,
  type SizedRun,
  sizeNamed,
  sizesOf,
  type TerminalC,
} from "../../engine/cable";
import { batteryFuseA, brightSkyFactor, continuousFor } from "../../engine/fuse";
import {
  type End,
  fuseAt,
  panelKindFacts,
  type ProtectiveDevice,
  type Plan,
  type Cable,
  runKey,
  sameEnd,
} from "../../plan";
import { panelsOn, type Parked, wayLength, wayLine } from "../../layout/roof";
import { type Mount } from "../../engine/sky";
import {
  type Cables,
  keyOf,
  type PortArray,
  type PortArrayRef,
  type PvString,
  stringsOfPortArrays,
  tilesOf,
  usedIn,
} from "../../engine/array";
import { ampsOfString, ampsOfStrings, type LabelAmps, ratedPanel, sheetOf } from "./amps";
import { cableRulesOf } from "./standards";
import { isUsed } from "./used";
import { branchesOfStrings, branchOfString, type WiredBranch } from "./branches";
import { elsewhere } from "./elsewhere";

/** What a cable is in the job: of one string, of all strings joined, behind the switch, to the battery, from frame to frame. */
export type RunPart = "string" | "trunk" | "tail" | "battery" | "bond";

/** What the cables of a plan are judged by besides what they carry. */
export type CableEnvironment = {
  readonly recordHighC: number;
  readonly mount: Mount;
  readonly parked: Parked;
  /** The position in which cable ways are measured. */ readonly positionId: string;
};

/** A cable with all that is known, worked out or assumed of it. */
export type ResolvedRun = {
  readonly key: string;
  readonly part: RunPart;
  readonly from: End;
  readonly to: End;
  /** What the plan says of it; null: nothing yet. */ readonly said: Cable | null;
  readonly lengthMm: number;
  readonly lengthBy: "typed" | "way" | "assumed";
  readonly where: CablePlace;
  readonly how: Laying;
  readonly circuits: number;
  readonly terminalC: TerminalC;
  /** What it is judged by; null while a label lacks a figure. */ readonly ask: RunAsk | null;
  /** Of the size that is said, and of the one that would do; null: none is said, none would do. */
  readonly chosen: SizedRun | null;
  readonly advised: SizedRun | null;
  /** Why no size would do; null where one does. */ readonly noSize: NoSize | null;
  /** Of the thickest size of its standard: what is reckoned with where none would do. */ readonly thickest: SizedRun | null;
};

/** Lengths taken where nobody has measured, mm one way. */
const assumedLengthMm: Readonly<Record<RunPart, number>> = {
  string: 2000,
  trunk: 5000,
  tail: 1000,
  battery: 1500,
  bond: 5000,
};

const defaultDropPct = 3;
/** The size of a run that counts: the one that is said, else the one that would do; null: no size does. */
export function sizeThatCounts({ chosen, advised, said }: ResolvedRun): SizedRun | null {
  return said?.size === null || said === null ? advised : chosen;
}

/** What a run loses: by the size that counts, and where no size does by the thickest there is, so that it is never free. */
export function lossThatCounts(run: ResolvedRun): SizedRun | null {
  return sizeThatCounts(run) ?? run.thickest;
}

/** Whether somebody has measured it: only then does it take part in volts and watts. */
export function isMeasured({ lengthBy }: ResolvedRun): boolean {
  return lengthBy !== "assumed";
}

/** What is known of the copper of a port array where it is judged. */
export type PortArrayCopper = {
  /** What its cables resist, as far as they were measured. */ readonly cables: Cables | null;
  /** Rated amps of the fuses and breakers in its strings, by string. */ readonly fusesA: ReadonlyMap<string, number>;
};
export const noCopper: PortArrayCopper = { cables: null, fusesA: new Map() };

/** All that is said of the copper of a port array, or of another the same port might have. */
export function copperOf(plan: Plan, copper: Copper, portArray: PortArray, around: CableEnvironment): PortArrayCopper {
  if (copper.runs.length === 0 && copper.guards.length === 0) return noCopper;
  const strings = new Set(stringsOfPortArrays([portArray]).map(({ id }) => id));
  const fuses = copper.guards.flatMap(({ kind, at, ratedA }) =>
    kind !== "isolator" && at.type === "string" && strings.has(at.stringId) ? [[at.stringId, ratedA] as const] : [],
  );
  return { cables: cablesOf(plan, copper, portArray, around), fusesA: new Map(fuses) };
}

type Copper = { readonly id: string; readonly runs: readonly Cable[]; readonly guards: readonly ProtectiveDevice[] };

/** The cables of one port: of each of its strings where there are several, of all joined to the switch, and on to the port. */
export function runsOfPortArray(
  plan: Plan,
  copper: Copper,
  portArray: PortArray,
  around: CableEnvironment,
): ResolvedRun[] {
  const { inputId, portId } = portArray;
  const strings = portArray.strings.filter(isUsed);
  if (inputId === null || portId === null || strings.length === 0) return [];
  const port = { inputId, portId };
  const [junction, isolator] = [{ type: "junction", ...port } as const, { type: "isolator", ...port } as const];
  const branches = branchesOfStrings(strings, (tile) => ratedPanel(plan, tile)) ?? [];
  const others = elsewhere(plan, copper.id, strings);
  const whole = atMost(
    ampsOfStrings(plan, strings),
    others.map((other) => ampsOfStrings(plan, other.strings)?.iscA ?? 0),
  );
  const lowestV = whole?.vmpV ?? null;
  const isPortable = cableRulesOf(plan).isPortable || areFolded(plan, portArray);
  const run = (part: RunPart, from: End, to: End, amps: LabelAmps | null, faultA: number | null) =>
    resolved(
      plan,
      copper,
      { part, from, to, amps, vmpV: lowestV, faultA, isPortable, circuits: strings.length },
      around,
    );
  const ofStrings =
    strings.length < 2
      ? []
      : strings.map((string, k) => {
          const end: End = { type: "string", stringId: string.id ?? `new-${k}` };
          const branch = branchOfString(branches, string.id);
          const faultA = branch === null ? null : faultThrough(branch, fuseAt(copper.guards, end));
          // the same cable leads from these panels when they are wired otherwise
          const inOthers = elsewhere(plan, copper.id, [string]).flatMap((other) =>
            other.strings.filter(isUsed).length < 2 ? [] : branchesWith(plan, other.strings, string),
          );
          const amps = atMost(
            ampsOfString(plan, string),
            inOthers.map(({ iscA }) => iscA),
          );
          return run(
            "string",
            end,
            junction,
            amps,
            faultA === null ? null : Math.max(faultA, ...inOthers.map(unfused)),
          );
        });
  return [
    ...ofStrings,
    run("trunk", junction, isolator, whole, null),
    run("tail", isolator, { type: "port", ...port }, whole, null),
  ];
}

/** The amps of a part, its short-circuit current raised to the most there is elsewhere. */
function atMost(amps: LabelAmps | null, otherA: readonly number[]): LabelAmps | null {
  return amps === null ? null : { ...amps, iscA: Math.max(amps.iscA, ...otherA) };
}

/** The strings among some strings that have a panel of a string in them. */
function branchesWith(plan: Plan, strings: readonly PvString[], string: PvString): WiredBranch[] {
  const keys = new Set(usedIn([string]).map(keyOf));
  return (branchesOfStrings(strings, (tile) => ratedPanel(plan, tile)) ?? []).filter(
    ({ place, string: other }) => place.inGroup === null && usedIn([other]).some((tile) => keys.has(keyOf(tile))),
  );
}

function unfused(branch: WiredBranch): number {
  return faultThrough(branch, null);
}

/** What a fault can push through a branch: its fuse, or the one that the usual rule wants, else the backfeed of a bright sky, A. */
export function faultThrough(
  { neededByBackfeed, sizeA, backfeedA }: WiredBranch,
  fuse: Pick<ProtectiveDevice, "ratedA"> | null,
): number {
  return fuse?.ratedA ?? (neededByBackfeed && sizeA !== null ? sizeA : brightSkyFactor * backfeedA);
}

/** From a charge controller to the battery; a station has its battery inside. Null where there is no such cable or nothing known. */
export function batteryRun(plan: Plan, copper: Copper, inputId: string, around: CableEnvironment): ResolvedRun | null {
  const device = plan.inputs.find((input) => input.id === inputId)?.device;
  if (device?.kind !== "chargeController") return null;
  const outputA = outputOf(plan, inputId);
  const volts = batteryVoltsOf(plan, inputId);
  // no sky makes more of it; its cable is chosen for the fuse that is fitted or will be advised
  const amps = outputA === null || volts === null ? null : { iscA: 0, impA: outputA, vmpV: volts };
  const from: End = { type: "output", inputId };
  const to: End = { type: "bank", inputId };
  const fuse = fuseAt(copper.guards, to);
  const needA = continuousFor(outputA ?? 0);
  const faultA = Math.max(needA, fuse?.ratedA ?? batteryFuseA(outputA ?? 0) ?? 0);
  const asked = { part: "battery", from, to, amps, vmpV: volts, faultA, isPortable: false, circuits: 1 } as const;
  return resolved(plan, copper, asked, around);
}

/** From frame to frame of a port's panels and on to earth: one conductor, asked for only where somebody said so. */
export function bondRun(
  plan: Plan,
  copper: Copper,
  portArray: PortArray,
  around: CableEnvironment,
): ResolvedRun | null {
  const { inputId, portId } = portArray;
  if (inputId === null || portId === null) return null;
  const [from, to]: [End, End] = [
    { type: "frames", inputId, portId },
    { type: "earth", inputId },
  ];
  const asked = {
    part: "bond",
    from,
    to,
    amps: null,
    vmpV: null,
    faultA: null,
    isPortable: false,
    circuits: 1,
  } as const;
  return resolved(plan, copper, asked, around);
}

/** The battery's volts, as Need has them, else as its controller is set; null: nobody has said. */
export function batteryVoltsOf({ need, inputs }: Pick<Plan, "need" | "inputs">, inputId: string): number | null {
  const said = need.batteries.find(({ inputIds }) => inputIds.includes(inputId))?.volts ?? null;
  const device = inputs.find(({ id }) => id === inputId)?.device;
  return said ?? device?.ports.find(({ batteryV }) => batteryV !== null)?.batteryV ?? null;
}

/** Most amps that an input gives to its battery: as its sheet says, else its watts at the battery's volts. */
export function outputOf({ inputs }: Pick<Plan, "inputs">, inputId: string): number | null {
  const ports = inputs.find((input) => input.id === inputId)?.device.ports ?? [];
  const each = ports.map(({ batteryMaxA, maxW, batteryV }) =>
    batteryMaxA !== null ? batteryMaxA : maxW !== null && batteryV !== null ? maxW / batteryV : null,
  );
  return each.reduce<number | null>((sum, amps) => (sum === null || amps === null ? null : sum + amps), 0);
}

type Asked = {
  readonly part: RunPart;
  readonly from: End;
  readonly to: End;
  readonly amps: LabelAmps | null;
  readonly vmpV: number | null;
  readonly faultA: number | null;
  readonly isPortable: boolean;
  /** Circuits that would share a conduit with it where nobody has said. */ readonly circuits: number;
};

function resolved(plan: Plan, { runs }: Copper, asked: Asked, around: CableEnvironment): ResolvedRun {
  const { part, from, to, amps, vmpV, faultA } = asked;
  const said = runs.find((run) => sameEnd(run.from, from) && sameEnd(run.to, to)) ?? null;
  const way = said === null ? null : wayMm(plan, said, around);
  const lengthMm = said?.lengthMm ?? way ?? assumedLengthMm[part];
  const { standard } = cableRulesOf(plan);
  const laid = laidAs(asked, said, around);
  const ambientC = placeAirC(laid.where, around.recordHighC);
  const ask: RunAsk | null =
    amps === null || vmpV === null
      ? null
      : {
          standard,
          how: laid.how,
          circuits: laid.circuits,
          terminalC: laid.terminalC,
          isBattery: part === "battery",
          isPortable: said?.portable ?? asked.isPortable,
          metresOneWay: lengthMm / 1000,
          ambientC,
          conductorC: ambientC,
          iscA: amps.iscA,
          impA: amps.impA,
          vmpV,
          maxDropPct: plan.protect.maxDropPct ?? defaultDropPct,
          faultA,
        };
  const size = said?.size === null || said === null ? null : sizeNamed(said.size);
  const advised = ask === null ? null : chooseSize(ask);
  const thickest = ask === null ? undefined : sizesOf(ask).at(-1);
  return {
    key: runKey(asked),
    part,
    from,
    to,
    said,
    lengthMm,
    lengthBy: said !== null && said.lengthMm !== null ? "typed" : way !== null ? "way" : "assumed",
    ...laid,
    ask,
    chosen: ask === null || size === null ? null : sizedRun(size, ask),
    advised: typeof advised === "string" ? null : advised,
    noSize: typeof advised === "string" ? advised : null,
    thickest: ask === null || thickest === undefined ? null : sizedRun(thickest, ask),
  };
}

/** How long the cable way is that a run follows, as it is cut; null where it follows none. */
function wayMm(plan: Plan, { lengthMm, wayId }: Cable, { parked, positionId }: CableEnvironment): number | null {
  if (lengthMm !== null || wayId === null) return null;
  const way = plan.space.ways.find(({ id }) => id === wayId);
  const surface = plan.space.surfaces.find(({ id }) => id === way?.surfaceId);
  if (way === undefined || surface === undefined) return null;
  return wayLength(way, wayLine(way, plan, panelsOn(plan, surface, positionId, parked))).cutMm;
}

/** Where and how a cable lies, as said or as the careful guess has it: what is in the ground is buried, and what is buried in the ground. */
function laidAs({ part, circuits }: Asked, said: Cable | null, { mount }: CableEnvironment) {
  const isOnRoof = mount === "roofGap" || mount === "flush" || mount === "glued";
  const usual: CablePlace = (part === "string" || part === "trunk" || part === "bond") && isOnRoof ? "roof" : "inside";
  const isBuried = said !== null && (said.how === "buried" || (said.where === "ground" && said.how === null));
  const how: Laying = isBuried ? "buried" : (said?.how ?? "touching");
  const where: CablePlace = isBuried ? "ground" : said?.where === "ground" ? usual : (said?.where ?? usual);
  // strings that are led to one box mostly share its conduit
  const together = part === "string" && (how === "conduit" || how === "buried") ? circuits : 1;
  const terminalC: TerminalC = said?.terminalC === 75 ? 75 : 60;
  return { where, how, circuits: said?.circuits ?? together, terminalC };
}

/** Whether all panels of a port array are of the kind that is put away again. */
function areFolded(plan: Plan, portArray: PortArray): boolean {
  const tiles = usedIn(portArray.strings);
  return tiles.every((tile) => {
    const kind = sheetOf(plan, tile)?.kind;
    return kind !== undefined && panelKindFacts[kind].folds;
  });
}

/**
 * What the cables of a port array resist, of those somebody measured; null where that is none. Strings nobody measured take the mean of the
 * others, so that another wiring of the same port is not taken for one without cables.
 */
function cablesOf(plan: Plan, copper: Copper, portArray: PortArray, around: CableEnvironment): Cables | null {
  if (copper.runs.length === 0) return null;
  const measured = (runs: readonly ResolvedRun[]) =>
    runs.flatMap((run) => {
      const size = isMeasured(run) ? lossThatCounts(run) : null;
      return size === null ? [] : [{ run, ohm: size.ohm }];
    });
  const runs = runsOfPortArray(plan, copper, portArray, around);
  const strings = measured(runs.filter(({ part }) => part === "string"));
  const array = measured(runs.filter(({ part }) => part !== "string"));
  const known = strings.length > 0 ? strings : measured(formerStrings(plan, copper, portArray, around));
  if (known.length === 0 && array.length === 0) return null;
  const sum = (of: readonly { readonly ohm: number }[]) => of.reduce((total, { ohm }) => total + ohm, 0);
  return {
    stringOhm: new Map(
      strings.flatMap(({ run, ohm }) => (run.from.type === "string" ? [[run.from.stringId, ohm] as const] : [])),
    ),
    otherStringOhm: known.length === 0 || portArray.strings.filter(isUsed).length < 2 ? 0 : sum(known) / known.length,
    arrayOhm: sum(array),
  };
}

/** Strings that were measured for this port before it was wired otherwise: each as if its cable now led from the first string there is. */
function formerStrings(
  plan: Plan,
  copper: Copper,
  portArray: PortArrayRef & PortArray,
  around: CableEnvironment,
): ResolvedRun[] {
  const { inputId, portId } = portArray;
  const [string] = portArray.strings.filter(isUsed);
  if (inputId === null || portId === null || string === undefined) return [];
  const junction: End = { type: "junction", inputId, portId };
  const amps = ampsOfString(plan, string);
  return copper.runs
    .filter(({ from, to }) => from.type === "string" && sameEnd(to, junction))
    .map(({ from, to }) =>
      resolved(
        plan,
        copper,
        {
          part: "string",
          from,
          to,
          amps,
          vmpV: amps?.vmpV ?? null,
          faultA: null,
          isPortable: cableRulesOf(plan).isPortable,
          circuits: 1,
        },
        around,
      ),
    );
}

/** The strings of a port array that have panels in use, for whoever numbers them. */
export function usedStrings({ strings }: Pick<PortArray, "strings">): PvString[] {
  return strings.filter(isUsed);
}

/** Panels in use on some port arrays. */
export function usedTiles(portArrays: readonly PortArray[]) {
  return tilesOf(portArrays).filter(({ bypassed }) => !bypassed);
}
