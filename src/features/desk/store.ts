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
  startHistory,
  undo,
  type Wiring,
} from "@/core/plan";
import { equinoxNoon, type Moment, type SkyName } from "@/core/sky";
import { type TileKey } from "@/core/wiring";
import { type Standing, standingOf } from "@/features/keep";
import { type Judgement } from "./judgement";

export type DeskState = Standing<Plan> & {
  readonly planId: string;
  readonly history: History;
  readonly sky: SkyName;
  /** What "now" means; moved on as time goes by. */
  readonly moment: Moment;
  /** The wiring on the desk; the first when the plan has none of this id. */
  readonly wiringId: string;
  /** The pose looked at; the usual one of the wiring when it is not used in this. */
  readonly poseId: string | null;
  /** What the worker last said of it; null until it has spoken. */
  readonly judgement: Judgement | null;
  /** The finding pointed at, whose panels and curves are lit. */
  readonly litFinding: string | null;
  /** The finding somebody looked for, shown in the ledger though rules that pass are folded. */
  readonly soughtFinding: string | null;
  /** Panels selected on the board. */
  readonly selected: readonly TileKey[];
  /** The last board action, in words, for those who do not see it. */
  readonly said: string;
  readonly ledgerOpen: boolean;
};

export type Desk = {
  readonly store: StoreApi<DeskState>;
  /** Applies a change; changes with the same gesture name in a row are one undo step. */
  readonly change: (change: Change, gesture?: string) => void;
  /** Applies several changes as one undo step. */
  readonly changeAll: (changes: readonly Change[]) => void;
  readonly endGesture: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly set: (
    patch: Partial<
      Pick<
        DeskState,
        | "revision"
        | "acknowledged"
        | "save"
        | "left"
        | "notice"
        | "sky"
        | "moment"
        | "wiringId"
        | "poseId"
        | "judgement"
        | "litFinding"
        | "soughtFinding"
        | "selected"
        | "said"
        | "ledgerOpen"
      >
    >,
  ) => void;
  /** Takes in a whole document from elsewhere, as an undoable step. */
  readonly adopt: (plan: Plan) => void;
  /** Takes up a history kept from before a reload. */
  readonly resume: (history: History) => void;
};

/** The wiring on the desk. */
export function wiringOf({ history, wiringId }: Pick<DeskState, "history" | "wiringId">): Wiring {
  const { wirings } = history.present;
  const wiring = wirings.find((candidate) => candidate.id === wiringId) ?? wirings[0];
  if (wiring === undefined) throw new Error("a plan always has a wiring");
  return wiring;
}

/** The id of the pose on the desk: one that the wiring on it is used in. */
export function poseIdOf(state: Pick<DeskState, "history" | "wiringId" | "poseId">): string {
  const { poseIds } = wiringOf(state);
  const poseId = poseIds.find((each) => each === state.poseId) ?? poseIds[0];
  if (poseId === undefined) throw new Error("a wiring is always used in a pose");
  return poseId;
}

/** Whether what was last said of the plan is of the document and the wiring that are on the desk now. */
export function isJudged(state: DeskState): boolean {
  const { judgement, history } = state;
  return judgement?.plan === history.present && judgement.wiringId === wiringOf(state).id;
}

/** The session around one plan: document with history, and what is on screen. No React, no network. */
export function createDesk(opened: SavedPlan): Desk {
  const store = createStore<DeskState>(() => ({
    planId: opened.id,
    ...standingOf({ revision: opened.revision, document: opened.plan }),
    history: startHistory(opened.plan),
    sky: "brightNoon",
    moment: equinoxNoon,
    wiringId: opened.plan.wirings[0]?.id ?? "",
    poseId: null,
    judgement: null,
    litFinding: null,
    soughtFinding: null,
    selected: [],
    said: "",
    ledgerOpen: false,
  }));
  const withHistory = (step: (history: History) => History) =>
    store.setState((state) => ({ history: step(state.history) }));
  return {
    store,
    change: (change, gesture) =>
      withHistory((history) => record(history, applyChange(history.present, change), gesture ?? null)),
    changeAll: (changes) => withHistory((history) => record(history, applyChanges(history.present, changes), null)),
    endGesture: () => withHistory(endGesture),
    undo: () => withHistory(undo),
    redo: () => withHistory(redo),
    set: (patch) => store.setState(patch),
    adopt: (plan) => withHistory((history) => record(history, plan, null)),
    resume: (history) => withHistory(() => history),
  };
}
