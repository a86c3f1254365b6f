import { type Plan } from "../plan";
import { type Lane, type Slip, slips } from "../wiring";
import { judgeAll } from "./assess";
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

/** Judges every slip of going from one wiring of a plan to another, the dangerous ones first. */
export function judgeSlips(plan: Plan, from: readonly Lane[], to: readonly Lane[]): JudgedSlip[] {
  const memory = createMemory();
  const judged = slips(from, to).map((slip) => judgedSlip(slip, judgeAll(openWiring(plan, [slip.lane], memory))));
  return judged.sort((a, b) => Number(b.dangerous) - Number(a.dangerous));
}

/** A slip with what the rules found of the port it was made at. */
export function judgedSlip(slip: Slip, findings: readonly Placed[]): JudgedSlip {
  const stops = findings.filter(({ level }) => level === "stop");
  const [stop = null] = stops;
  const overVolts = stops.find(({ rule }) => rule === "coldVoc");
  return { slip, dangerous: stop !== null, stop: overVolts ?? stop, volts: overVolts?.value?.value ?? null };
}
