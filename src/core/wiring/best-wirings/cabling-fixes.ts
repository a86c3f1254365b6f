import { chooseSize, sizesOf } from "../../engine/cable";
import {
  batteryVoltsOf,
  chainOf,
  isMeasured,
  lossThatCounts,
  outputOf,
  type ResolvedRun,
} from "../../protection/cabling";
import {
  assumedBatteryShortA,
  batteryFuseA,
  brightSkyFactor,
  chargingV,
  lowFuseClass,
  pvFuseClass,
  smallestOf,
  switchSizesA,
  voltClass,
} from "../../engine/fuse";
import { applyChanges, type Change, type ProtectiveDevice, type Plan, type Cable } from "../../plan";
import { copperContext, type CopperContext, highestOf, type PortArrayParts } from "../../protection/rules";
import { type FuseCount, passes } from "../../checks";
import { judgeAll, takenW, type Fix, type FixKind, type FindingWithoutFixes } from "../../assessment";
import { type SolvableWiring } from "../../plan-model";
import { fixInPlace, stopsLeft, withChanges } from "./changed-wiring";

/** Something to try: what it is called, and what it changes. */
type Try = { readonly kind: FixKind; readonly changes: readonly Change[] };

/**
 * Cables, fuses, switches, boxes and adapters that make a finding pass, best first. Each was tried: the finding passes with it, or
 * is at least no Stop any more, and nothing else becomes a Stop.
 */
export function copperFixes(
  ready: SolvableWiring,
  finding: FindingWithoutFixes,
  now: readonly FindingWithoutFixes[],
): readonly Fix[] {
  const copper = copperContext(ready.plan, ready.wiringId, ready.portArrays, ready.positions[0]?.id ?? "");
  if (copper === null) return [];
  const nowW = takenW(ready, "brightNoon");
  const stops = new Set(now.filter(({ level }) => level === "stop").map(({ id }) => id));
  return triesFor(copper, finding).flatMap(({ kind, changes }): Fix[] => {
    const solved = withChanges(ready, changes);
    const after = judgeAll(solved);
    const same = after.find(({ id }) => id === finding.id);
    const fixed = same === undefined || passes(same.level) || (finding.level === "stop" && same.level === "open");
    if (!fixed || after.some(({ level, id }) => level === "stop" && !stops.has(id))) return [];
    const beside = { type: "now", watts: nowW } as const;
    return [
      { ...fixInPlace({ kind, changes, leaves: stopsLeft(after) }), noonW: takenW(solved, "brightNoon"), beside },
    ];
  });
}

export function triesFor(copper: CopperContext, { reason, subject }: FindingWithoutFixes): Try[] {
  const portArray = copper.portArrays.find(
    ({ inputId, portId }) => subject.type === "portArray" && subject.inputId === inputId && subject.portId === portId,
  );
  switch (reason.type) {
    case "cableAmps":
    case "cableDrop": {
      if (reason.outcome === "together")
        return portArray === undefined ? [] : thickerTogether(copper, portArray, reason.limitPct);
      const run = allRuns(copper).find(({ said }) => subject.type === "run" && said?.id === subject.runId);
      const { said = null, advised = null } = run ?? {};
      if (said === null || advised === null) return [];
      return [
        {
          kind: { type: "gauge", name: reason.name, size: advised.size.name },
          changes: [resized(copper, said, advised.size.name)],
        },
      ];
    }
    case "terminals":
      return reason.outcome === "connector" ? joinedInBox(copper, subject) : [];
    case "fuses":
      return portArray === undefined ? [] : fitMissing(copper, portArray, reason.missing);
    case "guards":
      return guardTries(copper, reason, subject);
    case "plugs": {
      if (portArray === undefined) return [];
      if (reason.outcome === "branches") return [useBox];
      return otherChain(copper.plan, portArray, reason.amps, reason.volts);
    }
    default:
      return [];
  }
}

const useBox: Try = { kind: { type: "useBox" }, changes: [{ type: "setProtect", patch: { joining: "box" } }] };

/** A box takes what is too thick for the branch connectors of several strings; a string's own connectors stay. */
function joinedInBox({ portArrays }: CopperContext, subject: FindingWithoutFixes["subject"]): Try[] {
  const of = portArrays.find(({ runs }) =>
    runs.some(({ part, said }) => part === "trunk" && subject.type === "run" && said?.id === subject.runId),
  );
  return of !== undefined && of.strings.length > 1 ? [useBox] : [];
}

function allRuns({ portArrays, batteries }: CopperContext): ResolvedRun[] {
  return [...portArrays.flatMap(({ runs }) => runs), ...batteries];
}

function resized({ wiringId }: CopperContext, said: Cable, size: string): Change {
  return { type: "setRun", wiringId, run: { ...said, size } };
}

/** The cable that loses most is made a size thicker, until all together are within the limit. */
function thickerTogether(copper: CopperContext, { runs }: PortArrayParts, limitPct: number): Try[] {
  const sizes = new Map(
    runs.flatMap((run) => {
      const size = isMeasured(run) ? lossThatCounts(run) : null;
      return size === null ? [] : [[run, size.size.name] as const];
    }),
  );
  const dropOf = (run: ResolvedRun) => {
    const size = run.ask === null ? undefined : sizesOf(run.ask).find(({ name }) => name === sizes.get(run));
    if (run.ask === null || size === undefined) return 0;
    return (2 * run.lengthMm * size.ohmPerKm * run.ask.impA) / 1e6 / run.ask.vmpV;
  };
  const total = () => {
    const strings = [...sizes.keys()].filter(({ part }) => part === "string").map(dropOf);
    const shared = [...sizes.keys()].filter(({ part }) => part !== "string").map(dropOf);
    return 100 * warm * (Math.max(0, ...strings) + shared.reduce((sum, each) => sum + each, 0));
  };
  const changed = new Set<ResolvedRun>();
  while (total() > limitPct) {
    const [worst] = [...sizes.keys()]
      .filter((run) => thickerThan(run, sizes.get(run)) !== null)
      .sort((a, b) => dropOf(b) - dropOf(a));
    const next = worst === undefined ? null : thickerThan(worst, sizes.get(worst));
    if (worst === undefined || next === null) return [];
    sizes.set(worst, next);
    changed.add(worst);
  }
  const [first] = changed;
  const size = first === undefined ? undefined : sizes.get(first);
  if (first === undefined || size === undefined) return [];
  const changes = [...changed].flatMap((run) =>
    run.said === null ? [] : [resized(copper, run.said, sizes.get(run) ?? size)],
  );
  const name = { part: first.part, place: null, inputName: "", portName: null };
  return [{ kind: { type: "gauge", name, size }, changes }];
}
/** Copper in a hot roof resists so much more than in the table: enough that what is found is within the limit. */
const warm = 1.25;

function thickerThan({ ask }: ResolvedRun, size: string | undefined): string | null {
  const sizes = ask === null ? [] : sizesOf(ask);
  const at = sizes.findIndex(({ name }) => name === size);
  return at < 0 ? null : (sizes[at + 1]?.name ?? null);
}

/** A fuse of its own size in every branch that needs one and has none. */
function fitMissing(
  copper: CopperContext,
  { strings, context }: PortArrayParts,
  missing: Extract<FindingWithoutFixes["reason"], { readonly type: "fuses" }>["missing"],
): Try[] {
  const ratedV = pvFuseClass(highestOf(copper, context, context.portArray.strings, strings).volts);
  const changes = missing.flatMap(({ stringId, sizeA }): Change[] =>
    stringId === null || sizeA === null
      ? []
      : [
          setGuard(copper, {
            id: `fuse-${stringId}`,
            kind: "fuse",
            at: { type: "string", stringId },
            ratedA: sizeA,
            ratedV,
            breaksA: null,
          }),
        ],
  );
  return changes.length === 0 ? [] : [{ kind: { type: "fitFuses", sizes: countSizes(missing) }, changes }];
}

/** Fuses that are missing, counted by their size. */
export function countSizes(missing: readonly { readonly sizeA: number | null }[]): readonly FuseCount[] {
  const sizes = [...new Set(missing.flatMap(({ sizeA }) => sizeA ?? []))].sort((a, b) => a - b);
  return sizes.map((amps) => ({ amps, count: missing.filter(({ sizeA }) => sizeA === amps).length }));
}

function setGuard({ wiringId }: CopperContext, guard: ProtectiveDevice): Change {
  return { type: "setGuard", wiringId, guard };
}

type GuardFacts = Extract<FindingWithoutFixes["reason"], { readonly type: "guards" }>;

function guardTries(copper: CopperContext, reason: GuardFacts, subject: FindingWithoutFixes["subject"]): Try[] {
  const volts = reason.highestV === null ? null : voltClass(reason.highestV);
  if (subject.type === "string") {
    const guard = copper.guards.find(({ at }) => at.type === "string" && at.stringId === subject.stringId);
    // a fuse that can never blow is not fixed by another that cannot either
    if (guard === undefined || reason.adviseA === null || reason.outcome === "neverBlows") return [];
    const ratedV = guard.kind === "fuse" && reason.highestV !== null ? pvFuseClass(reason.highestV) : volts;
    return [
      {
        kind: { type: "fitFuses", sizes: [{ amps: reason.adviseA, count: 1 }] },
        changes: [setGuard(copper, { ...guard, ratedA: reason.adviseA, ratedV })],
      },
    ];
  }
  if (subject.type === "input") return batteryTries(copper, subject.inputId);
  if (subject.type !== "portArray" || volts === null) return [];
  const ratedA = smallestOf(switchSizesA, brightSkyFactor * reason.flowsA);
  if (ratedA === null) return [];
  const { inputId, portId } = subject;
  const guard: ProtectiveDevice = {
    id: `switch-${inputId}-${portId}`.slice(0, 64),
    kind: "isolator",
    at: { type: "isolator", inputId, portId },
    ratedA,
    ratedV: volts,
    breaksA: null,
  };
  return [{ kind: { type: "fitSwitch", amps: ratedA, volts }, changes: [setGuard(copper, guard)] }];
}

/** The smallest fuse that carries what the controller gives; where its cable bears less, a thicker cable with it. */
function batteryTries(copper: CopperContext, inputId: string): Try[] {
  const run = copper.batteries.find(({ to }) => to.type === "bank" && to.inputId === inputId);
  const outputA = outputOf(copper.plan, inputId);
  const amps = outputA === null ? null : batteryFuseA(outputA);
  const batteryV = batteryVoltsOf(copper.plan, inputId);
  if (run === undefined || amps === null) return [];
  const guard: ProtectiveDevice = {
    id: `fuse-${inputId}`.slice(0, 64),
    kind: "fuse",
    at: run.to,
    ratedA: amps,
    ratedV: batteryV === null ? null : lowFuseClass(chargingV(batteryV)),
    breaksA: assumedBatteryShortA,
  };
  const kind: FixKind = { type: "fitBatteryFuse", amps, volts: guard.ratedV, breaksA: assumedBatteryShortA };
  const alone: Try = { kind, changes: [setGuard(copper, guard)] };
  const thicker = run.ask === null ? "noSize" : chooseSize({ ...run.ask, faultA: amps });
  if (typeof thicker === "string" || run.said === null) return [alone];
  return [alone, { kind, changes: [...alone.changes, resized(copper, run.said, thicker.size.name)] }];
}

/** The chain that would be found were none said. */
function otherChain(plan: Plan, { context, inputId, portId }: PortArrayParts, amps: number, volts: number): Try[] {
  const end = plan.protect.portEnds.find((each) => each.inputId === inputId && each.portId === portId);
  if (end === undefined || end.chain === null) return [];
  const open = { ...end, chain: null };
  const found = chainOf(applyChanges(plan, [{ type: "setPortEnd", end: open }]), context.portArray, amps, volts);
  if (!found.isFound) return [];
  const chain = found.links.map(({ adapter }) => ({ adapterId: adapter.id, turned: null }));
  const kind: FixKind = { type: "otherChain", names: found.links.map(({ adapter }) => adapter.name) };
  return [{ kind, changes: [{ type: "setPortEnd", end: { ...end, chain } }] }];
}
