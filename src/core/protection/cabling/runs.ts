import { chooseSize, dropLimitOf, type SizedRun } from "../../engine/cable";
import { batteryFuseA, brightSkyFactor, continuousFor } from "../../engine/fuse";
import { type End, fuseAt, type ProtectiveDevice, type Plan } from "../../plan";
import { keyOf, type PortArray, type PvString, tilesOf, usedIn } from "../../engine/array";
import { ampsOfString, ampsOfStrings, type LabelAmps, ratedPanel } from "./amps";
import { cableRulesOf } from "./standards";
import { isUsed } from "./used";
import { branchesOfStrings, branchOfString, type WiredBranch } from "./branches";
import { elsewhere } from "./elsewhere";
import { type RunPart, type CableEnvironment, type ResolvedRun, resolved, areFolded, type Copper } from "./resolve-run";

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
  return withinWholeDrop([
    ...ofStrings,
    run("trunk", junction, isolator, whole, null),
    run("tail", isolator, { type: "port", ...port }, whole, null),
  ]);
}

/**
 * Cables one behind another, each advised so that all together lose no more than one of them may: the drop that is allowed is shared out
 * by length. Where no size loses so little, the size that would do alone stays advised.
 */
function withinWholeDrop(runs: readonly ResolvedRun[]): ResolvedRun[] {
  const { longestMm, wholeMm } = wayLength(runs);
  return runs.map((run) => {
    if (run.ask === null || wholeMm === 0) return run;
    const lengthMm = run.part === "string" ? longestMm : run.lengthMm;
    const maxDropPct = (dropLimitOf(run.ask) * lengthMm) / wholeMm;
    const advised = chooseSize({ ...run.ask, maxDropPct });
    return typeof advised === "string" ? run : { ...run, advised };
  });
}

/** How far it is from the panels to the port, one way: by the longest string's own cable, and on by all that is shared. */
export function wayLength(runs: readonly ResolvedRun[]): { readonly longestMm: number; readonly wholeMm: number } {
  const longestMm = Math.max(0, ...runs.filter(({ part }) => part === "string").map(({ lengthMm }) => lengthMm));
  const shared = runs.filter(({ part }) => part !== "string");
  return { longestMm, wholeMm: shared.reduce((sum, { lengthMm }) => sum + lengthMm, longestMm) };
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

/** The strings of a port array that have panels in use, for whoever numbers them. */
export function usedStrings({ strings }: Pick<PortArray, "strings">): PvString[] {
  return strings.filter(isUsed);
}

/** Panels in use on some port arrays. */
export function usedTiles(portArrays: readonly PortArray[]) {
  return tilesOf(portArrays).filter(({ bypassed }) => !bypassed);
}
