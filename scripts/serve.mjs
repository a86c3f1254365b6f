import { spawnSync } from "node:child_process";
import { createServer } from "node:http";
import path from "node:path";
import { readOptions, stop } from "./options.mjs";
import { boundBody, BoundedMessage } from "./serving/bounded-body.mjs";
import { mayPass, refuseGarbled } from "./serving/door.mjs";
import { holdFolder } from "./serving/folder-lock.mjs";
import { ensureBuilt, ensureInstalled, root } from "./setup.mjs";

/** Sets up whatever is missing, then serves the application on the loopback interface. */
const host = "127.0.0.1";
const options = readOptions(process.argv.slice(2));
const { demo, port, dataDir } = options;

await refuseTakenPort();
ensureInstalled();
await ensureBuilt();
const url = `http://${host}:${port}`;
const held = await holdFolder(dataDir, url);
if (held !== null) stop(held);
prepareData();
await serve();

/** Asked before the long work, so that nobody waits for a build to hear that the port is taken. */
function refuseTakenPort() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", (error) => stop(portSentence(error)));
    probe.listen(port, host, () => probe.close(() => resolve(undefined)));
  });
}

function portSentence(/** @type {Error & { code?: string }} */ error) {
  if (error.code === "EADDRINUSE")
    return `Port ${port} is taken by another program (or another Golden Array). Choose one with: -- --port N`;
  if (error.code === "EACCES")
    return `Port ${port} may not be used by this account. Choose one above 1023 with: -- --port N`;
  return `Port ${port} cannot be used: ${error.message}`;
}

/** Opens, migrates and, for the demo, fills the database, in a process of its own that says what is wrong. */
function prepareData() {
  const args = [
    "--conditions=react-server",
    "--import",
    "tsx",
    path.join(root, "scripts", "prepare.ts"),
    dataDir,
    ...(demo ? ["--demo"] : []),
  ];
  const { status } = spawnSync(process.execPath, args, { cwd: root, stdio: "inherit" });
  if (status !== 0) process.exit(status ?? 1);
}

async function serve() {
  const { guardsFile, readerFile } = await import("./serving/kit.mjs");
  Object.assign(process.env, {
    NODE_ENV: "production",
    GOLDEN_ARRAY_DATA: dataDir,
    GOLDEN_ARRAY_READER: readerFile,
    NEXT_TELEMETRY_DISABLED: "1",
  });
  const { refusal } = await import(guardsFile);
  const hosts = (process.env["GOLDEN_ARRAY_HOSTS"] ?? "").split(",").filter((name) => name !== "");
  const { default: next } = await import("next");
  const app = next({ dev: false, dir: root, hostname: host, port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const server = createServer(
    { IncomingMessage: BoundedMessage, maxHeaderSize: 16384, requestTimeout: 30_000, headersTimeout: 10_000 },
    (request, response) => {
      if (!mayPass(request, response, refusal, hosts)) return;
      boundBody(request, response);
      void handle(request, response);
    },
  );
  server.on("clientError", (/** @type {Error & { code?: string }} */ error, socket) => {
    // browsers open connections ahead and leave them idle: an answer there would be taken for that of the next request
    if (error.code === "ERR_HTTP_REQUEST_TIMEOUT") socket.destroy();
    else
      refuseGarbled(
        /** @type {import("node:net").Socket} */ (socket),
        error.code === "HPE_HEADER_OVERFLOW" ? 431 : 400,
      );
  });
  server.once("error", (error) => stop(portSentence(error)));
  server.listen(port, host, () => {
    console.log(`\nGolden Array ${demo ? "(demo) " : ""}is at ${url}`);
    console.log(`Data: ${dataDir}`);
    console.log("Ctrl-C stops it.");
  });
  for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => void stopInOrder(server));
}

/** Time for requests under way to be answered once the server is asked to stop, ms. */
const graceMs = 3000;

/** Takes no more requests, lets those under way be answered, and closes the database, so that its file alone is complete. */
async function stopInOrder(/** @type {import("node:http").Server} */ server) {
  const closed = new Promise((resolve) => server.close(resolve));
  server.closeIdleConnections();
  const grace = setTimeout(() => server.closeAllConnections(), graceMs);
  await closed;
  clearTimeout(grace);
  const holder = /** @type {{ goldenArrayDatabase?: Promise<{ destroy: () => Promise<void> }> | null }} */ (globalThis);
  try {
    await (await holder.goldenArrayDatabase)?.destroy();
  } catch {
    // it could not be opened, or its folder is gone: there is nothing to close
  }
  console.log("\nStopped. Everything acknowledged is on disk.");
  process.exit(0);
}
