import { applyChanges, type Change } from "../../plan";
import { type Fix, type FindingWithoutFixes } from "../../assessment";
import { solvableById, type SolvableWiring } from "../../plan-model";

/** A wiring with some changes to its plan, to be judged; what it has in common with the plan as it is stays solved. */
export function withChanges({ plan, wiringId, memory }: SolvableWiring, changes: readonly Change[]): SolvableWiring {
  return solvableById(applyChanges(plan, changes), wiringId, null, memory);
}

/** What a fix leaves undone, out of what the rules say with it. */
export function stopsLeft(findings: readonly FindingWithoutFixes[]): Fix["leaves"] {
  return findings.filter(({ level }) => level === "stop").map(({ rule, subject }) => ({ rule, subject }));
}

/** A fix that leaves the strings as they are: nothing is bought or put away for it, and it is told without watts. */
export function fixInPlace({ kind, changes, leaves }: Pick<Fix, "kind" | "changes" | "leaves">): Fix {
  return {
    kind,
    changes,
    leaves,
    cost: { bought: 0, shelved: 0 },
    noonW: 0,
    beside: null,
    fuses: [],
    vocMarginPct: null,
    money: null,
  };
}
