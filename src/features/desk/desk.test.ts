import { type ApiClient, type ApiResult, type SavedPlan } from "@/api";
import { type Plan } from "@/core/plan";
import { demoPlan } from "@/testing";
import { createDesk, startSaver } from ".";

/** A desk and its saver on a pretend server that can be slow, stale or away; time passes when told to. */
function harness(draft: { revision: number; plan: Plan } | null = null) {
  const plan = demoPlan("The Lantern");
  const server = { revision: 1, plan, mode: "fine" as "fine" | "away" | "refusing", requests: 0 };
  const record = (): SavedPlan => ({
    id: "a",
    revision: server.revision,
    createdAt: "",
    updatedAt: "",
    plan: server.plan,
  });
  const fault = (type: "unreachable" | "invalid" | "stale"): ApiResult<SavedPlan> => ({
    type: "fault",
    fault: {
      type,
      message: type,
      path: null,
      current: type === "stale" ? record() : null,
      changed: type === "stale" ? ["name"] : null,
    },
  });
  const client = {
    savePlan: async (_: string, revision: number, sent: Plan): Promise<ApiResult<SavedPlan>> => {
      server.requests += 1;
      if (server.mode === "away") return fault("unreachable");
      if (server.mode === "refusing") return fault("invalid");
      if (revision !== server.revision) return fault("stale");
      server.revision += 1;
      server.plan = sent;
      return { type: "ok", value: record() };
    },
    readPlan: async () => ({ type: "ok", value: record() }),
  } as unknown as ApiClient;
  const kept = new Map<string, string>();
  if (draft !== null)
    kept.set("golden-array-draft:a", JSON.stringify({ revision: draft.revision, plan: JSON.stringify(draft.plan) }));
  const desk = createDesk(record());
  const told: number[] = [];
  const saver = startSaver({
    desk,
    client,
    drafts: {
      getItem: (key) => kept.get(key) ?? null,
      setItem: (key, value) => void kept.set(key, value),
      removeItem: (key) => void kept.delete(key),
    },
    tell: ({ revision }) => told.push(revision),
    wait: () => Promise.resolve(),
  });
  const settle = async () => {
    for (let k = 0; k < 40; k++) await Promise.resolve();
  };
  const rename = (name: string) => desk.change({ type: "rename", name });
  const state = () => desk.store.getState();
  return { desk, saver, server, kept, told, settle, rename, state };
}

test("a change is saved by itself, told to other tabs, and leaves no draft", async () => {
  const { server, kept, told, settle, rename, state } = harness();
  rename("Second name");
  expect(state().save.type).toBe("unsaved");
  expect(kept.size).toBe(1);
  await settle();
  expect(server.plan.name).toBe("Second name");
  expect(state()).toMatchObject({ revision: 2, save: { type: "saved" } });
  expect(told).toEqual([2]);
  expect(kept.size).toBe(0);
});

test("changes made while a save is under way go with the next one, in order", async () => {
  const { server, settle, rename, state } = harness();
  rename("One");
  await Promise.resolve();
  rename("Two");
  await settle();
  expect(server.plan.name).toBe("Two");
  expect(state().save.type).toBe("saved");
});

test("with the server away the draft stays, and is saved once it is back", async () => {
  const { server, kept, saver, settle, rename, state } = harness();
  server.mode = "away";
  rename("Kept");
  await settle();
  expect(state().save.type).toMatch(/unreachable|saving/);
  expect(kept.get("golden-array-draft:a")).toContain("Kept");
  server.mode = "fine";
  await settle();
  expect(server.plan.name).toBe("Kept");
  expect(kept.size).toBe(0);
  saver.stop();
});

test("a refused save is not tried again until something changes", async () => {
  const { server, settle, rename, state } = harness();
  server.mode = "refusing";
  rename("Odd");
  await settle();
  expect(state().save.type).toBe("refused");
  expect(server.requests).toBe(1);
  server.mode = "fine";
  rename("Good");
  await settle();
  expect(server.plan.name).toBe("Good");
});

describe("a plan changed elsewhere", () => {
  async function stale() {
    const parts = harness();
    parts.server.revision = 5;
    parts.server.plan = { ...parts.server.plan, name: "Theirs" };
    parts.rename("Mine");
    await parts.settle();
    expect(parts.state().save).toMatchObject({ type: "stale", changed: ["name"] });
    expect(parts.server.plan.name).toBe("Theirs");
    return parts;
  }

  test("is shown on request, with one's own version an undo away", async () => {
    const { desk, saver, state } = await stale();
    saver.takeTheirs();
    expect(state()).toMatchObject({ revision: 5, save: { type: "saved" }, history: { present: { name: "Theirs" } } });
    desk.undo();
    expect(state().history.present.name).toBe("Mine");
  });

  test("is replaced only when one says so", async () => {
    const { saver, server, settle } = await stale();
    saver.keepMine();
    await settle();
    expect(server).toMatchObject({ revision: 6, plan: { name: "Mine" } });
  });

  test("is joined with one's own part by part, as the revision after it; all of theirs is no new revision", async () => {
    const { saver, server, settle, state } = await stale();
    saver.merge({ ...server.plan, site: { ...server.plan.site, recordLowC: -30 } });
    await settle();
    expect(server).toMatchObject({ revision: 6, plan: { name: "Theirs", site: { recordLowC: -30 } } });
    const again = await stale();
    again.saver.merge(structuredClone(again.server.plan));
    await again.settle();
    expect(again.server.revision).toBe(5);
    expect(again.state()).toMatchObject({
      revision: 5,
      save: { type: "saved" },
      history: { present: { name: "Theirs" } },
    });
    expect(state().save.type).toBe("saved");
  });

  test("is taken in by a tab with nothing unsaved, and not by one with", async () => {
    const { saver, server, state } = harness();
    server.revision = 2;
    server.plan = { ...server.plan, name: "Theirs" };
    await saver.heard({ id: "other", revision: 2 });
    expect(state().revision).toBe(1);
    await saver.heard({ id: "a", revision: 2 });
    expect(state()).toMatchObject({ revision: 2, history: { present: { name: "Theirs" } } });
    expect(state().notice).toContain("another tab");
  });
});

test("a draft left by a closed page comes back; one older than the plan is a conflict, not a loss", async () => {
  const plan = { ...demoPlan("The Lantern"), name: "Draft" };
  const fresh = harness({ revision: 1, plan });
  await fresh.settle();
  expect(fresh.server.plan.name).toBe("Draft");
  const old = harness({ revision: 0, plan });
  await old.settle();
  expect(old.state().save.type).toBe("stale");
  expect(old.state().history.present.name).toBe("Draft");
  expect(old.server.plan.name).not.toBe("Draft");
});
