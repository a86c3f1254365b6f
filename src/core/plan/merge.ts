import { differences } from "./differences";
import { type Plan } from "./document";
import { type PlanReading, readPlan } from "./read";

/** A piece of a plan that is taken whole from one version or the other. */
export type PartKind = "name" | "site" | "panel" | "input" | "wiring" | "note";
export type Side = "mine" | "theirs";

/** Where two versions of a plan part: what each holds (null: it has no such part), and which side changed it since both were one. */
export type PartDifference = {
  readonly key: string;
  readonly kind: PartKind;
  readonly id: string;
  readonly mine: unknown;
  readonly theirs: unknown;
  /** Paths within the part at which they differ; empty when only one side has it. */
  readonly paths: readonly string[];
  readonly changedBy: Side | "both" | "unknown";
};

const lists = [
  ["panel", "panels"],
  ["input", "inputs"],
  ["wiring", "wirings"],
] as const;

/** Every part in which two versions differ. `base` is what both began from, or null when that is not known. */
export function partsApart(base: Plan | null, mine: Plan, theirs: Plan): PartDifference[] {
  const before = base === null ? null : partsOf(base);
  const [ours, others] = [partsOf(mine), partsOf(theirs)];
  return [...new Map([...ours, ...others]).values()].flatMap(({ key, kind, id }) => {
    const [a, b] = [ours.get(key)?.value ?? null, others.get(key)?.value ?? null];
    if (same(a, b)) return [];
    const was = before?.get(key)?.value ?? null;
    const changedBy = before === null ? "unknown" : same(was, a) ? "theirs" : same(was, b) ? "mine" : "both";
    return [
      {
        key,
        kind,
        id,
        mine: a,
        theirs: b,
        paths: a === null || b === null ? [] : differences(a, b),
        changedBy,
      } as const,
    ];
  });
}

/** The side a part is taken from unless the person says otherwise: the one that changed it; mine where both did. */
export function usualSide({ changedBy }: PartDifference): Side {
  return changedBy === "theirs" ? "theirs" : "mine";
}

/** One plan out of two, part by part. Choices that do not fit together give the fault that says why. */
export function mergePlans(
  mine: Plan,
  theirs: Plan,
  apart: readonly PartDifference[],
  sideOf: (part: PartDifference) => Side,
): PlanReading {
  const fromMine = new Map(apart.filter((part) => sideOf(part) === "mine").map((part) => [part.key, part]));
  const value = <T>(key: string, own: T, other: T): T => (fromMine.has(key) ? own : other);
  const fields = <T extends object>(kind: PartKind, own: T, others: T) =>
    Object.fromEntries(
      (Object.keys(others) as (keyof T & string)[]).map((field) => [
        field,
        value(`${kind}:${field}`, own[field], others[field]),
      ]),
    );
  const list = <T extends { readonly id: string }>(kind: PartKind, own: readonly T[], others: readonly T[]): T[] => {
    const mineById = new Map(own.map((item) => [item.id, item]));
    const kept = others.flatMap((item) => {
      if (!fromMine.has(`${kind}:${item.id}`)) return [item];
      const ours = mineById.get(item.id);
      return ours === undefined ? [] : [ours];
    });
    // what only mine has comes after what it came after there
    return own.reduce<T[]>((merged, item, k) => {
      if (!fromMine.has(`${kind}:${item.id}`) || others.some(({ id }) => id === item.id)) return merged;
      const before = own.slice(0, k).findLast(({ id }) => merged.some((known) => known.id === id));
      return merged.toSpliced(before === undefined ? 0 : merged.findIndex(({ id }) => id === before.id) + 1, 0, item);
    }, kept);
  };
  return readPlan({
    ...theirs,
    name: value("name:", mine.name, theirs.name),
    site: fields("site", mine.site, theirs.site),
    panels: list("panel", mine.panels, theirs.panels),
    inputs: list("input", mine.inputs, theirs.inputs),
    wirings: list("wiring", mine.wirings, theirs.wirings),
    notes: fields("note", mine.notes, theirs.notes),
  });
}

type Held = { readonly key: string; readonly kind: PartKind; readonly id: string; readonly value: unknown };

function partsOf(plan: Plan): Map<string, Held> {
  const part = (kind: PartKind, id: string, value: unknown): [string, Held] => [
    `${kind}:${id}`,
    { key: `${kind}:${id}`, kind, id, value },
  ];
  return new Map([
    part("name", "", plan.name),
    ...Object.entries(plan.site).map(([field, value]) => part("site", field, value)),
    ...lists.flatMap(([kind, list]) => plan[list].map((item) => part(kind, item.id, item))),
    ...Object.entries(plan.notes).map(([stop, text]) => part("note", stop, text)),
  ]);
}

function same(a: unknown, b: unknown): boolean {
  return differences(a, b, 1).length === 0;
}
