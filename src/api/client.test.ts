import { emptyPlan } from "@/core/plan";
import { createClient } from "./client";

const saved = { id: "a", revision: 3, createdAt: "2026-05-01", updatedAt: "2026-05-02", plan: emptyPlan("Van") };

/** A client over a pretend network that remembers what was asked. */
function over(respond: () => Response | Promise<Response>) {
  const asked: { path: string; init: RequestInit }[] = [];
  const client = createClient((async (path: string, init: RequestInit) => {
    asked.push({ path, init });
    return respond();
  }) as typeof fetch);
  return { client, asked };
}

test("a save names the revision it starts from and returns the next", async () => {
  const { plan, ...receipt } = saved;
  const { client, asked } = over(() => Response.json(receipt));
  expect(await client.savePlan("a", 2, plan)).toEqual({ type: "ok", value: receipt });
  expect(asked[0]?.path).toBe("/api/plans/a");
  expect(asked[0]?.init).toMatchObject({
    method: "PUT",
    headers: { "if-match": '"2"', "content-type": "application/json" },
  });
});

test("a fault is a result with the server's own words", async () => {
  const fault = {
    type: "stale",
    message: "changed elsewhere",
    path: null,
    current: saved,
    changed: ["name"],
    whole: null,
  };
  const { client } = over(() => Response.json(fault, { status: 412 }));
  expect(await client.savePlan("a", 2, saved.plan)).toEqual({ type: "fault", fault });
});

test.each<[string, () => Response | Promise<Response>]>([
  ["a server that is away", () => Promise.reject(new TypeError("fetch failed"))],
  ["an answer that is not JSON", () => new Response("<html>", { status: 502 })],
  ["an answer of another shape", () => Response.json({ id: "a", revision: "three" })],
  ["a fault of another shape", () => Response.json({ oops: true }, { status: 500 })],
])("%s is a result too, never an exception", async (_, respond) => {
  const result = await over(respond).client.readPlan("a");
  expect(result).toMatchObject({ type: "fault", fault: { type: "unreachable" } });
});

test("a file is sent as it is, for the server to judge", async () => {
  const { client, asked } = over(() => Response.json(saved, { status: 201 }));
  await client.importPlan("{ not even JSON");
  expect(asked[0]?.init.body).toBe("{ not even JSON");
});

test("deleting answers nothing, and that is well", async () => {
  const { client } = over(() => new Response(null, { status: 204 }));
  expect(await client.deletePlan("a", 3)).toEqual({ type: "ok", value: null });
});
