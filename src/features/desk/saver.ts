import { type ApiClient, mayPass, type Receipt, type SavedPlan } from "@/api";
import { differences, type Plan, readPlanText } from "@/core/plan";
import { type Desk } from "./store";

type Parts = {
  readonly desk: Desk;
  readonly client: ApiClient;
  readonly drafts: Pick<Storage, "getItem" | "setItem" | "removeItem">;
  /** Tells other tabs that a revision was saved. */
  readonly tell: (saved: { id: string; revision: number }) => void;
  readonly wait: (ms: number) => Promise<void>;
};

export type Saver = {
  readonly stop: () => void;
  /** Saves at once, in a way that may outlive the page. */
  readonly flush: () => void;
  /** Another tab saved a revision of some plan. */
  readonly heard: (saved: { id: string; revision: number }) => Promise<void>;
  /** After a stale write: show the other version instead (ours stays one undo away). */
  readonly takeTheirs: () => void;
  /** After a stale write: save ours as the next revision, knowingly. */
  readonly keepMine: () => void;
  /** After a stale write: save a plan put together from both, as the revision after theirs. */
  readonly merge: (plan: Plan) => void;
};

const pauseMs = 350;
const retryMs = 2000;

/**
 * Saves the desk's plan by itself: shortly after the last change, one request at a time, never over a
 * revision this tab has not seen. Until the server has acknowledged, the plan is also kept as a draft
 * in the browser, so that closing the page or losing the server loses nothing.
 */
export function startSaver({ desk, client, drafts, tell, wait }: Parts): Saver {
  const { store } = desk;
  const draftKey = `golden-array-draft:${store.getState().planId}`;
  let busy = false;
  let stopped = false;

  const dirty = () => store.getState().history.present !== store.getState().acknowledged;

  function keepDraft(): void {
    const { revision, history } = store.getState();
    try {
      drafts.setItem(draftKey, JSON.stringify({ revision, plan: JSON.stringify(history.present) }));
    } catch {
      // storage full or forbidden: the server's copy remains the only one, as without drafts
    }
  }

  function acknowledge(saved: Receipt, sent: Plan): void {
    const unchanged = store.getState().history.present === sent;
    desk.set({ revision: saved.revision, acknowledged: sent, save: { type: unchanged ? "saved" : "unsaved" } });
    if (unchanged) drafts.removeItem(draftKey);
    else keepDraft();
    tell({ id: saved.id, revision: saved.revision });
  }

  async function work(): Promise<void> {
    if (busy) return;
    busy = true;
    while (!stopped && dirty() && store.getState().save.type !== "stale") {
      const settled = store.getState().history.present;
      await wait(store.getState().save.type === "unreachable" ? retryMs : pauseMs);
      if (settled !== store.getState().history.present && store.getState().save.type !== "unreachable") continue;
      if (stopped) break;
      const { planId, revision, history } = store.getState();
      const sent = history.present;
      desk.set({ save: { type: "saving" } });
      const result = await client.savePlan(planId, revision, sent);
      if (result.type === "ok") {
        acknowledge(result.value, sent);
        continue;
      }
      const { fault } = result;
      if (fault.type === "stale" && fault.current !== null)
        desk.set({ save: { type: "stale", current: fault.current, changed: fault.changed } });
      else if (mayPass(fault)) desk.set({ save: { type: "unreachable", message: fault.message } });
      else {
        desk.set({ save: { type: "refused", message: fault.message } });
        break;
      }
    }
    busy = false;
  }

  const unsubscribe = store.subscribe((state, before) => {
    if (state.history.present === before.history.present) return;
    if (!dirty()) {
      if (state.save.type === "unsaved") {
        drafts.removeItem(draftKey);
        desk.set({ save: { type: "saved" } });
      }
      return;
    }
    keepDraft();
    if (state.save.type === "saved" || state.save.type === "refused") desk.set({ save: { type: "unsaved" } });
    void work();
  });

  recoverDraft();

  /** A draft left by a page that closed before it was answered. */
  function recoverDraft(): void {
    const text = drafts.getItem(draftKey);
    if (text === null) return;
    const draft = readDraft(text);
    if (draft === null || differences(store.getState().acknowledged, draft.plan, 1).length === 0) {
      drafts.removeItem(draftKey);
      return;
    }
    const { planId, revision, acknowledged } = store.getState();
    if (draft.revision === revision) {
      desk.set({ notice: "Changes that had not been saved when the page closed are back." });
    } else {
      const now = "";
      desk.set({
        save: {
          type: "stale",
          current: { id: planId, revision, createdAt: now, updatedAt: now, plan: acknowledged },
          changed: null,
        },
      });
    }
    desk.adopt(draft.plan);
  }

  return {
    stop: () => {
      stopped = true;
      unsubscribe();
    },
    flush: () => {
      const { planId, revision, history, save } = store.getState();
      if (save.type !== "unsaved") return;
      // the answer may never be read; the draft stays, and is dropped on return when it matches
      void client.savePlan(planId, revision, history.present, true).then((result) => {
        if (result.type === "ok") acknowledge(result.value, history.present);
      });
    },
    heard: async ({ id, revision }) => {
      const state = store.getState();
      if (id !== state.planId || revision <= state.revision || dirty()) return;
      const result = await client.readPlan(id);
      if (result.type === "fault" || dirty() || result.value.revision <= store.getState().revision) return;
      takeIn(result.value, "This plan was changed in another tab; what you see now includes it.");
    },
    takeTheirs: () => {
      const { save } = store.getState();
      if (save.type === "stale") takeIn(save.current, "The other version is shown. Yours is one undo away.");
    },
    keepMine: () => settleOn(store.getState().history.present),
    merge: settleOn,
  };

  /** Saves a plan over a version now seen; when it is that version, there is nothing to save. */
  function settleOn(plan: Plan): void {
    const { save } = store.getState();
    if (save.type !== "stale") return;
    if (differences(save.current.plan, plan, 1).length === 0)
      return takeIn(save.current, "The other version is shown. Yours is one undo away.");
    desk.set({ revision: save.current.revision, acknowledged: save.current.plan, save: { type: "unsaved" } });
    desk.adopt(plan);
    keepDraft();
    void work();
  }

  function takeIn(saved: SavedPlan, notice: string): void {
    desk.set({ revision: saved.revision, acknowledged: saved.plan, save: { type: "saved" }, notice });
    drafts.removeItem(draftKey);
    desk.adopt(saved.plan);
  }
}

function readDraft(text: string): { revision: number; plan: Plan } | null {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return null;
  }
  if (typeof value !== "object" || value === null || !("revision" in value) || !("plan" in value)) return null;
  if (typeof value.revision !== "number" || typeof value.plan !== "string") return null;
  const reading = readPlanText(value.plan);
  return reading.type === "plan" ? { revision: value.revision, plan: reading.plan } : null;
}
