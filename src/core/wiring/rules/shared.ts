import { sum } from "../../engine/numeric";
import { brightSkyFactor } from "../../engine/fuse";
import { type PortInUse, sharedOut, type LimitNature } from "../../engine/pv-input";
import { type PlanInput, type PortGroup } from "../../plan";
import {
  doubtAssumed,
  type PortArrayContext,
  fitAssumed,
  isFlat,
  siteAssumed,
  type SkyState,
  type Assumption,
  clearMonthKwh,
} from "../../plan-model";
import { stringTerms } from "./current";
import { type Amount, type RuleOutcome, type GroupRule } from "../../checks";
import { gradeClipping } from "./grade-clipping";
import { dueWatts } from "./watts";

export type SharedFacts = {
  readonly groupName: string;
  readonly ports: readonly {
    readonly name: string;
    readonly aloneW: number;
    readonly aloneA: number;
    readonly takenW: number;
  }[];
  readonly limitW: number | null;
  readonly limitA: number | null;
  readonly nature: LimitNature;
  readonly dueW: number;
  readonly marginedIscA: number;
  readonly lostW: number;
  readonly clippedKwhPerMonth: number;
  readonly clippedPct: number;
};

export type SharedReason = {
  readonly type: "shared";
  readonly outcome: "overAbsolute" | "clipsMuch" | "clips" | "within";
} & SharedFacts;

/** Ports that stand before one limit under a sky: how each runs alone. */
export function sharing(
  portArrays: readonly PortArrayContext[],
  stateOf: (portArray: PortArrayContext) => Pick<SkyState, "array" | "operating">,
): PortInUse[] {
  return portArrays.flatMap((portArray) => {
    const { window, tracking } = portArray;
    const { array, operating } = stateOf(portArray);
    return window === null || operating === null ? [] : [{ array, window, tracking, alone: operating }];
  });
}

/** Rule 4 for a group of ports: together they keep one limit of watts or amps. Null when nothing in it is wired or limited. */
export function shared(group: PortGroup, portArrays: readonly PortArrayContext[]): RuleOutcome<SharedReason> | null {
  const absolute = group.nature === "neverExceed";
  // what may never be exceeded counts every port, its ceiling known or not
  const members = absolute ? portArrays : portArrays.filter(({ window }) => window !== null);
  const running = members.filter(({ window }) => window !== null);
  const ports = sharing(running, ({ actual }) => actual.brightNoon);
  const [first] = members;
  if (first === undefined || (group.maxW === null && group.maxA === null)) return null;
  const taken = sharedOut(ports, { maxW: group.maxW, maxA: group.maxA });
  const aloneW = sum(ports.map(({ alone }) => alone.p));
  const aloneA = sum(ports.map(({ alone }) => alone.i));
  const dueW = sum(members.map(dueWatts));
  const marginedIscA = brightSkyFactor * sum(members.flatMap(stringTerms).map(({ count, each }) => count * each));
  const clear30 =
    group.maxW === null
      ? { totalKwh: 0, clippedKwh: 0 }
      : clearMonthKwh(members, group.maxW, ({ actual }) => ({ ...actual.brightNoon, flat: false }));
  const facts: SharedFacts = {
    groupName: group.name,
    ports: members.map((member) => {
      const k = running.indexOf(member);
      return {
        name: member.port.name,
        aloneW: ports[k]?.alone.p ?? 0,
        aloneA: ports[k]?.alone.i ?? 0,
        takenW: taken[k]?.p ?? 0,
      };
    }),
    limitW: group.maxW,
    limitA: group.maxA,
    nature: group.nature,
    dueW,
    marginedIscA,
    lostW: aloneW - sum(taken.map(({ p }) => p)),
    clippedKwhPerMonth: clear30.clippedKwh,
    clippedPct: clear30.totalKwh > 0 ? (100 * clear30.clippedKwh) / clear30.totalKwh : 0,
  };
  const over =
    absolute && ((group.maxW !== null && dueW > group.maxW) || (group.maxA !== null && marginedIscA > group.maxA));
  const lostPct = aloneW > 0 ? (100 * facts.lostW) / aloneW : 0;
  const { level, outcome } = over
    ? ({ level: "stop", outcome: "overAbsolute" } as const)
    : gradeClipping(Math.max(facts.clippedPct, group.maxA === null ? 0 : lostPct));
  const assumptions: Assumption[] = [
    ...(absolute
      ? siteAssumed(first, "recordLow")
      : [
          { type: "equalShares" } as const,
          ...siteAssumed(first, "latitude", "mount"),
          { type: "clearDay", flat: members.every(isFlat) } as const,
        ]),
    ...each(members.flatMap((member) => [...fitAssumed(member), ...doubtAssumed(member)])),
  ];
  // the limit that is passed is the one told; watts where none or both are
  const byAmps = group.maxA !== null && (group.maxW === null || (over && dueW <= group.maxW));
  const limit: Amount = byAmps ? { value: group.maxA ?? 0, unit: "A" } : { value: group.maxW ?? 0, unit: "W" };
  const judged = limit.unit === "W" ? (absolute ? dueW : aloneW) : absolute ? marginedIscA : aloneA;
  return {
    level,
    value: { value: judged, unit: limit.unit },
    limit,
    marginPct: 100 * (1 - judged / limit.value),
    assumptions,
    reason: { type: "shared", outcome, ...facts },
    tiles: [],
  };
}

/** The groups of an input with the port arrays that feed them. */
export function groupsIn(
  inputs: readonly PlanInput[],
  portArrays: readonly PortArrayContext[],
): { readonly inputId: string; readonly group: PortGroup; readonly portArrays: readonly PortArrayContext[] }[] {
  return inputs.flatMap(({ id, device }) =>
    device.groups.map((group) => ({
      inputId: id,
      group,
      portArrays: portArrays.filter(
        ({ portArray }) =>
          portArray.inputId === id && portArray.portId !== null && group.portIds.includes(portArray.portId),
      ),
    })),
  );
}

/** Each once, though several ports take panels of one kind. */
function each(assumptions: readonly Assumption[]): Assumption[] {
  return [...new Map(assumptions.map((assumption) => [JSON.stringify(assumption), assumption])).values()];
}

export const sharedRule: GroupRule<"shared", SharedReason> = {
  id: "shared",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["brightNoon"], edge: "watts" },
  fixedBy: "moreWatts",
  ofInput: true,
  judge: shared,
};
