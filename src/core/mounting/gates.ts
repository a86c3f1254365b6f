import { type Fixing, type GateId, type Measure, type Plan } from "../plan";
import { panelsOn, type Parked } from "../layout/roof";
import { keyOf } from "../engine/array";
import { surfacesUnder } from "./load";
import { type StepId } from "./steps";
import { gatesOf, guardedBy } from "./procedure";

/** Where the plan has what a gate measures: from the left and from the back edge of its surface, mm; null: it is not drawn. */
export type Planned = { readonly fromLeftMm: number; readonly fromBackMm: number; readonly name: string } | null;

export type GateState = {
  readonly gate: GateId;
  readonly step: StepId;
  /** The step after it that cannot be undone; whether it is done. */ readonly guards: StepId | null;
  readonly guardIsDone: boolean;
  readonly first: Measure | null;
  readonly second: Measure | null;
  readonly planned: Planned;
  /** How far the two are from each other, and their mean from the plan, mm. */
  readonly apartMm: number | null;
  readonly offPlanMm: number | null;
  readonly passedOver: { readonly atUtc: string; readonly why: string } | null;
  readonly state: "open" | "agrees" | "differs" | "offPlan" | "passedOver";
};

/** Two who measure the same carefully come within so much; what is drawn and what is there within so much, mm. */
export const minApartMm = 5;
export const minOffPlanMm = 10;

/** How the gates of a fixing stand. */
export function gateStates(plan: Plan, fixing: Fixing, steps: readonly StepId[], parked: Parked): readonly GateState[] {
  const done = new Set(fixing.ticks.map(({ step }) => step));
  return gatesOf(steps).map(({ gate, step }) => {
    const said = fixing.gates.find((each) => each.gate === gate);
    const guards = guardedBy(steps, step);
    const { first = null, second = null, passedOver = null } = said ?? {};
    const planned = plannedAt(plan, fixing, gate, parked);
    const apartMm = first === null || second === null ? null : between(first, second);
    const mean =
      first === null || second === null
        ? null
        : {
            fromLeftMm: (first.fromLeftMm + second.fromLeftMm) / 2,
            fromBackMm: (first.fromBackMm + second.fromBackMm) / 2,
          };
    const offPlanMm = mean === null || planned === null ? null : between(mean, planned);
    return {
      gate,
      step,
      guards,
      guardIsDone: guards !== null && done.has(guards),
      first,
      second,
      planned,
      apartMm,
      offPlanMm,
      passedOver,
      state: stateOf(apartMm, offPlanMm, passedOver !== null),
    };
  });
}

function stateOf(apartMm: number | null, offPlanMm: number | null, isPassedOver: boolean): GateState["state"] {
  if (isPassedOver) return "passedOver";
  if (apartMm === null) return "open";
  if (apartMm > minApartMm) return "differs";
  return offPlanMm !== null && offPlanMm > minOffPlanMm ? "offPlan" : "agrees";
}

type At = { readonly fromLeftMm: number; readonly fromBackMm: number };

function between(a: At, b: At): number {
  return Math.max(Math.abs(a.fromLeftMm - b.fromLeftMm), Math.abs(a.fromBackMm - b.fromBackMm));
}

/** A panel's corner nearest to the back left of its surface, or the first hole to be cut there. */
function plannedAt(plan: Plan, fixing: Fixing, gate: GateId, parked: Parked): Planned {
  const [surface] = surfacesUnder(plan, fixing);
  if (surface === undefined) return null;
  if (gate === "roofHole") {
    const gland = plan.space.glands.find(({ surfaceId, existing }) => surfaceId === surface.id && !existing);
    return gland === undefined ? null : { fromLeftMm: gland.xMm, fromBackMm: gland.yMm, name: gland.name };
  }
  // holes of feet and frames are the bases' own: the plan knows none of them
  if (gate !== "corner") return null;
  const held = new Set(fixing.pieces.map(keyOf));
  const corners = panelsOn(plan, surface, plan.positions[0]?.id ?? "", parked)
    .filter(({ id }) => held.has(id))
    .map((panel) => {
      const turn = (panel.turnDeg * Math.PI) / 180;
      const reach = (a: number, b: number) => (Math.abs(a * Math.sin(turn)) + Math.abs(b * Math.cos(turn))) / 2;
      return {
        id: panel.id,
        fromLeftMm: panel.xMm - reach(panel.alongMm, panel.acrossMm),
        fromBackMm: panel.yMm - reach(panel.acrossMm, panel.alongMm),
      };
    })
    .sort((a, b) => a.fromBackMm + a.fromLeftMm - (b.fromBackMm + b.fromLeftMm));
  const [corner] = corners;
  return corner === undefined
    ? null
    : { fromLeftMm: Math.round(corner.fromLeftMm), fromBackMm: Math.round(corner.fromBackMm), name: corner.id };
}
