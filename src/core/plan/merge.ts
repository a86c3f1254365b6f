import { differences } from "./differences";
import { withPrunedCables } from "./cabling";
import { type Plan } from "./plan";
import { type PlanReading, readPlan } from "./read";
import { keepOnly, keysIn } from "./pieces";
import { type PartKind } from "./section";
import { keptEnds } from "./sections/protect";
import { type SectionName, sectionNames, sections } from "./sections";
import { keyOf } from "../engine/array";

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

/** Every part in which two versions differ. `base` is what both began from, or null when that is not known. */
export function diffParts(base: Plan | null, mine: Plan, theirs: Plan): PartDifference[] {
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
export function defaultSide({ changedBy }: PartDifference): Side {
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
  const fields = (kind: PartKind, own: object, others: object): object => {
    const ours: Readonly<Record<string, unknown>> = { ...own };
    return Object.fromEntries(
      Object.entries(others).map(([field, theirOwn]) => [field, value(`${kind}:${field}`, ours[field], theirOwn)]),
    );
  };
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
  const merged = Object.fromEntries(
    sectionNames.map((section) => {
      const { kind, by } = sections[section].parts;
      return [
        section,
        by === "item"
          ? list(kind, itemsOf(mine, section), itemsOf(theirs, section))
          : fields(kind, mine[section], theirs[section]),
      ];
    }),
  );
  const plan = { ...theirs, ...merged, name: value("name:", mine.name, theirs.name) } as Plan;
  const known = keysIn(plan);
  // what was said of panels that one side took out goes with them
  return readPlan(withPrunedCables(keptEnds(keepOnly(plan, (ref) => known.has(keyOf(ref))))));
}

/** The things of a section that is a list of them. */
function itemsOf(plan: Plan, section: SectionName): readonly { readonly id: string }[] {
  const value = plan[section];
  return Array.isArray(value) ? value : [];
}

type Held = { readonly key: string; readonly kind: PartKind; readonly id: string; readonly value: unknown };

function partsOf(plan: Plan): Map<string, Held> {
  const part = (kind: PartKind, id: string, value: unknown): [string, Held] => [
    `${kind}:${id}`,
    { key: `${kind}:${id}`, kind, id, value },
  ];
  return new Map([
    part("name", "", plan.name),
    ...sectionNames.flatMap((section) => {
      const { kind, by } = sections[section].parts;
      return by === "item"
        ? itemsOf(plan, section).map((item) => part(kind, item.id, item))
        : Object.entries(plan[section]).map(([field, value]) => part(kind, field, value));
    }),
  ]);
}

function same(a: unknown, b: unknown): boolean {
  return differences(a, b, 1).length === 0;
}
