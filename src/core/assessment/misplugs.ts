import { type Plan, type Wiring } from "../plan";
import { type Misplug, misplugs, samePortArray } from "../engine/array";
import { judgeAll } from "./assess";
import { positionsOf, createSolveCache, solvableWiring } from "../plan-model";
import { type FindingWithoutFixes } from "./finding";

/** A misplug on the way between two wirings, and what the rules say of what then stands at the port. */
export type JudgedMisplug = {
  readonly misplug: Misplug;
  readonly dangerous: boolean;
  /** What must not be of it: volts and amps first. */ readonly stops: readonly FindingWithoutFixes[];
  /** Coldest volts that the port would see, when they are what is wrong. */
  readonly volts: number | null;
};

type Joined = Pick<Wiring, "id" | "portArrays" | "positionIds">;

/** Judges every misplug of going from one wiring of a plan to another, the dangerous ones first. */
export function judgeMisplugs(plan: Plan, from: Joined, to: Joined): JudgedMisplug[] {
  const memory = createSolveCache();
  // made in whichever position either of them is used in
  const positions = positionsOf(plan, { positionIds: [...new Set([...from.positionIds, ...to.positionIds])] });
  const judged = misplugs(from.portArrays, to.portArrays).map((misplug) =>
    judgedMisplug(
      misplug,
      judgeAll(solvableWiring(plan, { id: to.id, portArrays: [misplug.portArray] }, memory, positions)),
    ),
  );
  const sameSlip = (a: JudgedMisplug, b: JudgedMisplug) =>
    a.misplug.type === b.misplug.type &&
    samePortArray(a.misplug.portArray, b.misplug.portArray) &&
    samePortArray(a.misplug.meant, b.misplug.meant);
  // one slip in several shapes: every one that harms is told, one that does not only where none does
  return judged
    .filter((each, k) => each.dangerous || judged.findIndex((other) => sameSlip(other, each)) === k)
    .filter((each) => each.dangerous || !judged.some((other) => other.dangerous && sameSlip(other, each)))
    .sort((a, b) => Number(b.dangerous) - Number(a.dangerous));
}

/** A misplug with what the rules found of the port it was made at. */
export function judgedMisplug(misplug: Misplug, findings: readonly FindingWithoutFixes[]): JudgedMisplug {
  const stops = findings.filter(({ level }) => level === "stop");
  const [first] = stops;
  const limits = stops.filter(({ rule }) => rule === "coldVoc" || rule === "current");
  const overVolts = limits.find(({ rule }) => rule === "coldVoc");
  return {
    misplug,
    dangerous: first !== undefined,
    stops: limits.length > 0 || first === undefined ? limits : [first],
    volts: overVolts?.value?.value ?? null,
  };
}
