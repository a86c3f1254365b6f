import { spawnSync } from "node:child_process";
import { copyFileSync, readdirSync, writeFileSync } from "node:fs";
import { connect, createServer } from "node:net";
import path from "node:path";
import { freePort, launch, root, startServer, temporaryDir } from "./harness";

/** How the program starts and stops, and what it says when it cannot. */
test("a taken port is named, and the program ends", async () => {
  const dir = temporaryDir();
  const taken = createServer();
  const port = await freePort();
  await new Promise<void>((resolve) => taken.listen(port, "127.0.0.1", resolve));
  const { ended, output } = launch(["--port", String(port), "--data", dir.dir]);
  expect(await ended).toBe(1);
  expect(output()).toContain(`Port ${port} is taken`);
  taken.close();
  dir.remove();
});

test("an odd port or flag is named, and the program ends", async () => {
  for (const [args, expected] of [
    [["--port", "99999"], /"99999" is not a port; allowed: 1 to 65535/],
    [["--frobnicate"], /frobnicate/],
  ] as const) {
    const { ended, output } = launch([...args]);
    expect(await ended).toBe(1);
    expect(output()).toMatch(expected);
  }
});

test("a damaged database is reported with what to do, and left as it was", async () => {
  const dir = temporaryDir();
  writeFileSync(path.join(dir.dir, "golden-array.db"), "not a database at all");
  const { ended, output } = launch(["--port", String(await freePort()), "--data", dir.dir]);
  expect(await ended).toBe(1);
  expect(output()).toMatch(/is damaged.*left untouched/);
  dir.remove();
});

test("it stops when asked, in order, answers what is under way, and leaves one complete file", async () => {
  const dir = temporaryDir();
  const server = await startServer(dir.dir, ["--demo"]);
  const url = `${server.url}/api/plans`;
  expect((await fetch(url)).status).toBe(200);
  const json = { "content-type": "application/json" };
  const make = (k: number) =>
    fetch(url, { method: "POST", headers: json, body: JSON.stringify({ name: `Plan ${k}` }) });
  const under = Array.from({ length: 20 }, (_, k) =>
    make(k).then(
      (response) => response.status,
      () => 0,
    ),
  );
  await make(99);
  expect(await server.end("SIGINT")).toBe(0);
  const made = (await Promise.all(under)).filter((status) => status === 201).length + 1;
  expect(server.output()).toContain("Stopped.");
  expect(readdirSync(dir.dir).filter((name) => name.startsWith("golden-array.db"))).toEqual(["golden-array.db"]);
  const again = await startServer(dir.dir);
  const names = ((await (await fetch(`${again.url}/api/plans`)).json()) as { name: string }[]).map(({ name }) => name);
  expect(names.filter((name) => /^Plan \d/.test(name)).length).toBeGreaterThanOrEqual(made);
  await again.end("SIGTERM");
  dir.remove();
});

test("a second server on the same folder is refused, with the address of the first", async () => {
  const dir = temporaryDir();
  const first = await startServer(dir.dir);
  const { ended, output } = launch(["--port", String(await freePort()), "--data", dir.dir]);
  expect(await ended).toBe(1);
  expect(output()).toContain(`uses the data folder ${dir.dir} already`);
  expect(output()).toContain(first.url);
  await first.end("SIGKILL");
  const again = await startServer(dir.dir);
  expect((await fetch(again.url)).status).toBe(200);
  await again.end("SIGTERM");
  dir.remove();
});

test("a copy is written whole while the server runs, and nothing is written over", async () => {
  const dir = temporaryDir();
  const server = await startServer(dir.dir, ["--demo"]);
  const target = path.join(dir.dir, "copy.db");
  const backup = () =>
    spawnSync(process.execPath, [path.join(root, "scripts", "backup.mjs"), target, "--data", dir.dir], {
      encoding: "utf8",
    });
  expect(backup().stdout).toContain("copy.db holds all plans");
  expect(backup().stderr).toContain("is there already");
  const copied = temporaryDir();
  copyFileSync(target, path.join(copied.dir, "golden-array.db"));
  const other = await startServer(copied.dir);
  const names = async ({ url }: { url: string }) =>
    ((await (await fetch(`${url}/api/plans`)).json()) as { name: string }[]).map(({ name }) => name);
  expect(await names(other)).toEqual(await names(server));
  await Promise.all([other.end("SIGTERM"), server.end("SIGTERM")]);
  copied.remove();
  dir.remove();
});

test("every answer carries the same safe headers, whoever gives it, and odd requests are refused at the door", async () => {
  const dir = temporaryDir();
  const server = await startServer(dir.dir, ["--demo"]);
  const host = `127.0.0.1:${server.port}`;
  const get = (target: string, headers = `Host: ${host}\r\n`) =>
    `${target} HTTP/1.1\r\n${headers}Connection: close\r\n\r\n`;
  const cases: readonly [string, RegExp][] = [
    [get("GET /api/plans"), /^HTTP\/1\.1 200/],
    [get("GET /plan/nobody"), /^HTTP\/1\.1 (404|30\d)/],
    [get("GET /api/plans", "Host: golden.example\r\n"), /^HTTP\/1\.1 403/],
    // the framework would redirect such an address before anything of ours saw it
    [get("GET //elsewhere.example/", "Host: golden.example\r\n"), /^HTTP\/1\.1 403/],
    [get("GET /api/plans/", "Host: golden.example\r\n"), /^HTTP\/1\.1 403/],
    [get("GET /api/plans", `Host: ${host}\r\nHost: golden.example\r\n`), /^HTTP\/1\.1 400/],
    [get("TRACE /api/plans"), /^HTTP\/1\.1 405/],
    [get("PATCH /schema/plan-v6.json"), /^HTTP\/1\.1 405/],
    [get("GET /plan/%ff/wiring"), /^HTTP\/1\.1 400/],
    [get("GET /library/panels?x=%ff"), /^HTTP\/1\.1 400/],
    ["this is no request\r\n\r\n", /^HTTP\/1\.1 400/],
    [get("PUT /api/plans/a", `Host: ${host}\r\nContent-Length: 2\r\n`) + "{}", /^HTTP\/1\.1 4\d\d/],
  ];
  for (const [request, status] of cases) {
    const answer = await raw(server.port, request);
    expect({ request, answer }).toEqual({ request, answer: expect.stringMatching(status) as string });
    for (const header of ["content-security-policy", "x-content-type-options: nosniff", "referrer-policy: no-referrer"])
      expect({ request, head: answer.toLowerCase() }).toEqual({
        request,
        head: expect.stringContaining(header) as string,
      });
  }
  await server.end("SIGTERM");
  dir.remove();
});

/** Sends bytes as they are and gives back all that comes. */
function raw(port: number, request: string): Promise<string> {
  return new Promise((resolve) => {
    const socket = connect(port, "127.0.0.1", () => socket.write(request));
    let answer = "";
    socket.on("data", (data) => (answer += String(data)));
    socket.on("error", () => undefined);
    socket.on("close", () => resolve(answer));
    socket.setTimeout(4000, () => socket.destroy());
  });
}
