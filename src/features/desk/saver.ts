import { type ApiClient, mayPass, type Receipt, type SavedPlan } from "@/api";
import { differences, type Plan, planFileText, readPlan } from "@/core/plan";
import { type Draft, type DraftShelf } from "@/features/keep";
import { type Desk, type LeftDraft } from "./store";

type Parts = {
  readonly desk: Desk;
  readonly client: Pick<ApiClient, "savePlan" | "readPlan" | "importPlan">;
  readonly drafts: DraftShelf;
  /** Tells other tabs that a revision was saved. */
  readonly tell: (saved: { id: string; revision: number }) => void;
  readonly wait: (ms: number) => Promise<void>;
};

export type Saver = {
  readonly stop: () => void;
  /** Saves at once: `outlive` in a way that may outlive the page, which small plans only can. */
  readonly flush: (outlive: boolean) => void;
  /** Another tab saved a revision of some plan. */
  readonly heard: (saved: { id: string; revision: number }) => Promise<void>;
  /** After a stale write: show the other version instead (ours stays one undo away). */
  readonly takeTheirs: () => void;
  /** After a stale write: save ours as the next revision, knowingly. */
  readonly keepMine: () => void;
  /** After a stale write: save a plan put together from both, as the revision after theirs. */
  readonly merge: (plan: Plan) => void;
  /** Brings back what a page that is gone left unsaved; where the plan has moved on since, as a conflict. */
  readonly bringBack: (key: string) => void;
  /** Lets go of what a page that is gone left unsaved. */
  readonly discard: (key: string) => void;
  /** Keeps a version as a plan of its own: what a page left, or what is on the desk. Its id, or null where that failed. */
  readonly saveAsNew: (key: string | null) => Promise<string | null>;
};

const pauseMs = 350;
const retryMs = 2000;
/** Requests that outlive their page may hold this much. */
const mostOutliving = 60_000;

/**
 * Saves the desk's plan by itself: shortly after the last change, one request at a time, never over a
 * revision this tab has not seen. Until the server has acknowledged, the plan is also kept as a draft
 * in the browser under this page's name, with the revision it was made from, so that closing the page or losing the
 * server loses nothing.
 */
export function startSaver({ desk, client, drafts, tell, wait }: Parts): Saver {
  const { store } = desk;
  const { planId } = store.getState();
  let busy = false;
  let stopped = false;

  const dirty = () => store.getState().history.present !== store.getState().acknowledged;
  const waitsForPerson = () => ["stale", "gone"].includes(store.getState().save.type);

  function keepDraft(): void {
    const { revision, history } = store.getState();
    drafts.keep({ kind: "plan", documentId: planId, revision, document: history.present });
  }
  const dropDraft = () => drafts.drop("plan", planId);

  function acknowledge(saved: Receipt, sent: Plan): void {
    const unchanged = store.getState().history.present === sent;
    desk.set({ revision: saved.revision, acknowledged: sent, save: { type: unchanged ? "saved" : "unsaved" } });
    if (unchanged) dropDraft();
    else keepDraft();
    tell({ id: saved.id, revision: saved.revision });
  }

  async function work(): Promise<void> {
    if (busy) return;
    busy = true;
    while (!stopped && dirty() && !waitsForPerson()) {
      const settled = store.getState().history.present;
      await wait(store.getState().save.type === "unreachable" ? retryMs : pauseMs);
      if (settled !== store.getState().history.present && store.getState().save.type !== "unreachable") continue;
      if (stopped || waitsForPerson()) break;
      const { revision, history } = store.getState();
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
      else if (fault.type === "notFound") desk.set({ save: { type: "gone", message: fault.message } });
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
        dropDraft();
        desk.set({ save: { type: "saved" } });
      }
      return;
    }
    keepDraft();
    if (state.save.type === "saved" || state.save.type === "refused") desk.set({ save: { type: "unsaved" } });
    void work();
  });

  void findLeft();

  /** Drafts left by pages that closed before they were answered. One that only adds to the plan as it is comes back by itself. */
  async function findLeft(): Promise<void> {
    const found = (await drafts.left("plan", planId)).flatMap((draft) => readLeft(draft) ?? []);
    const { acknowledged, revision } = store.getState();
    const news = found.filter(({ key, plan }) => {
      if (differences(acknowledged, plan, 1).length > 0) return true;
      // it had been saved after all
      drafts.remove(key);
      return false;
    });
    const [only, ...more] = news;
    if (only === undefined) return;
    if (more.length === 0 && only.revision === revision && !dirty()) {
      desk.set({ notice: "Changes that had not been saved when the page closed are back." });
      takeOver(only);
      return;
    }
    desk.set({ left: news });
    if (more.length === 0 && !dirty()) bringBack(only.key);
  }

  /** A left draft becomes this page's own. */
  function takeOver({ key, plan }: LeftDraft): void {
    desk.adopt(plan);
    keepDraft();
    forget(key);
  }

  function forget(key: string): void {
    if (key !== drafts.ownKey("plan", planId) || !dirty()) drafts.remove(key);
    desk.set({ left: store.getState().left.filter((draft) => draft.key !== key) });
  }

  function bringBack(key: string): void {
    const draft = store.getState().left.find((each) => each.key === key);
    if (draft === undefined) return;
    const { revision, acknowledged } = store.getState();
    if (draft.revision !== revision)
      // its revision stays with it until the person has chosen
      desk.set({
        revision: draft.revision,
        save: {
          type: "stale",
          current: { id: planId, revision, createdAt: "", updatedAt: "", plan: acknowledged },
          changed: null,
        },
      });
    takeOver(draft);
  }

  return {
    stop: () => {
      stopped = true;
      unsubscribe();
    },
    flush: (outlive) => {
      const { revision, history, save } = store.getState();
      const sent = history.present;
      if (save.type !== "unsaved" || (outlive && JSON.stringify(sent).length > mostOutliving)) return;
      // the answer may never be read; the draft stays, and is dropped on return when it matches
      void client.savePlan(planId, revision, sent, outlive).then((result) => {
        if (result.type === "ok") acknowledge(result.value, sent);
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
    bringBack,
    discard: forget,
    saveAsNew: async (key) => {
      const draft = store.getState().left.find((each) => each.key === key);
      if (key !== null && draft === undefined) return null;
      const result = await client.importPlan(planFileText(draft?.plan ?? store.getState().history.present));
      if (result.type === "fault") {
        desk.set({ notice: result.fault.message });
        return null;
      }
      if (draft === undefined) dropDraft();
      else forget(draft.key);
      return result.value.id;
    },
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
    dropDraft();
    desk.adopt(saved.plan);
  }
}

/** A draft as a plan; null for one that no longer reads, which stays where it is. */
function readLeft({ key, revision, atMs, document }: Draft): LeftDraft | null {
  const reading = readPlan(document);
  return reading.type === "plan" ? { key, revision, atMs, plan: reading.plan } : null;
}
