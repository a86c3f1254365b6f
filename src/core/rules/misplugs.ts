import { type Plan, type Wiring } from "../plan";
import { type Misplug, misplugs } from "../wiring";
import { judgeAll, posesOf } from "./assess";
import { type Placed } from "./finding";
import { createMemory } from "./memory";
import { readyWiring } from "./ready";

/** A misplug on the way between two wirings, and what the rules say of what then stands at the port. */
export type JudgedMisplug = {
  readonly misplug: Misplug;
  readonly dangerous: boolean;
  /** The worst of it; null when nothing of it is a Stop. */
  readonly stop: Placed | null;
  /** Coldest volts that the port would see, when they are what is wrong. */
  readonly volts: number | null;
};

type Joined = Pick<Wiring, "id" | "lanes" | "poseIds">;

/** Judges every misplug of going from one wiring of a plan to another, the dangerous ones first. */
export function judgeMisplugs(plan: Plan, from: Joined, to: Joined): JudgedMisplug[] {
  const memory = createMemory();
  // made in whichever pose either of them is used in
  const poses = posesOf(plan, { poseIds: [...new Set([...from.poseIds, ...to.poseIds])] });
  const judged = misplugs(from.lanes, to.lanes).map((misplug) =>
    judgedMisplug(misplug, judgeAll(readyWiring(plan, { id: to.id, lanes: [misplug.lane] }, memory, poses))),
  );
  return judged.sort((a, b) => Number(b.dangerous) - Number(a.dangerous));
}

/** A misplug with what the rules found of the port it was made at. */
export function judgedMisplug(misplug: Misplug, findings: readonly Placed[]): JudgedMisplug {
  const stops = findings.filter(({ level }) => level === "stop");
  const [stop = null] = stops;
  const overVolts = stops.find(({ rule }) => rule === "coldVoc");
  return { misplug, dangerous: stop !== null, stop: overVolts ?? stop, volts: overVolts?.value?.value ?? null };
}
