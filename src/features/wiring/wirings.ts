import { maxOf } from "@/core/plan";
import { copyName } from "@/messages/en";
import { type Desk, wiringOf } from "@/features/plan-session";

export const maxWirings = maxOf.wirings;

/** Puts a wiring on the board. */
export function showWiring(desk: Desk, wiringId: string): void {
  desk.set({ wiringId, selected: [] });
}

/** The wiring so many places on, round and round. */
export function stepWiring(desk: Desk, by: 1 | -1): void {
  const state = desk.now();
  const { wirings } = state.history.present;
  const now = wirings.findIndex(({ id }) => id === wiringOf(state).id);
  const next = wirings[(now + by + wirings.length) % wirings.length];
  if (next !== undefined) showWiring(desk, next.id);
}

/** A copy of the wiring on the board, put on the board in its place. */
export function copyWiring(desk: Desk, id: string): void {
  const state = desk.now();
  if (state.history.present.wirings.length >= maxWirings) return;
  const wiring = wiringOf(state);
  desk.change({ type: "copyWiring", wiringId: wiring.id, id, name: copyName(wiring.name) });
  showWiring(desk, id);
}

/** Takes the wiring on the board out of the plan; the last one stays. */
export function removeWiring(desk: Desk): void {
  const state = desk.now();
  const gone = wiringOf(state).id;
  const next = state.history.present.wirings.find(({ id }) => id !== gone);
  if (next === undefined) return;
  desk.change({ type: "removeWiring", wiringId: gone });
  showWiring(desk, next.id);
}
