import {
  batteryRun,
  bondRun,
  branchesOfStrings,
  ratedPanel,
  type ResolvedRun,
  runsOfPortArray,
  usedStrings,
  type WiredBranch,
  type CablingPartName,
} from "../cabling";
import { type ProtectiveDevice, type Plan, type Cable } from "../../plan";
import { type PvString } from "../../engine/array";
import { type PortArrayContext, cableEnvironment } from "../../plan-model";
import { type RuleOutcome, type Subject, type RuleFacts } from "../../checks";

/** The cables, fuses and switches of one port as they are said, worked out and assumed. */
export type PortArrayParts = {
  readonly context: PortArrayContext;
  readonly inputId: string;
  readonly portId: string;
  readonly runs: readonly ResolvedRun[];
  readonly strings: readonly PvString[];
  /** Every branch that stands in parallel with others, groups inside strings too. */ readonly branches: readonly WiredBranch[];
  /** From its panels' frames to earth. */ readonly bond: ResolvedRun | null;
};

/** What rules of the copper look at: a wiring's port arrays with all that is said of what joins them. */
export type CopperContext = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly runs: readonly Cable[];
  readonly guards: readonly ProtectiveDevice[];
  readonly portArrays: readonly PortArrayParts[];
  /** From each charge controller in use to its battery. */ readonly batteries: readonly ResolvedRun[];
};

/** What a rule of the copper says; `about` tells one thing it says of a subject from another. */
export type CopperJudged<R> = RuleOutcome<R> & { readonly subject: Subject; readonly about: string };

/** A rule of what a wiring is made of; it may have several things to say, or none. */
export type CopperRule<Id extends string, R> = RuleFacts<Id> & {
  readonly judge: (copper: CopperContext) => readonly CopperJudged<R>[];
};

/** Null for a wiring of which nothing is said: then there is nothing to judge. */
export function copperContext(
  plan: Plan,
  wiringId: string,
  portArrays: readonly PortArrayContext[],
  positionId: string,
): CopperContext | null {
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) return null;
  const { runs, guards } = wiring;
  const around = cableEnvironment(plan, positionId);
  const parts = portArrays.flatMap((context): PortArrayParts[] => {
    const { inputId, portId } = context.portArray;
    if (inputId === null || portId === null) return [];
    const strings = usedStrings(context.portArray);
    const runs = runsOfPortArray(plan, wiring, context.portArray, around);
    const branches = branchesOfStrings(strings, (tile) => ratedPanel(plan, tile)) ?? [];
    return [
      { context, inputId, portId, strings, branches, runs, bond: bondRun(plan, wiring, context.portArray, around) },
    ];
  });
  const inputs = [...new Set(parts.map(({ inputId }) => inputId))];
  return {
    plan,
    wiringId,
    runs,
    guards,
    portArrays: parts,
    batteries: inputs.flatMap((inputId) => batteryRun(plan, wiring, inputId, around) ?? []),
  };
}

/** Whether anything was said that a rule of the copper speaks of: most wirings that are tried need not be looked at. */
export function isCopperSaid({ wirings, protect }: Plan, wiringId: string): boolean {
  const wiring = wirings.find(({ id }) => id === wiringId);
  if (wiring === undefined) return false;
  const { panelEnds, portEnds, joining, isWet } = protect;
  return (
    wiring.runs.length > 0 ||
    wiring.guards.length > 0 ||
    panelEnds.length + portEnds.length > 0 ||
    joining === "plugs" ||
    isWet ||
    // a group inside a string is joined by branch connectors whatever is said
    wiring.portArrays.some(({ strings }) => strings.some(({ items }) => items.some(({ type }) => type === "group")))
  );
}

/** All cables that somebody has said something of, with the port array they belong to; the battery's has none. */
export function saidRuns({ portArrays, batteries }: CopperContext) {
  return [
    ...portArrays.flatMap((portArray) =>
      portArray.runs.map((run) => ({ run, portArray: portArray as PortArrayParts | null })),
    ),
    ...batteries.map((run) => ({ run, portArray: null })),
  ].flatMap(({ run, portArray }) => (run.said === null ? [] : [{ run, said: run.said, portArray }]));
}

export function nameOf(
  { plan }: Pick<CopperContext, "plan">,
  run: Pick<ResolvedRun, "part" | "from" | "to">,
  portArray: PortArrayParts | null,
): CablingPartName {
  const { from } = run;
  const branch =
    from.type === "string" ? (portArray?.branches.find(({ string }) => string.id === from.stringId) ?? null) : null;
  const inputId = portArray?.inputId ?? (from.type === "output" ? from.inputId : "");
  const device = portArray?.context.device ?? plan.inputs.find(({ id }) => id === inputId)?.device;
  return {
    part: run.part,
    place: branch?.place ?? null,
    inputName: device?.name ?? "",
    portName: portArray === null || portArray.context.device.ports.length < 2 ? null : portArray.context.port.name,
  };
}
