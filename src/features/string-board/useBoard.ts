"use client";

import { useMemo } from "react";
import { positionIn } from "@/core/plan";
import {
  type DeskState,
  positionIdOf,
  useDesk,
  useDeskState,
  usePlan,
  useWiring,
  wiringOf,
} from "@/features/plan-session";
import { type PanelKey } from "@/core/engine/array";
import { type Board, type Outcome } from "./commands";
import { useBoardTexts } from "@/messages/en/string-board/view";

/** Does something to the board as it is now, and says so. */
export type Act = (run: (board: Board) => Outcome, gesture?: string) => boolean;

function boardOf(state: DeskState): Board {
  const plan = state.history.present;
  const positionId = positionIdOf(state);
  return { plan, wiring: wiringOf(state), positionId, position: positionIn(plan, positionId) };
}

/** The board as it stands, what is selected on it, and how to act on it. */
export function useBoard() {
  const desk = useDesk();
  const plan = usePlan();
  const wiring = useWiring();
  const selected = useDeskState((state) => state.selected);
  const positionId = useDeskState(positionIdOf);
  // panels as they stand are the same for as long as nothing turns them
  const { positions, mounts, space, site } = plan;
  const position = useMemo(
    () => positionIn({ positions, mounts, space, site }, positionId),
    [positions, mounts, space, site, positionId],
  );
  const board: Board = useMemo(() => ({ plan, wiring, positionId, position }), [plan, wiring, positionId, position]);
  const actions = useMemo(
    () => ({
      /** The board at the time of asking, for handlers that outlive a drawing. */
      latest: (): { readonly board: Board; readonly selected: readonly PanelKey[] } => {
        const state = desk.now();
        return { board: boardOf(state), selected: state.selected };
      },
      select: (keys: readonly PanelKey[]) => desk.set({ selected: keys }),
      /**
       * Does something to the board as it is now, which may be ahead of what is drawn, and says so; returns whether
       * anything changed.
       */
      act: ((run, gesture) => {
        const state = desk.now();
        const outcome = run(boardOf(state));
        const change = outcome?.change ?? null;
        if (change !== null) desk.change(change, gesture);
        desk.set({ said: outcome?.said ?? useBoardTexts.nothingChangesItCannotGoFurther });
        return change !== null;
      }) satisfies Act as Act,
    }),
    [desk],
  );
  return { board, selected, ...actions };
}
