import {
  ampsOfString,
  ampsOfStrings,
  type BranchPlace,
  chainOf,
  faultThrough,
  type PortChain,
  unlikeEnds,
  type WiredBranch,
} from "../cabling";
import { fuseAt } from "../../plan";
import { type ChainFault } from "../connectors";
import { maxColdVolts } from "../../wiring/rules";
import { brightSkyFactor } from "../../engine/fuse";
import { type Level } from "../../checks";
import { type CopperContext, type CopperJudged, type CopperRule, type PortArrayParts } from "./context";

export type PlugsReason = {
  readonly type: "plugs";
  readonly outcome:
    "reversed" | "overloaded" | "unknown" | "misfit" | "swapsTwice" | "noChain" | "right" | "branches" | "unlike";
  readonly inputName: string;
  readonly portName: string;
  readonly faults: readonly ChainFault[];
  /** What the places of the faults are called, in the order of the chain: the panels' plug, each adapter, the socket. */
  readonly placeNames: readonly string[];
  /** Adapters in the chain. */ readonly count: number;
  readonly amps: number;
  readonly volts: number;
  /** What the weakest of it bears, A; null where nothing is overloaded. */ readonly bearsA: number | null;
  /** The first branch of the set whose connectors are spoken of; null: of none. */ readonly place: BranchPlace | null;
};

/**
 * From the panels' plug to the input's socket: does it fit, does + arrive at +, does it bear the amps and volts. Branch plugs the same.
 * Only where somebody said what plugs there are.
 */
function plugs(copper: CopperContext): readonly CopperJudged<PlugsReason>[] {
  return copper.portArrays.flatMap((portArray) => {
    const { context, inputId, portId } = portArray;
    const { joining, portEnds, panelEnds } = copper.plan.protect;
    const said = portEnds.some((end) => end.inputId === inputId && end.portId === portId);
    // the search for a chain is left where nothing would be said of it
    const hasGroup = portArray.branches.some(({ place }) => place.inGroup !== null);
    if (!said && joining !== "plugs" && panelEnds.length === 0 && !hasGroup) return [];
    const iscA = ampsOfStrings(copper.plan, portArray.strings)?.iscA ?? 0;
    const amps = brightSkyFactor * iscA;
    const volts = maxColdVolts(context, context.portArray.strings).volts;
    const chain = chainOf(copper.plan, context.portArray, amps, volts);
    const facts = {
      type: "plugs" as const,
      inputName: context.device.name,
      portName: context.port.name,
      amps,
      volts,
      placeNames: chain.placeNames,
      count: chain.links.length,
      place: null,
    };
    const found: CopperJudged<PlugsReason>[] = said ? [ofChain(chain, facts, portArray)] : [];
    return [
      ...found,
      ...branchConnectors(copper, portArray, facts, chain.branchA),
      ...unlikeIn(copper, portArray, facts),
    ];
  });
}

/**
 * Connectors of parallel sets: a branch's own carry its Isc and what a fault can push through it, the common leg of a branch connector
 * its set's sum, groups inside strings included. Sets that are joined in a box are no matter of theirs; where nobody has said how a
 * group is joined, it is only asked for.
 */
function branchConnectors(
  { plan, guards }: CopperContext,
  { branches, inputId, portId }: PortArrayParts,
  facts: Omit<PlugsReason, "outcome" | "faults" | "bearsA">,
  connectorA: number,
): CopperJudged<PlugsReason>[] {
  const { joining } = plan.protect;
  if (joining === "box") return [];
  const sets = new Map<string, WiredBranch[]>();
  for (const branch of branches) {
    if (branch.place.inGroup === null && joining !== "plugs") continue;
    const set = branch.path.slice(0, -1).join(".");
    sets.set(set, [...(sets.get(set) ?? []), branch]);
  }
  const needs = [...sets.values()].map((set) => {
    const commonA = brightSkyFactor * set.reduce((sum, { iscA }) => sum + iscA, 0);
    const ownA = Math.max(
      ...set.map((branch) => {
        const fuse = branch.string.id === null ? null : fuseAt(guards, { type: "string", stringId: branch.string.id });
        return Math.max(brightSkyFactor * branch.iscA, faultThrough(branch, fuse));
      }),
    );
    return { amps: Math.max(commonA, ownA), place: set[0]?.place ?? null };
  });
  const worst = needs.reduce<(typeof needs)[number] | null>(
    (most, each) => (most === null || each.amps > most.amps ? each : most),
    null,
  );
  if (worst === null || worst.amps <= connectorA) return [];
  return [
    {
      ...base(joining === "plugs" ? "stop" : "care", worst.amps, connectorA),
      reason: { ...facts, outcome: "branches", faults: [], bearsA: connectorA, amps: worst.amps, place: worst.place },
      subject: { type: "portArray", inputId, portId },
      about: "branches",
    },
  ];
}

/** Panels in a string whose leads end in different plugs: told once for each pair of kinds, as something lies between them. */
function unlikeIn(
  { plan }: CopperContext,
  { context, inputId, portId }: PortArrayParts,
  facts: Omit<PlugsReason, "outcome" | "faults" | "bearsA">,
): CopperJudged<PlugsReason>[] {
  // what lies within a string carries that string's amps
  const amps =
    brightSkyFactor * Math.max(0, ...context.portArray.strings.map((string) => ampsOfString(plan, string)?.iscA ?? 0));
  const met = new Map(
    unlikeEnds(plan, context.portArray, amps, facts.volts).map((each) => [`${each.fromName} ${each.toName}`, each]),
  );
  return [...met].map(([about, { fromName, toName, adapters }]) => ({
    ...base(adapters === null ? "care" : "note", null, null),
    reason: {
      ...facts,
      amps,
      outcome: "unlike",
      faults: [],
      placeNames: [fromName, ...(adapters ?? []).map(({ name }) => name), toName],
      count: adapters?.length ?? 0,
      bearsA: null,
    },
    subject: { type: "portArray", inputId, portId },
    about: `unlike ${about}`,
  }));
}

function ofChain(
  { faults, arrives, isFound }: PortChain,
  facts: Omit<PlugsReason, "outcome" | "faults" | "bearsA">,
  { inputId, portId }: PortArrayParts,
): CopperJudged<PlugsReason> {
  const bears = faults.flatMap((fault) => (fault.type === "amps" ? [fault.bears] : []));
  const bearsV = faults.flatMap((fault) => (fault.type === "volts" ? [fault.bears] : []));
  const swaps = faults.filter(({ type }) => type === "swaps").length;
  const [level, outcome] = ((): [Level, PlugsReason["outcome"]] => {
    if (!isFound) return ["note", "noChain"];
    if (faults.some(({ type }) => type === "misfit")) return ["care", "misfit"];
    if (arrives === "reversed") return ["stop", "reversed"];
    if (bears.length + bearsV.length > 0) return ["stop", "overloaded"];
    if (arrives === null) return ["open", "unknown"];
    return swaps > 0 ? ["care", "swapsTwice"] : ["good", "right"];
  })();
  const bearsA = bears.length === 0 ? null : Math.min(...bears);
  const overloaded = outcome === "overloaded";
  return {
    ...(overloaded && bearsA === null
      ? base(level, facts.volts, Math.min(...bearsV), "V")
      : base(level, overloaded ? facts.amps : null, bearsA)),
    reason: { ...facts, outcome, faults, bearsA },
    subject: { type: "portArray", inputId, portId },
    about: "chain",
  };
}

function base(level: Level, value: number | null, limit: number | null, unit: "A" | "V" = "A") {
  return {
    level,
    value: value === null ? null : { value, unit },
    limit: value === null || limit === null ? null : { value: limit, unit },
    marginPct: value === null || limit === null ? null : 100 * (1 - value / limit),
    assumptions: [],
    tiles: [],
  };
}

export const plugsRule: CopperRule<"plugs", PlugsReason> = {
  id: "plugs",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "copper",
  ofInput: false,
  judge: plugs,
};
