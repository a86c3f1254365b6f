import { createStore, type StoreApi } from "zustand/vanilla";
import { type SavedPlan } from "@/api";
import { applyChange, type Change, endGesture, type History, type Plan, record, redo, startHistory, undo } from "@/core/plan";
import { type Assessment, type RuleId } from "@/core/rules";
import { type SkyName } from "@/core/sky";
import { createAssessor } from "./assessor";

/** How the plan on screen stands to the one on disk. */
export type SaveState =
  | { readonly type: "saved" }
  | { readonly type: "unsaved" }
  | { readonly type: "saving" }
  | { readonly type: "unreachable"; readonly message: string }
  | { readonly type: "refused"; readonly message: string }
  | { readonly type: "stale"; readonly current: SavedPlan; readonly changed: readonly string[] | null };

export type DeskState = {
  readonly planId: string;
  /** The revision the present document was last known to follow. */
  readonly revision: number;
  /** The document as last acknowledged by the server. */
  readonly acknowledged: Plan;
  readonly history: History;
  readonly save: SaveState;
  /** Something the person should hear once, such as another tab's change having been taken in. */
  readonly notice: string | null;
  readonly sky: SkyName;
  readonly litRule: RuleId | null;
  readonly ledgerOpen: boolean;
};

export type Desk = {
  readonly store: StoreApi<DeskState>;
  readonly assess: (plan: Plan, wiringId: string) => Assessment;
  /** Applies a change; changes with the same gesture name in a row are one undo step. */
  readonly change: (change: Change, gesture?: string) => void;
  readonly endGesture: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly set: (patch: Partial<Pick<DeskState, "revision" | "acknowledged" | "save" | "notice" | "sky" | "litRule" | "ledgerOpen">>) => void;
  /** Takes in a whole document from elsewhere, as an undoable step. */
  readonly adopt: (plan: Plan) => void;
};

/** The session around one plan: document with history, and what is on screen. No React, no network. */
export function createDesk(opened: SavedPlan): Desk {
  const store = createStore<DeskState>(() => ({
    planId: opened.id,
    revision: opened.revision,
    acknowledged: opened.plan,
    history: startHistory(opened.plan),
    save: { type: "saved" },
    notice: null,
    sky: "brightNoon",
    litRule: null,
    ledgerOpen: false,
  }));
  const withHistory = (step: (history: History) => History) => store.setState((state) => ({ history: step(state.history) }));
  return {
    store,
    assess: createAssessor(),
    change: (change, gesture) => withHistory((history) => record(history, applyChange(history.present, change), gesture ?? null)),
    endGesture: () => withHistory(endGesture),
    undo: () => withHistory(undo),
    redo: () => withHistory(redo),
    set: (patch) => store.setState(patch),
    adopt: (plan) => withHistory((history) => record(history, plan, null)),
  };
}
