import { applyChange, type Change, type Plan, type Surface } from "@/core/plan";
import { keyOf } from "@/core/engine/array";
import { baseOf, footprintOf, sharedMm2 } from "../check";
import { bodyOf, panelsOn, type Parked, sizeOf } from "../placed-panels";
import { coveredMm2 } from "../outline";
import { groundOf } from "../placement-candidates";
import { allLight, type Filled, type FillKind, fillSurface, type KeptLight } from "./fill";

/**
 * Ways to fill a surface that differ in what they are good for. `most`: most watts of any mixture, with all that is there and to come
 * left free. `oneKind`: of one kind. `inLine`: of one kind, all the same way round. `everyInch`: walkways and what is only to come are
 * given up. `minShade`: most of what the shadows leave.
 */
export const fillStrategies = ["most", "minShade", "oneKind", "inLine", "everyInch"] as const;
export type FillStrategy = (typeof fillStrategies)[number];

export type FillAnswer = Filled & {
  readonly strategy: FillStrategy;
  /** Of its watts, the share that shadows leave over a year; null where nobody has looked. */ readonly keptShare:
    number | null;
  /** Names of walkways and of what is to come that lie under its panels. */ readonly givenUp: readonly string[];
};

export type FillPlanAsk = {
  readonly plan: Plan;
  readonly surfaceId: string;
  readonly positionId: string;
  readonly parked: Parked;
  /** The kinds that may be laid: those the plan has, or as many as fit. */
  readonly kinds: readonly { readonly panelId: string; readonly asManyAsFit: boolean }[];
  readonly seamMm: number;
  readonly kept: KeptLight | null;
  /** Tries of the answer that is to have most, where the usual number is not meant; the others are quick. */
  readonly tries?: number;
};

const triesForMax = 100_000;

/** Distinct answers, most watts first. Kinds that are not asked for stay where they lie. `step` says how many strategies are through. */
export function* fillAnswers(ask: FillPlanAsk): Generator<{ readonly share: number }, readonly FillAnswer[]> {
  const { plan, surfaceId, positionId, parked, seamMm, kept } = ask;
  const surface = plan.space.surfaces.find(({ id }) => id === surfaceId);
  if (surface === undefined) throw new Error(`no surface "${surfaceId}" in the plan`);
  const asked = new Set(ask.kinds.map(({ panelId }) => panelId));
  const stays = panelsOn(plan, surface, positionId, parked).filter(
    ({ id }) => !asked.has(id.slice(0, id.lastIndexOf("."))),
  );
  const kinds = ask.kinds.flatMap((kind) => kindOf(plan, surface, kind));
  const found: FillAnswer[] = [];
  for (const [k, strategy] of fillStrategies.entries()) {
    yield { share: k / fillStrategies.length };
    if ((strategy === "minShade" && kept === null) || (strategy === "oneKind" && kinds.length < 2)) continue;
    const ground = groundOf(strategy === "everyInch" ? bared(plan) : plan, surface, stays);
    const ways = strategy === "inLine" ? (["along", "across"] as const) : (["any"] as const);
    const groups = strategy === "oneKind" || strategy === "inLine" ? kinds.map((kind) => [kind]) : [kinds];
    let best: Filled | null = null;
    for (const way of ways)
      for (const group of groups) {
        const filling = fillSurface(
          { ground, kinds: group, seamMm, kept: strategy === "minShade" ? (kept ?? allLight) : allLight, ways: way },
          strategy === "most" ? (ask.tries ?? triesForMax) : 0,
        );
        let step = filling.next();
        while (!step.done) {
          yield { share: k / fillStrategies.length };
          step = filling.next();
        }
        if (best === null || step.value.worthW > best.worthW + 1e-6) best = step.value;
      }
    if (best === null || best.panels.length === 0) continue;
    const answer = {
      ...best,
      strategy,
      keptShare: shareKept(best, kinds, kept),
      givenUp: givenUpBy(plan, surface, best, kinds),
    };
    if (found.every((other) => !isAlike(other, answer))) found.push(answer);
  }
  return found.sort((a, b) => b.watts - a.watts);
}

function kindOf(plan: Plan, surface: Surface, { panelId, asManyAsFit }: FillPlanAsk["kinds"][number]): FillKind[] {
  const panel = plan.panels.find(({ id }) => id === panelId);
  const size = panel === undefined ? null : sizeOf(panel);
  if (panel === undefined || size === null || panel.label.pmaxW === null) return [];
  // those that lie on another surface stay there
  const elsewhere = plan.space.places.filter((at) => at.panelId === panelId && at.surfaceId !== surface.id).length;
  const count = asManyAsFit ? null : panel.pieces.length - elsewhere;
  return [{ panelId, lengthMm: size.lengthMm, widthMm: size.widthMm, watts: panel.label.pmaxW, count }];
}

/** Without walkways, and without what is only to come. */
function bared(plan: Plan): Plan {
  const { obstacles, zones } = plan.space;
  return {
    ...plan,
    space: {
      ...plan.space,
      obstacles: obstacles.filter(({ planned }) => !planned),
      zones: zones.filter(({ kind }) => kind !== "walkway"),
    },
  };
}

function shapesOf({ panels }: Filled, kinds: readonly FillKind[]) {
  return panels.flatMap(({ panelId, xMm, yMm, turnedDeg }) => {
    const kind = kinds.find((each) => each.panelId === panelId);
    if (kind === undefined) return [];
    const { lengthMm: alongMm, widthMm: acrossMm } = kind;
    return [footprintOf({ xMm, yMm, alongMm, acrossMm, turnDeg: turnedDeg, tiltDeg: 0, tiltTowardsDeg: 0 })];
  });
}

function givenUpBy({ space }: Plan, surface: Surface, filled: Filled, kinds: readonly FillKind[]): string[] {
  const shapes = shapesOf(filled, kinds);
  const here = ({ surfaceId }: { readonly surfaceId: string }) => surfaceId === surface.id;
  const zones = space.zones.filter(
    (zone) => here(zone) && zone.kind === "walkway" && shapes.some((shape) => coveredMm2(shape, zone.outline) > 50),
  );
  const things = space.obstacles.filter(
    (each) =>
      here(each) &&
      each.planned &&
      shapes.some((shape) => sharedMm2(shape, baseOf(bodyOf(each), each.clearanceMm)) > 50),
  );
  return [...zones, ...things].map(({ name }) => name);
}

function shareKept(filled: Filled, kinds: readonly FillKind[], kept: KeptLight | null): number | null {
  if (kept === null || filled.watts === 0) return null;
  const each = filled.panels.map(({ panelId, xMm, yMm, turnedDeg }) => {
    const { lengthMm = 0, widthMm = 0, watts = 0 } = kinds.find((kind) => kind.panelId === panelId) ?? {};
    const [wide, deep] = turnedDeg === 90 ? [lengthMm, widthMm] : [widthMm, lengthMm];
    return watts * kept(xMm - wide / 2, xMm + wide / 2, yMm - deep / 2, yMm + deep / 2);
  });
  return each.reduce((sum, watts) => sum + watts, 0) / filled.watts;
}

/** Of the same kinds in the same places. */
function isAlike(a: FillAnswer, b: FillAnswer): boolean {
  const told = ({ panels }: FillAnswer) =>
    panels.map(({ panelId, xMm, yMm, turnedDeg }) => `${panelId} ${xMm} ${yMm} ${turnedDeg}`).sort();
  return JSON.stringify(told(a)) === JSON.stringify(told(b));
}

/** An answer as changes of the plan: panels it has come first, and those that are missing are added to it. */
export function fillChanges(
  plan: Plan,
  surfaceId: string,
  kinds: readonly string[],
  { panels }: Pick<FillAnswer, "panels">,
  gapMm: number,
): readonly Change[] {
  const refs = plan.space.places.filter((at) => at.surfaceId === surfaceId && kinds.includes(at.panelId));
  const lift: Change = { type: "liftPanels", refs };
  const changes: Change[] = [lift];
  let after = applyChange(plan, lift);
  for (const panelId of kinds) {
    const wanted = panels.filter((panel) => panel.panelId === panelId);
    const free = () => {
      const laid = new Set(after.space.places.map(keyOf));
      const kind = after.panels.find(({ id }) => id === panelId);
      return (kind?.pieces ?? []).filter(({ number }) => !laid.has(keyOf({ panelId, piece: number })));
    };
    const missing = wanted.length - free().length;
    if (missing > 0) {
      const kind = after.panels.find(({ id }) => id === panelId);
      const more: Change = { type: "setCount", panelId, count: (kind?.pieces.length ?? 0) + missing };
      changes.push(more);
      after = applyChange(after, more);
    }
    for (const [k, { number }] of free().slice(0, wanted.length).entries()) {
      const at = wanted[k];
      if (at === undefined) continue;
      const { xMm, yMm, turnedDeg } = at;
      const place = { panelId, piece: number, surfaceId, xMm, yMm, turnedDeg, gapMm, inPositions: [] };
      changes.push({ type: "layPanel", place });
    }
    for (const change of changes.filter(({ type }) => type === "layPanel")) after = applyChange(after, change);
  }
  return changes;
}
