import { differences } from "./differences";
import { type Plan } from "./plan";

/** Undo history of a document: whole copies, which share everything a change did not touch. */
export type History<Doc = Plan> = {
  readonly past: readonly Doc[];
  readonly present: Doc;
  readonly future: readonly Doc[];
  /** Names the gesture under way; changes of the same gesture are one undo step. */
  readonly gesture: string | null;
};

export function startHistory<Doc>(document: Doc): History<Doc> {
  return { past: [], present: document, future: [], gesture: null };
}

/** Records a new present. A change within the gesture under way replaces it without a new step. */
export function record<Doc>(history: History<Doc>, next: Doc, gesture: string | null): History<Doc> {
  // what changes nothing is no step
  if (next === history.present || differences(history.present, next, 1).length === 0) return history;
  const sameGesture = gesture !== null && gesture === history.gesture;
  const past = sameGesture ? history.past : [...history.past, history.present];
  return { past, present: next, future: [], gesture };
}

/** Ends the gesture under way: the next change is a step of its own. */
export function endGesture<Doc>(history: History<Doc>): History<Doc> {
  return history.gesture === null ? history : { ...history, gesture: null };
}

export function undo<Doc>(history: History<Doc>): History<Doc> {
  const previous = history.past[history.past.length - 1];
  if (previous === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: previous,
    future: [history.present, ...history.future],
    gesture: null,
  };
}

export function redo<Doc>(history: History<Doc>): History<Doc> {
  const next = history.future[0];
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future: history.future.slice(1), gesture: null };
}
