import { type ApiClient, type ApiResult, type SavedPlan } from "@/api";
import { type Plan } from "@/core/plan";
import { demoPlan, fakeDraftStore } from "@/testing";
import { createDesk } from ".";
import { startSaver } from "./saver";

const never = () => () => undefined;

/** A desk and its saver on a pretend server that can be slow, stale or away; time passes when told to. */
function harness(...drafts: readonly { revision: number; plan: Plan }[]) {
  const plan = demoPlan("The Lantern");
  const server = {
    revision: 1,
    plan,
    mode: "fine" as "fine" | "away" | "refusing" | "gone",
    requests: 0,
    imported: [] as string[],
  };
  const record = (): SavedPlan => ({
    id: "a",
    revision: server.revision,
    createdAt: "",
    updatedAt: "",
    plan: server.plan,
  });
  const fault = (type: "unreachable" | "invalid" | "stale" | "notFound"): ApiResult<SavedPlan> => ({
    type: "fault",
    fault: {
      type,
      message: type,
      path: null,
      current: type === "stale" ? record() : null,
      changed: type === "stale" ? ["name"] : null,
      whole: null,
    },
  });
  const client = {
    savePlan: async (_: string, revision: number, sent: Plan): Promise<ApiResult<SavedPlan>> => {
      server.requests += 1;
      if (server.mode === "away") return fault("unreachable");
      if (server.mode === "refusing") return fault("invalid");
      if (server.mode === "gone") return fault("notFound");
      if (revision !== server.revision) return fault("stale");
      server.revision += 1;
      server.plan = sent;
      return { type: "ok", value: record() };
    },
    readPlan: async () => ({ type: "ok", value: record() }),
    importPlan: async (text: string) => {
      server.imported.push(text);
      return { type: "ok", value: { ...record(), id: "new" } };
    },
  } as unknown as ApiClient;
  const { kept, shelf } = fakeDraftStore(
    ...drafts.map(({ revision, plan: document }) => ({ kind: "plan" as const, documentId: "a", revision, document })),
  );
  const desk = createDesk(record(), never);
  const told: number[] = [];
  const saver = startSaver({
    desk,
    client,
    drafts: shelf,
    tell: ({ revision }) => told.push(revision),
    wait: () => Promise.resolve(),
  });
  const settle = async () => {
    for (let k = 0; k < 40; k++) await Promise.resolve();
  };
  const rename = (name: string) => desk.change({ type: "rename", name });
  const state = () => desk.now();
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
  expect(kept.get("own")).toMatchObject({ revision: 1, document: { name: "Kept" } });
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
    await saver.heard(2);
    expect(state()).toMatchObject({ revision: 2, history: { present: { name: "Theirs" } } });
    expect(state().notice).toContain("another tab");
  });
});

describe("what pages that are gone left unsaved", () => {
  const draft = (name: string, revision = 1) => ({ revision, plan: { ...demoPlan("The Lantern"), name } });

  test("comes back by itself when it only adds to the plan as it is, and is kept until that is saved", async () => {
    const { server, kept, settle, state } = harness(draft("Draft"));
    server.mode = "away";
    await settle();
    expect(state().history.present.name).toBe("Draft");
    expect([...kept.values()].map(({ document }) => (document as Plan).name)).toEqual(["Draft"]);
    server.mode = "fine";
    await settle();
    expect(server.plan.name).toBe("Draft");
    expect(kept.size).toBe(0);
  });

  test("made from an older revision is a conflict, again after every reload, until the person chooses", async () => {
    const first = harness(draft("Draft", 0));
    await first.settle();
    expect(first.state()).toMatchObject({ save: { type: "stale" }, history: { present: { name: "Draft" } } });
    // loaded again without choosing: what that page left is made from the same revision as before
    const left = [...first.kept.values()].map(({ revision, document }) => ({ revision, plan: document as Plan }));
    expect(left.map(({ revision }) => revision)).toEqual([0]);
    const again = harness(...left);
    await again.settle();
    expect(again.state().save.type).toBe("stale");
    expect(again.server).toMatchObject({ revision: 1, requests: 0 });
    again.saver.keepMine();
    await again.settle();
    expect(again.server).toMatchObject({ revision: 2, plan: { name: "Draft" } });
    expect(again.kept.size).toBe(0);
  });

  test("by several pages is offered one by one: brought back, kept as a plan of its own, or let go; none goes by itself", async () => {
    const { saver, server, kept, settle, state } = harness(draft("One"), draft("Two"), draft("Three"));
    await settle();
    expect(state().left.map(({ document }) => document.name)).toEqual(["One", "Two", "Three"]);
    expect([state().history.present.name === "One", kept.size]).toEqual([false, 3]);
    saver.bringBack("left 1");
    await settle();
    expect(server.plan.name).toBe("Two");
    expect(await saver.saveAsNew("left 0")).toBe("new");
    expect(server.imported.map((text) => (JSON.parse(text) as Plan).name)).toEqual(["One"]);
    saver.discard("left 2");
    expect([state().left, kept.size]).toEqual([[], 0]);
  });

  test("that was saved after all is let go", async () => {
    const { kept, settle, state } = harness({ revision: 0, plan: demoPlan("The Lantern") });
    await settle();
    expect([kept.size, state().save.type]).toEqual([0, "saved"]);
  });
});

test("a plan deleted elsewhere while it is open stays on the desk and in this browser, to be saved as a new one", async () => {
  const { saver, server, kept, settle, rename, state } = harness();
  server.mode = "gone";
  rename("Still here");
  await settle();
  expect(state()).toMatchObject({ save: { type: "gone" }, history: { present: { name: "Still here" } } });
  expect(kept.size).toBe(1);
  expect(await saver.saveAsNew(null)).toBe("new");
  expect((JSON.parse(server.imported[0] ?? "") as Plan).name).toBe("Still here");
  expect(kept.size).toBe(0);
});
