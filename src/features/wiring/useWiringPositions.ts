"use client";

import { useDeskState, wiringOf } from "@/features/plan-session";

type Named = { readonly id: string; readonly name: string };

/** The positions the wiring on the board is used in, in its order, and those it is not. */
export function useWiringPositions(): { readonly used: readonly Named[]; readonly others: readonly Named[] } {
  // names only: nothing is drawn again when a panel is tilted
  const named = useDeskState((state) =>
    JSON.stringify(state.history.present.positions.map(({ id, name }) => ({ id, name }))),
  );
  const order = useDeskState((state) => wiringOf(state).positionIds.join()).split(",");
  const all = JSON.parse(named) as Named[];
  return {
    used: order.flatMap((id) => all.find((position) => position.id === id) ?? []),
    others: all.filter(({ id }) => !order.includes(id)),
  };
}
