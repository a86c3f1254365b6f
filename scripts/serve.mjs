import { spawnSync } from "node:child_process";
import { createServer } from "node:http";
import path from "node:path";
import { boundBody, BoundedMessage } from "./bounded-body.mjs";
import { readOptions, stop } from "./options.mjs";
import { ensureBuilt, ensureInstalled, root } from "./setup.mjs";

/** Sets up whatever is missing, then serves the application on the loopback interface. */
const host = "127.0.0.1";
const options = readOptions(process.argv.slice(2));
const { demo, port, dataDir } = options;

await refuseTakenPort();
ensureInstalled();
ensureBuilt();
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
  Object.assign(process.env, { NODE_ENV: "production", GOLDEN_ARRAY_DATA: dataDir, NEXT_TELEMETRY_DISABLED: "1" });
  const { default: next } = await import("next");
  const app = next({ dev: false, dir: root, hostname: host, port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const server = createServer(
    { IncomingMessage: BoundedMessage, maxHeaderSize: 16384, requestTimeout: 30_000, headersTimeout: 10_000 },
    (request, response) => {
      boundBody(request, response);
      void handle(request, response);
    },
  );
  server.once("error", (error) => stop(portSentence(error)));
  server.listen(port, host, () => {
    console.log(`\nGolden Array ${demo ? "(demo) " : ""}is at http://${host}:${port}`);
    console.log(`Data: ${dataDir}`);
    console.log("Ctrl-C stops it.");
  });
  for (const signal of ["SIGINT", "SIGTERM"]) {
    process.once(signal, () => {
      server.close(() => {
        console.log("\nStopped. Everything acknowledged is on disk.");
        process.exit(0);
      });
      server.closeAllConnections();
    });
  }
}
