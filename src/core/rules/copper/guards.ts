import { mostAmps } from "../../cable";
import { ampsOfRow, outputOf, sheetOf, sizeThatCounts } from "../../copper";
import { assumedFuseA, brightSkyFactor, continuousFor, fuseFactor, fuseSizeA } from "../../fuse";
import { fuseAt, type Guard, sameEnd } from "../../plan";
import { usedIn } from "../../wiring";
import { mostColdVolts } from "../cold-voc";
import { type Amount, type Assumption, type Level } from "../finding";
import {
  type CopperContext,
  type CopperJudged,
  type CopperName,
  type CopperRule,
  type LaneParts,
  nameOf,
} from "./context";

/** What is wrong or right with a fuse, a breaker or a switch that is fitted. */
export type GuardReason = {
  readonly type: "guards";
  readonly kind: Guard["kind"];
  readonly name: CopperName;
  readonly ratedA: number;
  readonly ratedV: number | null;
  readonly outcome:
    | "overPanel"
    | "underSun"
    | "underOutput"
    | "overCable"
    | "underVolts"
    | "voltsAsked"
    | "neverBlows"
    | "fits"
    | "noSwitch"
    | "noFuse";
  /** The amps or volts it was held against, and what those came from. */
  readonly heldA: number;
  readonly coldV: number | null;
  /** Short circuit, or the most the controller gives, A. */ readonly flowsA: number;
  readonly backfeedA: number | null;
  readonly panelName: string | null;
  /** The size that would do, A; null: none, or none needed. */ readonly adviseA: number | null;
};

type Said = {
  readonly outcome: GuardReason["outcome"];
  readonly level: Level;
  readonly value: Amount;
  readonly limit: Amount;
};

/** Every fuse, breaker and switch that is said to be fitted: its amps both ways, its DC volts against the coldest dawn. */
function guards(copper: CopperContext): readonly CopperJudged<GuardReason>[] {
  return [
    ...copper.lanes.flatMap((lane) => [...ofRows(copper, lane), ...ofSwitch(copper, lane)]),
    ...copper.batteries.flatMap((run) => ofBattery(copper, run)),
  ];
}

function ofRows(copper: CopperContext, lane: LaneParts): CopperJudged<GuardReason>[] {
  const { context, rows, inputId, portId } = lane;
  const amps = rows.map((row) => ampsOfRow(copper.plan, row)?.iscA ?? 0);
  const all = amps.reduce((sum, each) => sum + each, 0);
  return rows.flatMap((row, k): CopperJudged<GuardReason>[] => {
    const at = { type: "row", rowId: row.id ?? "" } as const;
    const guard = fuseAt(copper.guards, at);
    if (guard === null) return [];
    const iscA = amps[k] ?? 0;
    const backfeedA = all - iscA;
    const bears = usedIn([row]).map((tile) => {
      const sheet = sheetOf(copper.plan, tile);
      const stated = sheet?.maxSeriesFuseA ?? null;
      return {
        name: sheet?.name ?? "",
        ratingA: stated ?? assumedFuseA(sheet?.pmaxW ?? 0),
        isAssumed: stated === null,
      };
    });
    const least = bears.reduce((a, b) => (b.ratingA < a.ratingA ? b : a));
    const coldV = mostColdVolts(context, [row]).volts;
    const said = firstOf([
      atMost(guard.ratedA, least.ratingA, "overPanel", "stop"),
      ...volts(guard, coldV),
      atLeast(guard.ratedA, fuseFactor * iscA, "underSun", "care"),
      backfeedA > guard.ratedA ? null : held("neverBlows", "note", backfeedA, guard.ratedA),
      held("fits", "good", fuseFactor * iscA, guard.ratedA),
    ]);
    const assumed: Assumption[] = least.isAssumed
      ? [{ type: "fuseRating", panelName: least.name, amps: least.ratingA }]
      : [];
    return [
      {
        ...judged(said, assumed),
        reason: {
          ...reasonOf(guard, said, nameOf(copper, { part: "row", from: at, to: at }, lane)),
          coldV,
          flowsA: iscA,
          backfeedA,
          panelName: least.name,
          adviseA: fuseSizeA(iscA, least.ratingA),
        },
        subject: { type: "row", wiringId: copper.wiringId, rowId: row.id ?? "" },
        about: `${inputId}/${portId}`,
      },
    ];
  });
}

function ofSwitch(copper: CopperContext, lane: LaneParts): CopperJudged<GuardReason>[] {
  const { context, inputId, portId, rows, runs } = lane;
  const at = { type: "isolator", inputId, portId } as const;
  const guard = copper.guards.find(({ at: sits }) => sameEnd(sits, at));
  const subject = { type: "lane", inputId, portId } as const;
  const name = nameOf(copper, { part: "trunk", from: at, to: at }, lane);
  const iscA = rows.reduce((sum, row) => sum + (ampsOfRow(copper.plan, row)?.iscA ?? 0), 0);
  const needA = brightSkyFactor * iscA;
  const coldV = mostColdVolts(context, context.lane.rows).volts;
  const facts = { coldV, flowsA: iscA, backfeedA: null, panelName: null, adviseA: null };
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
    ...volts(guard, coldV),
    held("fits", "good", needA, guard.ratedA),
  ]);
  return [{ ...judged(said, []), reason: { ...reasonOf(guard, said, name), ...facts }, subject, about: "switch" }];
}

/** Near the battery: more than the controller gives, no more than the cable bears. */
function ofBattery(copper: CopperContext, run: CopperContext["batteries"][number]): CopperJudged<GuardReason>[] {
  const { to, said: cable } = run;
  if (to.type !== "bank") return [];
  const outputA = outputOf(copper.plan, to.inputId);
  const guard = fuseAt(copper.guards, to);
  const name = nameOf(copper, run, null);
  const subject = { type: "input", inputId: to.inputId } as const;
  const needA = continuousFor(outputA ?? 0);
  const facts = { coldV: null, flowsA: outputA ?? 0, backfeedA: null, panelName: null, adviseA: null };
  if (guard === null) {
    if (cable === null || outputA === null) return [];
    const missing = held("noFuse", "care", needA, needA);
    const reason = { ...reasonOf({ kind: "fuse", ratedA: 0, ratedV: null }, missing, name), ...facts };
    return [{ ...judged(missing, []), limit: null, marginPct: null, reason, subject, about: "battery" }];
  }
  const size = sizeThatCounts(run);
  const bearsA = run.ask === null || size === null ? null : mostAmps(size.size, run.ask);
  const said = firstOf([
    bearsA === null ? null : atMost(guard.ratedA, bearsA, "overCable", "stop"),
    outputA === null ? null : atLeast(guard.ratedA, needA, "underOutput", "care"),
    held("fits", "good", needA, guard.ratedA),
  ]);
  return [{ ...judged(said, []), reason: { ...reasonOf(guard, said, name), ...facts }, subject, about: "battery" }];
}

function volts({ ratedV }: Guard, coldV: number): (Said | null)[] {
  const value = { value: coldV, unit: "V" } as const;
  if (ratedV === null) return [{ outcome: "voltsAsked", level: "open", value, limit: value }];
  return [
    ratedV >= coldV ? null : { outcome: "underVolts", level: "stop", value, limit: { value: ratedV, unit: "V" } },
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
  const isAsked = outcome === "voltsAsked";
  const marginPct = isAsked || limit.value === 0 ? null : 100 * (1 - value.value / limit.value);
  return { level, value, limit: isAsked ? null : limit, marginPct, assumptions, tiles: [] };
}

function reasonOf(
  { kind, ratedA, ratedV }: Pick<Guard, "kind" | "ratedA" | "ratedV">,
  { outcome, value, limit }: Said,
  name: CopperName,
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
  stop: "protect",
  sense: "atMost",
  chart: { skies: [], edge: null },
  mendedBy: "copper",
  ofInput: false,
  judge: guards,
};
