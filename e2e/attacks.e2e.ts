import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { readdirSync, rmSync, statSync } from "node:fs";
import { connect, type Socket } from "node:net";
import path from "node:path";
import { setTimeout } from "node:timers/promises";
import { planBundle } from "@/core/bundle";
import { maxPhotoBytes, maxPhotos } from "@/core/image-type";
import { type Plan } from "@/core/plan";
import { createRandom, runs } from "@/testing";
import { type RunningServer, startServer, temporaryDir } from "./harness";
import { root } from "./harness/root";
import { plans, read } from "./harness/plans-api";

/** What a stranger on the network, a broken disk and a hurried user do to a whole server. */
let folder: ReturnType<typeof temporaryDir>;
let server: RunningServer;
beforeEach(async () => {
  folder = temporaryDir();
  server = await startServer(folder.dir, ["--demo"]);
});
afterEach(async () => {
  await server.end("SIGKILL");
  folder.remove();
});

/** Says something on a connection of its own, and what came back until it was ended; null: it was not. */
async function said(lines: readonly string[], patienceMs = 1000): Promise<string | null> {
  const socket = connect(server.port, "127.0.0.1");
  let answer = "";
  socket.on("data", (data) => (answer += String(data)));
  const ended = new Promise<true>((resolve) => {
    socket.on("close", () => resolve(true));
    socket.on("error", () => resolve(true));
  });
  socket.write(`${lines.join("\r\n")}\r\n\r\n`);
  const isEnded = await Promise.race([ended, setTimeout(patienceMs, false)]);
  socket.destroy();
  return isEnded || answer !== "" ? answer : null;
}
const upgrade = (host: string) => [
  "GET /_next/webpack-hmr HTTP/1.1",
  `Host: ${host}`,
  "Connection: Upgrade",
  "Upgrade: websocket",
  "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==",
  "Sec-WebSocket-Version: 13",
];

test("connections that ask to be upgraded are refused at the door, before and after the first page", async () => {
  const own = `127.0.0.1:${server.port}`;
  for (const host of [own, "evil.example"]) {
    expect([host, (await said(upgrade(host)))?.slice(0, 12)]).toEqual([
      host,
      host === own ? "HTTP/1.1 400" : "HTTP/1.1 403",
    ]);
    expect((await fetch(server.url)).status).toBe(200);
    expect((await said(upgrade(host)))?.slice(9, 10)).toBe("4");
  }
});

test("it stops within two seconds whatever is open, and says what is true", async () => {
  const open: Socket[] = [];
  for (const lines of [[], ["GET / HTTP/1.1"], upgrade(`127.0.0.1:${server.port}`)])
    for (let k = 0; k < 100; k++) {
      const socket = connect(server.port, "127.0.0.1");
      socket.on("error", () => undefined);
      socket.write(lines.join("\r\n"));
      open.push(socket);
    }
  await setTimeout(300);
  expect((await plans(server)).length).toBeGreaterThan(0);
  const since = performance.now();
  expect(await server.end("SIGTERM")).toBe(0);
  const tookMs = performance.now() - since;
  process.stdout.write(`stopped in ${tookMs.toFixed(0)} ms with ${open.length} connections open\n`);
  expect(server.output()).toContain("Stopped. Everything acknowledged is on disk.");
  for (const socket of open) socket.destroy();
});

test("with its folder deleted it does not say that all is on disk", async () => {
  expect((await plans(server)).length).toBeGreaterThan(0);
  rmSync(folder.dir, { recursive: true });
  expect(await server.end("SIGTERM")).toBe(1);
  expect(server.output()).toContain("is gone or was exchanged");
  expect(server.output()).not.toContain("Everything acknowledged");
});

test("what is kept is for its owner alone", async () => {
  expect((await plans(server)).length).toBeGreaterThan(0);
  const modeOf = (name: string) => (statSync(path.join(folder.dir, name)).mode & 0o777).toString(8);
  expect(modeOf(".")).toBe("700");
  for (const name of readdirSync(folder.dir)) expect([name, modeOf(name)]).toEqual([name, "600"]);
});

test("a bundle far larger than a page's body goes out and comes in, all of it; what is spoiled does not", async () => {
  const [first] = await plans(server);
  const { plan } = await read(server, first?.id ?? "");
  const draw = createRandom(5);
  // eight are twice what the framework would take; in the soak as many as a plan can have
  const photos = Array.from({ length: runs(1) > 1 ? maxPhotos : 8 }, (_, k) =>
    Uint8Array.from({ length: maxPhotoBytes - 1000 }, (_, at) =>
      at < 3 ? ([0xff, 0xd8, 0xff][at] ?? 0) : draw.whole(0, 255) ^ k,
    ),
  );
  const bundle = await planBundle(plan, { weather: null, photos, readings: [] });
  expect(bundle.length).toBeGreaterThan(19_000_000);
  const send = (body: Uint8Array<ArrayBuffer>) =>
    fetch(`${server.url}/api/plans/import`, { method: "POST", headers: { "content-type": "application/zip" }, body });
  const before = (await plans(server)).length;
  const at = Math.floor(bundle.length / 2);
  const refused = await send(bundle.with(at, (bundle[at] ?? 0) ^ 4));
  expect([refused.status, ((await refused.json()) as { message: string }).message]).toEqual([
    422,
    expect.stringMatching(/photo-\d.*spoiled/) as string,
  ]);
  expect((await plans(server)).length).toBe(before);
  const taken = await send(bundle);
  expect(taken.status).toBe(201);
  const { id } = (await taken.json()) as { id: string };
  expect((await read(server, id)).plan).toEqual(plan);
  const name = createHash("sha256")
    .update(photos[0] ?? "")
    .digest("hex");
  const photo = await fetch(`${server.url}/api/photos/${name}`);
  expect(new Uint8Array(await photo.arrayBuffer())).toEqual(photos[0]);
  // a picture has a policy of its own, stricter than a page's
  expect(photo.headers.get("content-security-policy")).toMatch(/^default-src 'none';.* sandbox$/);
});

test("a plan's page from memory is the page that was made, but for its nonce and its id, packed or not, and holds no plan", async () => {
  const [first, second] = await plans(server);
  const page = async (encoding: string, of = first) => {
    const id = of?.id ?? "";
    const response = await fetch(`${server.url}/plan/${id}/wiring`, { headers: { "accept-encoding": encoding } });
    const policy = response.headers.get("content-security-policy") ?? "";
    const nonce = /'nonce-([^']+)'/.exec(policy)?.[1] ?? "";
    const text = await response.text();
    return { nonce, text: text.replaceAll(nonce, "NONCE").replaceAll(id, "ID"), count: text.split(nonce).length };
  };
  const made = await page("gzip");
  const others = [
    await page("gzip"),
    await page("identity"),
    await page("gzip", second),
    await page("identity", second),
  ];
  expect(made.count).toBeGreaterThan(2);
  expect(new Set([made, ...others].map(({ nonce }) => nonce)).size).toBe(5);
  expect(others.map(({ text }) => text === made.text)).toEqual([true, true, true, true]);
  for (const name of ["Lantern", "Thornby"]) expect(made.text).not.toContain(name);
});

test("a folder is read wholly by the check, also while the server runs", async () => {
  const check = () =>
    spawnSync(process.execPath, [path.join(root, "scripts", "check.mjs"), "--data", folder.dir], { encoding: "utf8" });
  expect((await plans(server)).length).toBeGreaterThan(0);
  const found = check();
  expect([found.status, found.stdout]).toEqual([0, expect.stringContaining("All is as it was written") as string]);
});

test("a plan spoiled on the disk is told, and its last whole revision made a plan", async () => {
  const [first] = await plans(server);
  const id = first?.id ?? "";
  const { plan } = await read(server, id);
  const renamed = { ...plan, name: "Second" } satisfies Plan;
  const saved = await fetch(`${server.url}/api/plans/${id}`, {
    method: "PUT",
    headers: { "content-type": "application/json", "if-match": '"1"' },
    body: JSON.stringify(renamed),
  });
  expect(saved.status).toBe(200);
  await server.end("SIGTERM");
  const { default: Database } = await import("better-sqlite3");
  const db = new Database(path.join(folder.dir, "golden-array.db"));
  db.prepare("update plan_change set patch = replace(patch, 'Second', 'Secund') where plan_id = ?").run(id);
  db.close();
  server = await startServer(folder.dir);
  const told = await fetch(`${server.url}/api/plans/${id}`);
  expect([told.status, await told.text()]).toEqual([
    500,
    expect.stringMatching(/revision 2: its check sum.*Its revision 1 is whole/) as string,
  ]);
  const rescued = await fetch(`${server.url}/api/plans/${id}/rescue`, { method: "POST" });
  const { id: fresh } = (await rescued.json()) as { id: string };
  expect((await read(server, fresh)).plan.name).toBe(`${plan.name.slice(0, 55)}, revision 1`);
});
