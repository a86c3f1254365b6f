import { type LabelDraft, type Measured, type PanelLabel, type LabelReading, readingsThatFit } from "../engine/panel";
import { type Shades } from "../engine/light";
import { type Plan } from "../plan";
import { isLimitSky, type Sky, type SkyName } from "../engine/sky";
import { type SharedContext, type PortArrayContext, type SkyState, underSky } from "./port-array-context";
import { fitKind, type KindFit } from "./kind-fit";

/** What one panel does while its port array runs. */
export type TileState = {
  readonly v: number;
  readonly i: number;
  readonly p: number;
  readonly substrings: readonly {
    readonly v: number;
    readonly i: number;
    readonly p: number;
    readonly bypassed: boolean;
  }[];
};

/**
 * What was worked out before and still holds, so that an edit to one port array costs one port array. Whoever judges again and
 * again keeps one; everything in it follows from its key alone, so remembering never changes an answer.
 */
export type SolveCache = {
  readonly fit: (label: PanelLabel, measured: Measured | null) => KindFit;
  /** The reading that would reconcile a doubtful label, if there is one. */
  readonly reading: (label: LabelDraft) => LabelReading | null;
  /** What port arrays have in common under this key; a new one forgets the port arrays built on the one before. */
  readonly common: (key: string, make: () => SharedContext) => SharedContext;
  readonly portArray: (key: string, make: () => PortArrayContext | null) => PortArrayContext | null;
  /** What the rules say of it. */
  readonly judged: <T>(context: PortArrayContext, make: () => readonly T[]) => readonly T[];
  /** A port array with its panels on the way from one position to another, by how they then stand. */
  readonly between: (
    context: PortArrayContext,
    key: string,
    make: () => PortArrayContext | null,
  ) => PortArrayContext | null;
  /** A port array as it stands under any sky, in whatever shadows; limit skies throw none. */
  readonly under: (context: PortArrayContext, sky: Sky, shades: Shades) => SkyState;
  readonly states: (state: SkyState, make: () => readonly TileState[]) => readonly TileState[];
  /** A plan's surfaces in a position: the same for as long as the parts of the plan are that decide how panels lie. */
  readonly roof: <R extends object>(plan: Plan, positionId: string, make: () => R) => R;
  /** What a rule says of them; under no name (null) nothing is kept, as it depends on more. */
  readonly onRoof: <T>(roof: object, rule: string | null, make: () => T) => T;
};

/** Kinds whose fits are kept: more than anyone has kinds of panel open at once. */
const maxFits = 64;
/** Port arrays kept: those of a few wirings, and of a few edits back, for undo. */
const maxPortArrays = 64;
/** Positions of a few edits back, whose roofs are kept. */
const maxRoofs = 12;
/** Things kept that were said of one of them. */
const maxOnRoof = 200;

export function createSolveCache(): SolveCache {
  const fits = new Map<string, KindFit>();
  const readings = new Map<string, LabelReading | null>();
  const portArrays = new Map<string, PortArrayContext | null>();
  const judged = new WeakMap<PortArrayContext, readonly unknown[]>();
  const under = new WeakMap<PortArrayContext, Map<SkyName, { readonly key: string; readonly state: SkyState }>>();
  const between = new WeakMap<PortArrayContext, Map<string, PortArrayContext | null>>();
  const states = new WeakMap<SkyState, readonly TileState[]>();
  const roofs: { readonly parts: readonly unknown[]; readonly context: object }[] = [];
  const onRoofs = new WeakMap<object, Map<string, unknown>>();
  let kept: { readonly key: string; readonly common: SharedContext } | null = null;
  return {
    fit: (label, measured) =>
      remembered(fits, JSON.stringify([label, measured]), maxFits, () => fitKind(label, measured)),
    reading: (label) => remembered(readings, JSON.stringify(label), maxFits, () => readingsThatFit(label)[0] ?? null),
    common: (key, make) => {
      if (kept?.key !== key) {
        portArrays.clear();
        kept = { key, common: make() };
      }
      return kept.common;
    },
    portArray: (key, make) => remembered(portArrays, key, maxPortArrays, make),
    judged: <T>(context: PortArrayContext, make: () => readonly T[]) => {
      const known = judged.get(context) ?? make();
      judged.set(context, known);
      // what is kept of a port array is what its rules said
      return known as readonly T[];
    },
    between: (context, key, make) => {
      const known = between.get(context) ?? new Map<string, PortArrayContext | null>();
      between.set(context, known);
      return remembered(known, key, maxPortArrays, make);
    },
    under: (context, sky, shades) => {
      if (isLimitSky(sky.name)) return context.actual[sky.name];
      const key = JSON.stringify([sky, [...shades]]);
      const bySky = under.get(context) ?? new Map<SkyName, { readonly key: string; readonly state: SkyState }>();
      under.set(context, bySky);
      const known = bySky.get(sky.name);
      if (known?.key === key) return known.state;
      const state = underSky(context, sky, shades);
      bySky.set(sky.name, { key, state });
      return state;
    },
    states: (state, make) => {
      const known = states.get(state) ?? make();
      states.set(state, known);
      return known;
    },
    roof: <R extends object>(plan: Plan, positionId: string, make: () => R) => {
      const { space, panels, positions, mounts, fixings, site } = plan;
      const parts = [space, panels, positions, mounts, fixings, site, positionId];
      const known = roofs.find((roof) => roof.parts.every((part, k) => part === parts[k]));
      // of one plan in one position there is one
      if (known !== undefined) return known.context as R;
      const context = make();
      roofs.unshift({ parts, context });
      roofs.splice(maxRoofs);
      return context;
    },
    onRoof: <T>(roof: object, rule: string | null, make: () => T): T => {
      if (rule === null) return make();
      const known = onRoofs.get(roof) ?? new Map<string, unknown>();
      onRoofs.set(roof, known);
      if (!known.has(rule)) {
        // a sun for every minute somebody looks at
        if (known.size >= maxOnRoof) known.clear();
        known.set(rule, make());
      }
      // what is kept under a rule's name is what that rule said
      return known.get(rule) as T;
    },
  };
}

function remembered<K, T>(known: Map<K, T>, key: K, most: number, make: () => T): T {
  const found = known.get(key);
  // what is asked for again is the newest
  if (found !== undefined) known.delete(key);
  const value = found ?? make();
  const [oldest] = known.keys();
  if (known.size >= most && oldest !== undefined) known.delete(oldest);
  known.set(key, value);
  return value;
}
