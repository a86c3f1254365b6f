import { maxOf } from "@/core/plan";
import { copyName } from "@/messages/en";
import { type Desk, positionIdOf, wiringOf } from "@/features/plan-session";

export const maxPositions = maxOf.positions;

/** Shows how the panels stand in another position; no plug moves, so what is selected stays so. */
export function showPosition(desk: Desk, positionId: string): void {
  desk.set({ positionId });
}

/** The next position that the wiring on the board is used in, round and round. */
export function stepPosition(desk: Desk): void {
  const state = desk.now();
  const { positionIds } = wiringOf(state);
  const next = positionIds[(positionIds.indexOf(positionIdOf(state)) + 1) % positionIds.length];
  if (next !== undefined) showPosition(desk, next);
}

/** A new position like the one shown, for the wiring on the board, and shown. */
export function addPosition(desk: Desk, id: string): void {
  const state = desk.now();
  const { positions } = state.history.present;
  if (positions.length >= maxPositions) return;
  const like = positionIdOf(state);
  const name = copyName(positions.find((position) => position.id === like)?.name ?? "Position");
  desk.change({ type: "addPosition", id, name, like, wiringId: wiringOf(state).id });
  showPosition(desk, id);
}

/** Whether the wiring on the board is used in a position. A position it comes to be used in is shown. */
export function setPositionUsed(desk: Desk, positionId: string, used: boolean): void {
  const wiringId = wiringOf(desk.now()).id;
  desk.change({ type: "usePosition", wiringId, positionId, used });
  if (used) showPosition(desk, positionId);
}
