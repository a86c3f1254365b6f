import { maxAmps } from "../../engine/cable";
import {
  ampsOfStrings,
  batteryVoltsOf,
  elsewhere,
  minRated,
  outputOf,
  sizeThatCounts,
  type CablingPartName,
} from "../cabling";
import {
  assumedBatteryShortA,
  batteryFuseA,
  brightSkyFactor,
  chargingV,
  continuousFor,
  fuseFactor,
} from "../../engine/fuse";
import { fuseAt, type ProtectiveDevice, sameEnd } from "../../plan";
import { type PvString } from "../../engine/array";
import { maxColdVolts } from "../../wiring/rules";
import { type PortArrayContext, type Assumption } from "../../plan-model";
import { type Amount, type Level } from "../../checks";
import { type CopperContext, type CopperJudged, type CopperRule, type PortArrayParts, nameOf } from "./context";

/** What is wrong or right with a fuse, a breaker or a switch that is fitted. */
export type GuardReason = {
  readonly type: "guards";
  readonly kind: ProtectiveDevice["kind"];
  readonly name: CablingPartName;
  readonly ratedA: number;
  readonly ratedV: number | null;
  readonly outcome:
    | "overPanel"
    | "underSun"
    | "underOutput"
    | "overCable"
    | "underVolts"
    | "voltsAsked"
    | "breaksLess"
    | "breaksAsked"
    | "neverBlows"
    | "fits"
    | "noSwitch"
    | "noFuse";
  /** The amps or volts it was held against, and what those came from. */
  readonly heldA: number;
  /** The highest volts it can stand at, and what makes them: the coldest dawn, or the charging of a battery. */
  readonly highestV: number | null;
  /** The other wiring of the same panels that makes them so many; null: this one does. */ readonly inWiring:
    string | null;
  /** Short circuit, or the most the controller gives, A. */ readonly flowsA: number;
  readonly backfeedA: number | null;
  readonly panelName: string | null;
  /** The size that would do, A; null: none, or none needed. */ readonly adviseA: number | null;
  /** By a battery: the most its cable can carry, A, and what the battery can push through a short circuit, A. */
  readonly cableA: number | null;
  readonly shortA: number | null;
};

const noBattery = { cableA: null, shortA: null } as const;

type Said = {
  readonly outcome: GuardReason["outcome"];
  readonly level: Level;
  readonly value: Amount;
  readonly limit: Amount;
};

/** Every fuse, breaker and switch that is said to be fitted: its amps both ways, its DC volts against the coldest dawn. */
function guards(copper: CopperContext): readonly CopperJudged<GuardReason>[] {
  return [
    ...copper.portArrays.flatMap((portArray) => [...ofStrings(copper, portArray), ...ofSwitch(copper, portArray)]),
    ...copper.batteries.flatMap((run) => ofBattery(copper, run)),
  ];
}

function ofStrings(copper: CopperContext, portArray: PortArrayParts): CopperJudged<GuardReason>[] {
  const { context, inputId, portId } = portArray;
  return portArray.branches.flatMap((branch): CopperJudged<GuardReason>[] => {
    const { iscA, backfeedA, ratingA, string } = branch;
    const at = { type: "string", stringId: string.id ?? "" } as const;
    const guard = fuseAt(copper.guards, at);
    if (guard === null) return [];
    const least = minRated(branch);
    const whole = highestOf(copper, context, context.portArray.strings, [string]);
    const wholeV = whole.volts;
    const said = firstOf([
      ratingA === null ? null : atMost(guard.ratedA, ratingA, "overPanel", "stop"),
      ...volts(guard, wholeV),
      atLeast(guard.ratedA, fuseFactor * iscA, "underSun", "care"),
      backfeedA > guard.ratedA ? null : held("neverBlows", "note", backfeedA, guard.ratedA),
      held("fits", "good", fuseFactor * iscA, guard.ratedA),
    ]);
    const assumed: Assumption[] =
      least !== null && least.isAssumed ? [{ type: "fuseRating", panelName: least.name, amps: least.ratingA }] : [];
    return [
      {
        ...judged(said, assumed),
        reason: {
          ...reasonOf(guard, said, nameOf(copper, { part: "string", from: at, to: at }, portArray)),
          highestV: wholeV,
          inWiring: whole.inWiring,
          flowsA: iscA,
          backfeedA,
          panelName: least?.name ?? null,
          adviseA: branch.sizeA,
          ...noBattery,
        },
        subject: { type: "string", wiringId: copper.wiringId, stringId: string.id ?? "" },
        about: `${inputId}/${portId}`,
      },
    ];
  });
}

function ofSwitch(copper: CopperContext, portArray: PortArrayParts): CopperJudged<GuardReason>[] {
  const { context, inputId, portId, strings, runs } = portArray;
  const at = { type: "isolator", inputId, portId } as const;
  const guard = copper.guards.find(({ at: sits }) => sameEnd(sits, at));
  const subject = { type: "portArray", inputId, portId } as const;
  const name = nameOf(copper, { part: "trunk", from: at, to: at }, portArray);
  const whole = highestOf(copper, context, strings, strings);
  const most = maxAmpsOf(copper, strings);
  const iscA = most.amps;
  // a breaker heats up and trips where an isolator does not
  const needA = (guard?.kind === "breaker" ? fuseFactor : brightSkyFactor) * iscA;
  const highestV = whole.volts;
  const inWiring = whole.inWiring ?? most.inWiring;
  const facts = { highestV, inWiring, flowsA: iscA, backfeedA: null, panelName: null, adviseA: null, ...noBattery };
  if (guard === undefined) {
    // asked for once somebody has begun to choose cables for this port
    if (runs.every(({ said }) => said === null)) return [];
    const missing = held("noSwitch", "note", needA, needA);
    return [
      {
        ...judged(missing, []),
        limit: null,
        marginPct: null,
        reason: { ...reasonOf({ kind: "isolator", ratedA: 0, ratedV: null }, missing, name), ...facts },
        subject,
        about: "switch",
      },
    ];
  }
  const said = firstOf([
    atLeast(guard.ratedA, needA, "underSun", "stop"),
    ...volts(guard, highestV),
    held("fits", "good", needA, guard.ratedA),
  ]);
  return [{ ...judged(said, []), reason: { ...reasonOf(guard, said, name), ...facts }, subject, about: "switch" }];
}

type Highest = { readonly inWiring: string | null };

/** The most volts at which strings stand on the coldest dawn, in this wiring or in any other of the panels of `of`. */
export function highestOf(
  { plan, wiringId }: Pick<CopperContext, "plan" | "wiringId">,
  context: PortArrayContext,
  strings: readonly PvString[],
  of: readonly PvString[],
): Highest & { readonly volts: number } {
  const here = { volts: maxColdVolts(context, strings).volts, inWiring: null };
  return elsewhere(plan, wiringId, of)
    .map(({ wiringName, strings: theirs }) => ({ volts: maxColdVolts(context, theirs).volts, inWiring: wiringName }))
    .reduce<Highest & { readonly volts: number }>((most, each) => (each.volts > most.volts ? each : most), here);
}

/** The most amps that strings give short-circuited, in this wiring or in any other of the same panels. */
export function maxAmpsOf(
  { plan, wiringId }: Pick<CopperContext, "plan" | "wiringId">,
  strings: readonly PvString[],
): Highest & { readonly amps: number } {
  const here = { amps: ampsOfStrings(plan, strings)?.iscA ?? 0, inWiring: null };
  return elsewhere(plan, wiringId, strings)
    .map(({ wiringName, strings: theirs }) => ({ amps: ampsOfStrings(plan, theirs)?.iscA ?? 0, inWiring: wiringName }))
    .reduce<Highest & { readonly amps: number }>((most, each) => (each.amps > most.amps ? each : most), here);
}

/**
 * Near the battery: at least 1.25 × what the controller gives, at most what the cable can carry; made for the highest charging volts,
 * and able to interrupt what the battery can push through a short circuit.
 */
function ofBattery(copper: CopperContext, run: CopperContext["batteries"][number]): CopperJudged<GuardReason>[] {
  const { to, said: cable } = run;
  if (to.type !== "bank") return [];
  const outputA = outputOf(copper.plan, to.inputId);
  const guard = fuseAt(copper.guards, to);
  const name = nameOf(copper, run, null);
  const subject = { type: "input", inputId: to.inputId } as const;
  const needA = continuousFor(outputA ?? 0);
  const batteryV = batteryVoltsOf(copper.plan, to.inputId);
  const highestV = batteryV === null ? null : chargingV(batteryV);
  const size = sizeThatCounts(run);
  const cableA = run.ask === null || size === null ? null : maxAmps(size.size, run.ask);
  const facts = {
    highestV,
    inWiring: null,
    flowsA: outputA ?? 0,
    panelName: null,
    adviseA: outputA === null ? null : batteryFuseA(outputA),
    backfeedA: null,
    cableA,
    shortA: assumedBatteryShortA,
  };
  if (guard === null) {
    if (cable === null || outputA === null) return [];
    const missing = held("noFuse", "care", needA, needA);
    const reason = { ...reasonOf({ kind: "fuse", ratedA: 0, ratedV: null }, missing, name), ...facts };
    return [{ ...judged(missing, []), limit: null, marginPct: null, reason, subject, about: "battery" }];
  }
  const said = firstOf([
    cableA === null ? null : atMost(guard.ratedA, cableA, "overCable", "stop"),
    ...(highestV === null ? [] : volts(guard, highestV)),
    guard.breaksA !== null && guard.breaksA < assumedBatteryShortA
      ? held("breaksLess", "care", assumedBatteryShortA, guard.breaksA)
      : null,
    outputA === null ? null : atLeast(guard.ratedA, needA, "underOutput", "care"),
    guard.breaksA === null ? held("breaksAsked", "open", assumedBatteryShortA, assumedBatteryShortA) : null,
    held("fits", "good", needA, guard.ratedA),
  ]);
  const assumed: Assumption[] = guard.breaksA === null ? [] : [{ type: "batteryShort", amps: assumedBatteryShortA }];
  return [
    { ...judged(said, assumed), reason: { ...reasonOf(guard, said, name), ...facts }, subject, about: "battery" },
  ];
}

function volts({ ratedV }: ProtectiveDevice, highestV: number): (Said | null)[] {
  const value = { value: highestV, unit: "V" } as const;
  if (ratedV === null) return [{ outcome: "voltsAsked", level: "open", value, limit: value }];
  return [
    ratedV >= highestV ? null : { outcome: "underVolts", level: "stop", value, limit: { value: ratedV, unit: "V" } },
  ];
}

function atMost(value: number, most: number, outcome: GuardReason["outcome"], level: Level): Said | null {
  return value <= most * (1 + rounding) ? null : held(outcome, level, value, most);
}
function atLeast(value: number, least: number, outcome: GuardReason["outcome"], level: Level): Said | null {
  return value >= least * (1 - rounding) ? null : held(outcome, level, least, value);
}
const rounding = 1e-9;

function held(outcome: GuardReason["outcome"], level: Level, value: number, limit: number): Said {
  return { outcome, level, value: { value, unit: "A" }, limit: { value: limit, unit: "A" } };
}

function firstOf(said: readonly (Said | null)[]): Said {
  const found = said.find((each) => each !== null);
  if (found === undefined || found === null) throw new Error("what passes every check fits");
  return found;
}

function judged({ level, value, limit, outcome }: Said, assumptions: readonly Assumption[]) {
  const isAsked = outcome === "voltsAsked" || outcome === "breaksAsked";
  const marginPct = isAsked || limit.value === 0 ? null : 100 * (1 - value.value / limit.value);
  return { level, value, limit: isAsked ? null : limit, marginPct, assumptions, tiles: [] };
}

function reasonOf(
  { kind, ratedA, ratedV }: Pick<ProtectiveDevice, "kind" | "ratedA" | "ratedV">,
  { outcome, value, limit }: Said,
  name: CablingPartName,
): Pick<GuardReason, "type" | "kind" | "name" | "ratedA" | "ratedV" | "outcome" | "heldA"> {
  return {
    type: "guards",
    kind,
    name,
    ratedA,
    ratedV,
    outcome,
    heldA: outcome === "overPanel" || outcome === "overCable" ? limit.value : value.value,
  };
}

export const guardsRule: CopperRule<"guards", GuardReason> = {
  id: "guards",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "copper",
  ofInput: false,
  judge: guards,
};
