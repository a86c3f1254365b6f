import { writeFileSync } from "node:fs";
import { createServer } from "node:net";
import path from "node:path";
import { freePort, launch, startServer, temporaryDir } from "./harness";

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

test("it stops when asked, in order", async () => {
  const dir = temporaryDir();
  const server = await startServer(dir.dir, ["--demo"]);
  expect((await fetch(`${server.url}/api/plans`)).status).toBe(200);
  expect(await server.end("SIGINT")).toBe(0);
  expect(server.output()).toContain("Stopped.");
  dir.remove();
});
