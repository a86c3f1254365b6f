import { type Plan, type Wiring } from "../plan";
import { type Slip, slips } from "../wiring";
import { judgeAll, posesOf } from "./assess";
import { type Placed } from "./finding";
import { createMemory } from "./memory";
import { openWiring } from "./open";

/** A slip on the way between two wirings, and what the rules say of what then stands at the port. */
export type JudgedSlip = {
  readonly slip: Slip;
  readonly dangerous: boolean;
  /** The worst of it; null when nothing of it is a Stop. */
  readonly stop: Placed | null;
  /** Coldest volts that the port would see, when they are what is wrong. */
  readonly volts: number | null;
};

type Joined = Pick<Wiring, "id" | "lanes" | "poseIds">;

/** Judges every slip of going from one wiring of a plan to another, the dangerous ones first. */
export function judgeSlips(plan: Plan, from: Joined, to: Joined): JudgedSlip[] {
  const memory = createMemory();
  // made in whichever pose either of them is used in
  const poses = posesOf(plan, { poseIds: [...new Set([...from.poseIds, ...to.poseIds])] });
  const judged = slips(from.lanes, to.lanes).map((slip) =>
    judgedSlip(slip, judgeAll(openWiring(plan, { id: to.id, lanes: [slip.lane] }, memory, poses))),
  );
  return judged.sort((a, b) => Number(b.dangerous) - Number(a.dangerous));
}

/** A slip with what the rules found of the port it was made at. */
export function judgedSlip(slip: Slip, findings: readonly Placed[]): JudgedSlip {
  const stops = findings.filter(({ level }) => level === "stop");
  const [stop = null] = stops;
  const overVolts = stops.find(({ rule }) => rule === "coldVoc");
  return { slip, dangerous: stop !== null, stop: overVolts ?? stop, volts: overVolts?.value?.value ?? null };
}
