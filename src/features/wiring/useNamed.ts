"use client";

import { type Plan } from "@/core/plan";
import { useDeskState, wiringOf } from "@/features/plan-session";

type Named = { readonly id: string; readonly name: string };

/** Ids and names of a list of the plan, and nothing else: what shows them is not drawn again when panels move or are tilted. */
export function useNamed(listOf: (plan: Plan) => readonly Named[]): readonly Named[] {
  const text = useDeskState((state) =>
    JSON.stringify(listOf(state.history.present).map(({ id, name }) => ({ id, name }))),
  );
  return JSON.parse(text) as Named[];
}

/** The positions the wiring on the board is used in, in its order, and those it is not. */
export function useWiringPositions(): { readonly used: readonly Named[]; readonly others: readonly Named[] } {
  const all = useNamed(({ positions }) => positions);
  const order = useDeskState((state) => wiringOf(state).positionIds.join()).split(",");
  return {
    used: order.flatMap((id) => all.find((position) => position.id === id) ?? []),
    others: all.filter(({ id }) => !order.includes(id)),
  };
}
