import { maxAmps } from "../../engine/cable";
import {
  connectorMm2,
  endsInConnector,
  fitsConnector,
  jointOfPortArray,
  outputOf,
  type ResolvedRun,
  sizeThatCounts,
  type CablingPartName,
} from "../cabling";
import { batteryFuseA } from "../../engine/fuse";
import { controllerFactsOf, fuseAt } from "../../plan";
import { type Level } from "../../checks";
import { type CopperContext, type CopperJudged, type CopperRule, type PortArrayParts, nameOf } from "./context";

export type TerminalsReason = {
  readonly type: "terminals";
  readonly outcome:
    | "sizeAsked"
    | "tooThick"
    | "takes"
    | "connector"
    | "backfeedAsked"
    | "backfeedOverCable"
    | "backfeedHeld"
    | "positiveAsked"
    | "positiveCommon";
  readonly name: CablingPartName;
  /** The cable that is joined, and the most its terminal or connector takes, mm². */ readonly size: string | null;
  readonly takesMm2: number | null;
  /** What guards a fault that the battery feeds, and what the thinnest cable on its way can carry, A. */
  readonly fuseA: number | null;
  readonly cableA: number | null;
};

/**
 * What cables are joined to: whether terminals and connectors take them, what a controller lets back from its battery into the panels'
 * cables, and which of its poles it joins through while frames are bonded. Asked once cables are chosen; what nobody knows is a question.
 */
function terminals(copper: CopperContext): readonly CopperJudged<TerminalsReason>[] {
  return [
    ...copper.portArrays.flatMap((portArray) => ofPortArray(copper, portArray)),
    ...copper.batteries.flatMap((run) => ofBattery(copper, run)),
  ];
}

function ofPortArray(copper: CopperContext, portArray: PortArrayParts): CopperJudged<TerminalsReason>[] {
  const { plan } = copper;
  const { inputId, portId, runs, context } = portArray;
  const connectors = ofConnectors(copper, portArray);
  if (context.device.kind !== "chargeController" || runs.every(({ said }) => said === null)) return connectors;
  const facts = controllerFactsOf(plan, inputId);
  const subject = { type: "portArray", inputId, portId } as const;
  const tail = runs.find(({ part }) => part === "tail");
  return [
    ...connectors,
    ...(tail === undefined
      ? []
      : ofTerminal(copper, tail, portArray, facts.pvMm2).map((each) => ({ ...each, subject }))),
    ...ofBackfeed(copper, portArray).map((each) => ({ ...each, subject })),
    ...ofBond(copper, portArray).map((each) => ({ ...each, subject })),
  ];
}

/** Frames that are bonded, and a controller that may join panels and battery by their positives. */
function ofBond(copper: CopperContext, portArray: PortArrayParts): Unplaced[] {
  const { bond } = portArray;
  const { joins } = controllerFactsOf(copper.plan, portArray.inputId);
  // a bond stands once somebody has said how long it is
  if (bond === null || (bond.said?.lengthMm ?? null) === null || joins === "negative" || joins === "neither") return [];
  const [level, outcome] =
    joins === null ? (["open", "positiveAsked"] as const) : (["care", "positiveCommon"] as const);
  return [
    { ...judged(level, null, null), reason: { ...blank(nameOf(copper, bond, portArray)), outcome }, about: "positive" },
  ];
}

function ofBattery(copper: CopperContext, run: ResolvedRun): CopperJudged<TerminalsReason>[] {
  if (run.said === null || run.to.type !== "bank") return [];
  const { batteryMm2 } = controllerFactsOf(copper.plan, run.to.inputId);
  const subject = { type: "input", inputId: run.to.inputId } as const;
  return ofTerminal(copper, run, null, batteryMm2).map((each) => ({ ...each, subject }));
}

type Unplaced = Omit<CopperJudged<TerminalsReason>, "subject">;

function ofTerminal(
  copper: CopperContext,
  run: ResolvedRun,
  portArray: PortArrayParts | null,
  takesMm2: number | null,
): Unplaced[] {
  const size = sizeThatCounts(run)?.size ?? null;
  if (size === null) return [];
  const outcome = takesMm2 === null ? "sizeAsked" : size.areaMm2 > takesMm2 + rounding ? "tooThick" : "takes";
  const level = outcome === "sizeAsked" ? "open" : outcome === "tooThick" ? "care" : "good";
  return [
    {
      ...judged(level, size.areaMm2, takesMm2),
      reason: { ...blank(nameOf(copper, run, portArray)), outcome, size: size.name, takesMm2 },
      about: `terminal ${run.part}`,
    },
  ];
}
const rounding = 0.05;

/** A fault in the panels' cables that a controller feeds from its battery is ended by the battery's fuse, or by a fuse of the string. */
function ofBackfeed(copper: CopperContext, portArray: PortArrayParts): Unplaced[] {
  const { plan, guards } = copper;
  const { backfeed } = controllerFactsOf(plan, portArray.inputId);
  if (backfeed === "none") return [];
  const outputA = outputOf(plan, portArray.inputId);
  const bank = { type: "bank", inputId: portArray.inputId } as const;
  const fuseA = fuseAt(guards, bank)?.ratedA ?? (outputA === null ? null : batteryFuseA(outputA));
  const held = portArray.runs.flatMap((run) => {
    const size = sizeThatCounts(run);
    const cableA = run.ask === null || size === null ? null : maxAmps(size.size, run.ask);
    const stringA = run.from.type === "string" ? (fuseAt(guards, run.from)?.ratedA ?? Infinity) : Infinity;
    const throughA = fuseA === null ? stringA : Math.min(fuseA, stringA);
    return cableA === null ? [] : [{ run, size, cableA, throughA, over: throughA / cableA }];
  });
  const worst = held.reduce<(typeof held)[number] | null>(
    (most, each) => (most === null || each.over > most.over ? each : most),
    null,
  );
  if (worst === null) return [];
  const { run, size, cableA, throughA, over } = worst;
  const outcome =
    over <= 1 + 1e-9
      ? "backfeedHeld"
      : backfeed === null || throughA === Infinity
        ? "backfeedAsked"
        : "backfeedOverCable";
  const level = outcome === "backfeedHeld" ? "good" : outcome === "backfeedAsked" ? "open" : "stop";
  const isKnown = throughA !== Infinity;
  return [
    {
      level,
      value: isKnown ? { value: throughA, unit: "A" } : null,
      limit: isKnown ? { value: cableA, unit: "A" } : null,
      marginPct: isKnown && level !== "open" ? 100 * (1 - over) : null,
      assumptions: [],
      tiles: [],
      reason: {
        ...blank(nameOf(copper, run, portArray)),
        outcome,
        size: size?.size.name ?? null,
        fuseA: isKnown ? throughA : null,
        cableA,
      },
      about: "backfeed",
    },
  ];
}

/** Cables that end in a PV connector: of each string, and of all where connectors join them. */
function ofConnectors(copper: CopperContext, portArray: PortArrayParts): CopperJudged<TerminalsReason>[] {
  const joint = jointOfPortArray(copper.plan, portArray.context.portArray);
  return portArray.runs.flatMap((run): CopperJudged<TerminalsReason>[] => {
    const size = run.said === null ? null : (sizeThatCounts(run)?.size ?? null);
    if (size === null || run.said === null || !endsInConnector(run, joint)) return [];
    if (fitsConnector(size.areaMm2)) return [];
    return [
      {
        ...judged("care", size.areaMm2, connectorMm2.most),
        reason: {
          ...blank(nameOf(copper, run, portArray)),
          outcome: "connector",
          size: size.name,
          takesMm2: connectorMm2.most,
        },
        subject: { type: "run", wiringId: copper.wiringId, runId: run.said.id },
        about: "connector",
      },
    ];
  });
}
function blank(name: CablingPartName): Omit<TerminalsReason, "outcome"> {
  return { type: "terminals", name, size: null, takesMm2: null, fuseA: null, cableA: null };
}

function judged(level: Level, value: number | null, limit: number | null) {
  const of = (mm2: number | null) => (mm2 === null ? null : ({ value: mm2, unit: "mm²" } as const));
  const marginPct = value === null || limit === null ? null : 100 * (1 - value / limit);
  return { level, value: of(value), limit: of(limit), marginPct, assumptions: [], tiles: [] };
}

export const terminalsRule: CopperRule<"terminals", TerminalsReason> = {
  id: "terminals",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "copper",
  ofInput: false,
  judge: terminals,
};
