import { type ApiClient } from "@/api";
import { type Plan, planFileText, readPlan } from "@/core/plan";
import { type Autosave, type DraftShelf, startAutosave } from "@/features/sync";
import { type Desk } from "./store";

type Parts = {
  readonly desk: Desk;
  readonly client: Pick<ApiClient, "savePlan" | "readPlan" | "importPlan">;
  readonly drafts: DraftShelf;
  /** Tells other tabs that a revision was saved. */
  readonly tell: (saved: { id: string; revision: number }) => void;
  readonly wait: (ms: number) => Promise<void>;
};

export type Saver = Autosave<Plan>;

/** Saves the desk's plan by itself. */
export function startSaver({ desk, client, drafts, tell, wait }: Parts): Saver {
  const { planId: id } = desk.now();
  return startAutosave<Plan>({
    kind: "plan",
    documentId: id,
    noun: "plan",
    screen: {
      read: () => ({ ...desk.now(), present: desk.now().history.present }),
      set: desk.set,
      adopt: desk.adopt,
      subscribe: (changed) =>
        desk.store.subscribe(({ now }, { now: before }) => {
          if (now.history.present !== before.history.present) changed();
        }),
    },
    server: {
      replace: (revision, plan, outlive) => client.savePlan(id, revision, plan, outlive),
      theirs: async (fault) => {
        const current = fault?.current ?? null;
        const result = current === null ? await client.readPlan(id) : ({ type: "ok", value: current } as const);
        if (result.type === "fault") return result;
        return { type: "ok", value: { revision: result.value.revision, document: result.value.plan } };
      },
      create: (plan) => client.importPlan(planFileText(plan)),
    },
    drafts,
    readDraft: (document) => {
      const reading = readPlan(document);
      return reading.type === "plan" ? reading.plan : null;
    },
    tell: (revision) => tell({ id, revision }),
    wait,
  });
}
