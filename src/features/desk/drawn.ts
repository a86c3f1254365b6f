import { createStore, type StoreApi } from "zustand/vanilla";
import { type DeskState, isJudged, wiringOf } from "./store";

/** Longest that a change waits for its verdict before it is drawn without, ms: about a frame. */
const mostWaitMs = 16;

/** Runs something later unless it is called off. */
export type Later = (run: () => void, ms: number) => () => void;

/**
 * The desk as it is drawn. A change of the plan made at one stroke waits a moment for its verdict, so that panel, numbers and
 * verdict are drawn once and together; apart they take two frames, each as long. What is being typed never waits.
 */
export function createDrawn(store: StoreApi<DeskState>): StoreApi<DeskState> {
  return createStore<DeskState>(() => store.getState());
}

/** Keeps what is drawn up with the desk. Returns how to stop. */
export function drawTogether(store: StoreApi<DeskState>, drawn: StoreApi<DeskState>, later: Later): () => void {
  let callOff: (() => void) | null = null;
  const draw = () => {
    callOff?.();
    callOff = null;
    drawn.setState(store.getState(), true);
  };
  const unsubscribe = store.subscribe((state) => {
    if (waits(state, drawn.getState())) callOff ??= later(draw, mostWaitMs);
    else draw();
  });
  draw();
  return () => {
    callOff?.();
    unsubscribe();
  };
}

/** Whether a state has something new to be judged or looked at, has no answer yet, and was not typed. */
function waits(state: DeskState, shown: DeskState): boolean {
  const { history, judgement, sky } = state;
  const wiringId = wiringOf(state).id;
  if (judgement === null || history.gesture !== null) return false;
  if (history.present === shown.history.present && wiringId === wiringOf(shown).id && sky === shown.sky) return false;
  return !isJudged(state) || judgement.sky !== sky;
}
