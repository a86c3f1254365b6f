import { type CableEnvironment, type ResolvedRun, type Copper, resolved } from "./resolve-run";
import { type End, type Plan, sameEnd } from "../../plan";
import { type Cables, type PortArray, type PortArrayRef, stringsOfPortArrays } from "../../engine/array";
import { ampsOfString } from "./amps";
import { cableRulesOf } from "./standards";
import { isUsed } from "./used";
import { lossThatCounts, isMeasured, runsOfPortArray } from "./runs";

/**
 * What the cables of a port array resist, of those somebody measured; null where that is none. Strings nobody measured take the mean of the
 * others, so that another wiring of the same port is not taken for one without cables.
 */
export function cablesOf(plan: Plan, copper: Copper, portArray: PortArray, around: CableEnvironment): Cables | null {
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
