import { writeFileSync } from "node:fs";
import { connect } from "node:net";
import path from "node:path";
import { maxBundleBytes } from "@/core/bundle";
import { maxPlanBytes, type Plan } from "@/core/plan";
import { plans, put, read } from "./harness/plans-api";
import { e2eTest, isolatedE2eTest } from "./harness/visit";

/** What must not happen: bad files taken, other people's pages answered, half a write done. */
const cases: [string, (plan: Plan) => string, RegExp][] = [
  ["a broken file", () => '{"format": "golden-array-plan", "version": 1,', /This is not a JSON file/],
  ["a foreign file", () => '{"title": "shopping"}', /not a Golden Array plan/],
  ["a newer file", (plan) => JSON.stringify({ ...plan, version: 9 }), /newer version.*plan version 9/],
  [
    "a hostile number",
    (plan) =>
      JSON.stringify({
        ...plan,
        site: { recordLowC: 1e9, recordHighC: null, latitudeDeg: null, mount: null },
      }),
    /site\.recordLowC.*1000000000/,
  ],
  [
    "a hostile name",
    (plan) => JSON.stringify({ ...plan, name: `<img src=x onerror=alert(1)>${"x".repeat(90)}` }),
    /at name:/,
  ],
  ["a file far too large", () => `{"format":"${"x".repeat(maxPlanBytes)}"}`, /allowed: at most 16000000/],
];

isolatedE2eTest(
  "bad files are refused with what and where, and nothing is half imported",
  async ({ open, server, files }) => {
    const before = await plans(server);
    const { plan } = await read(server, before[0]?.id ?? "");
    const { fields } = await open("/");
    for (const [name, make, expected] of cases) {
      const file = path.join(files, `${name}.json`);
      writeFileSync(file, make(plan));
      await fields.upload(file);
      await fields.says("[role=alert]", expected);
      expect({ name, plans: await plans(server) }).toEqual({ name, plans: before });
    }
  },
);

e2eTest("answers only to its own name and its own pages", async ({ server }) => {
  const { request } = await import("node:http");
  const status = (headers: Record<string, string>, method = "GET") =>
    new Promise<number>((resolve, reject) => {
      request({ host: "127.0.0.1", port: server.port, path: "/api/plans", method, headers }, (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      })
        .on("error", reject)
        .end();
    });
  expect(await status({ host: `localhost:${server.port}` })).toBe(200);
  expect(await status({ host: "golden.example" })).toBe(403);
  expect(await status({ host: `127.0.0.1:${server.port}`, origin: "http://elsewhere.example" })).toBe(403);
  expect(await status({ host: `127.0.0.1:${server.port}`, "sec-fetch-site": "cross-site" }, "POST")).toBe(403);
});

e2eTest("serves pages under a policy that allows no eval and nothing from elsewhere", async ({ server }) => {
  const policy = (await fetch(server.url)).headers.get("content-security-policy") ?? "";
  expect(policy).toContain("default-src 'none'");
  expect(policy).not.toContain("unsafe-eval");
  expect(policy).not.toMatch(/https?:/);
});

e2eTest(
  "refuses a write without a revision, of the wrong kind, too large, invalid, or to nothing",
  async ({ server, plan: ownPlan }) => {
    // of its own: the others are edited by tests that run beside it
    const { id, revision, plan } = await read(server, path.basename(await ownPlan()));
    const url = `${server.url}/api/plans/${id}`;
    const json = { "content-type": "application/json" };
    expect((await fetch(url, { method: "PUT", headers: json, body: JSON.stringify(plan) })).status).toBe(428);
    expect(
      (await fetch(url, { method: "PUT", headers: { ...json, "if-match": "banana" }, body: JSON.stringify(plan) }))
        .status,
    ).toBe(400);
    expect(
      (await fetch(url, { method: "PUT", headers: { "if-match": `"${revision}"` }, body: JSON.stringify(plan) }))
        .status,
    ).toBe(400);
    expect((await put(server, id, revision, { ...plan, name: "x".repeat(maxPlanBytes) })).status).toBe(413);
    const invalid = await put(server, id, revision, { ...plan, wirings: [{ ...plan.wirings[0], note: 2.5 }] });
    expect(invalid.status).toBe(422);
    expect(await invalid.json()).toMatchObject({ type: "invalid", path: "wirings.0.note" });
    expect((await put(server, "nobody", 1, plan)).status).toBe(404);
    expect((await read(server, id)).revision).toBe(revision);
  },
);

e2eTest("keeps a library: create, read, replace by revision, remove by revision", async ({ server }) => {
  const listed = (await (await fetch(`${server.url}/api/panels`)).json()) as { records: { sheet: unknown }[] };
  const [record] = listed.records;
  const url = `${server.url}/api/panels`;
  const json = { "content-type": "application/json" };
  const made = await fetch(url, { method: "POST", headers: json, body: JSON.stringify(record?.sheet) });
  expect(made.status).toBe(201);
  const { id } = (await made.json()) as { id: string };
  expect(
    (
      await fetch(`${url}/${id}`, {
        method: "PUT",
        headers: { ...json, "if-match": '"1"' },
        body: JSON.stringify(record?.sheet),
      })
    ).headers.get("etag"),
  ).toBe('"2"');
  expect((await fetch(`${url}/${id}`, { method: "DELETE", headers: { "if-match": '"1"' } })).status).toBe(412);
  expect((await fetch(`${url}/${id}`, { method: "DELETE", headers: { "if-match": '"2"' } })).status).toBe(204);
  expect((await fetch(`${url}/${id}`)).status).toBe(404);
  expect(
    (await fetch(url, { method: "POST", headers: json, body: JSON.stringify({ name: "half a sheet" }) })).status,
  ).toBe(422);
});

const maxImportBytes = maxBundleBytes;

/** Sends a body that never ends, and tells what came of it: the answer, if any, and how much was sent until the end. */
function sendEndless(port: number, host: string): Promise<{ answer: string; sentBytes: number }> {
  return new Promise((resolve) => {
    const socket = connect(port, "127.0.0.1");
    const chunk = `10000\r\n${" ".repeat(0x10000)}\r\n`;
    let answer = "";
    let sentBytes = 0;
    const send = () => {
      // given up at four times what is ever taken: a server that reads on has failed
      while (!socket.destroyed && answer === "" && sentBytes < 4 * maxImportBytes) {
        sentBytes += chunk.length;
        if (!socket.write(chunk)) return void socket.once("drain", send);
      }
      if (answer === "") socket.destroy();
    };
    socket.on("data", (data) => {
      answer += String(data);
      // answered: whoever goes on sending all the same is only cut off later
      socket.end();
      setTimeout(() => socket.destroy(), 100);
    });
    socket.on("error", () => undefined);
    socket.on("close", () => resolve({ answer, sentBytes }));
    socket.write(`POST /api/plans/import HTTP/1.1\r\nHost: ${host}\r\n`);
    socket.write("Content-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n", send);
  });
}

e2eTest(
  "a body without end is told so while it comes, whoever sends it, and others are served meanwhile",
  async (visit) => {
    const { port, url } = visit.server;
    for (const host of [`127.0.0.1:${port}`, "golden.example"]) {
      const sending = sendEndless(port, host);
      expect((await fetch(`${url}/api/plans`)).status).toBe(200);
      const { answer, sentBytes } = await sending;
      expect({ host, answer }).toEqual({ host, answer: expect.stringMatching(/^HTTP\/1\.1 (413|403) /) as string });
      expect(sentBytes).toBeLessThan(4 * maxImportBytes);
    }
  },
);
