import { type DeskState } from "./desk-state";
import { isJudged, wiringOf } from "./slices/look";

/** Longest that a change waits for its verdict before it is drawn without, ms: about a frame. */
export const maxWaitMs = 16;

/**
 * Whether a state is not to be shown yet. A change of the plan made at one stroke waits a moment for its verdict, so that
 * panel, numbers and verdict are drawn once and together; apart they take two frames, each as long. What is being typed
 * never waits.
 */
export function waits(state: DeskState, shown: DeskState): boolean {
  const { history, judgement, sky } = state;
  const wiringId = wiringOf(state).id;
  if (judgement === null || history.gesture !== null) return false;
  if (history.present === shown.history.present && wiringId === wiringOf(shown).id && sky === shown.sky) return false;
  return !isJudged(state) || judgement.sky !== sky;
}
