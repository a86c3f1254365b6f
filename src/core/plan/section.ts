import { type z } from "zod";
import { type Plan } from "./plan";

/** Plain JSON of an older version, of which nothing is known yet. */
export type Json = Readonly<Record<string, unknown>>;

/** Where in a plan something does not fit, and what. */
export type DanglingReference = { readonly path: string; readonly problem: string };

/** What a section tells of itself; each is a module with these names, in the list of `sections/index.ts`. */
export type Section = {
  /** Of this section alone: it moves on when what the section holds changes its shape. */
  readonly version: number;
  readonly schema: z.ZodType;
  readonly empty: unknown;
  /** Whether plans of version 4 may be without it: it was not known when they were written, and is then empty. */
  readonly isOptional?: true;
  /** What this section was, at its version 1, in a plan of version 3, which had no sections of their own version. */
  readonly fromVersion3: (plan: Json) => unknown;
  /** From each version of the section to the next, from 1. A step knows no later version. */
  readonly upgrades: readonly ((older: unknown) => unknown)[];
  /** What a person can do to it. */
  readonly changes: Readonly<Record<string, (plan: Plan, change: never) => Plan>>;
  /** What is taken whole from one side or the other when two versions of a plan are made into one. */
  readonly parts: Parts;
  /** Names that name nothing, or twice, would make a plan that reads well and computes nonsense. */
  readonly findDangling: (plan: Plan) => DanglingReference | null;
};

/** `item`: the section is a list, and each thing in it is a part. `field`: it is an object, and each field of it is one. */
export type Parts = { readonly kind: PartKind; readonly by: "item" | "field" };

export type PartKind =
  | "name"
  | "site"
  | "need"
  | "panel"
  | "input"
  | "space"
  | "mount"
  | "fixing"
  | "position"
  | "wiring"
  | "standard"
  | "protect"
  | "shopping"
  | "note";

/** An id that a list has twice. */
export function duplicateId(path: string, list: readonly { readonly id: string }[]): DanglingReference | null {
  const seen = new Set<string>();
  for (const [k, { id }] of list.entries()) {
    if (seen.has(id)) return { path: `${path}.${k}.id`, problem: `"${id}" is used twice` };
    seen.add(id);
  }
  return null;
}

export function patchById<T extends { readonly id: string }>(list: T[], id: string, change: (item: T) => T): T[] {
  return list.map((item) => (item.id === id ? change(item) : item));
}

export function listOf(value: unknown): Json[] {
  return Array.isArray(value) ? value.filter(isJson) : [];
}

export function isJson(value: unknown): value is Json {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** A list with each thing in it changed; a value of another shape is passed on for validation to name. */
export function mapItems(list: unknown, change: (item: Json) => unknown): unknown {
  return Array.isArray(list) ? list.map((item: unknown) => (isJson(item) ? change(item) : item)) : list;
}

/** The same with some fields under other names; a value of another shape is passed on for validation to name. */
export function renamed(value: unknown, names: Readonly<Record<string, string>>): unknown {
  if (!isJson(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([name, each]) => [names[name] ?? name, each]));
}

/** The same with the fields of each item of some of its lists under other names. */
export function renamedInLists(
  value: unknown,
  lists: Readonly<Record<string, Readonly<Record<string, string>>>>,
): unknown {
  if (!isJson(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => {
      const names = lists[name];
      return [name, names === undefined ? each : mapItems(each, (item) => renamed(item, names))];
    }),
  );
}
