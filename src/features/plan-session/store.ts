import { createStore, type StoreApi } from "zustand/vanilla";
import { type SavedPlan } from "@/api";
import {
  applyChange,
  applyChanges,
  type Change,
  endGesture,
  type History,
  type Plan,
  record,
  redo,
  undo,
} from "@/core/plan";
import { type Scheduler } from "./scheduler";
import { maxWaitMs, waits } from "./shown";
import { type DeskState, type DeskStates } from "./desk-state";
import { openDocument } from "./slices/document";
import { firstLook } from "./slices/look";
import { pointingAtNothing } from "./slices/pointing";

export type Desk = {
  readonly store: StoreApi<DeskStates>;
  /** As it stands now; for handlers. Views draw what is shown. */
  readonly now: () => DeskState;
  /** Applies a change; changes with the same gesture name in a string are one undo step. */
  readonly change: (change: Change, gesture?: string) => void;
  /** Applies several changes as one undo step. */
  readonly changeAll: (changes: readonly Change[]) => void;
  readonly endGesture: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly set: (patch: Partial<Omit<DeskState, "planId" | "history">>) => void;
  /** Takes in a whole document from elsewhere, as an undoable step. */
  readonly adopt: (plan: Plan) => void;
  /** Takes up a history kept from before a reload. */
  readonly resume: (history: History) => void;
};

/** The session around one plan: document with history, and what is on screen. No React, no network. */
export function createDesk(opened: SavedPlan, later: Scheduler): Desk {
  const first: DeskState = { ...openDocument(opened), ...firstLook(opened.plan), ...pointingAtNothing };
  const store = createStore<DeskStates>(() => ({ now: first, shown: first }));
  let callOff: (() => void) | null = null;

  const showNow = () => {
    callOff = null;
    store.setState(({ now }) => ({ now, shown: now }));
  };
  const set = (patch: Partial<DeskState>) => {
    const { now: before, shown } = store.getState();
    const now = { ...before, ...patch };
    if (waits(now, shown)) {
      callOff ??= later(showNow, maxWaitMs);
      store.setState({ now });
      return;
    }
    callOff?.();
    callOff = null;
    store.setState({ now, shown: now });
  };
  const now = () => store.getState().now;
  const step = (taken: (history: History) => History) => set({ history: taken(now().history) });

  return {
    store,
    now,
    change: (change, gesture) =>
      step((history) => record(history, applyChange(history.present, change), gesture ?? null)),
    changeAll: (changes) => step((history) => record(history, applyChanges(history.present, changes), null)),
    endGesture: () => step(endGesture),
    undo: () => step(undo),
    redo: () => step(redo),
    set,
    adopt: (plan) => step((history) => record(history, plan, null)),
    resume: (history) => step(() => history),
  };
}
