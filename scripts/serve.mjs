import { spawnSync } from "node:child_process";
import { createServer } from "node:http";
import { readOptions, stop } from "./options.mjs";
import { boundBody, BoundedMessage } from "./serving/bounded-body.mjs";
import { closeDatabase } from "./serving/close-database.mjs";
import { guardRequest, rejectMalformed } from "./serving/request-guard.mjs";
import { lockDataFolder } from "./serving/folder-lock.mjs";
import { isPaired } from "./serving/lan.mjs";
import { PageCache } from "./serving/page-cache.mjs";
import { ensureBuilt, ensureInstalled, root } from "./setup.mjs";

/** Sets up whatever is missing, then serves the application on the loopback interface. */
const host = "127.0.0.1";
const options = readOptions(process.argv.slice(2));
const { demo, port, dataDir, lan } = options;

const limits = {
  IncomingMessage: BoundedMessage,
  maxHeaderSize: 16384,
  // the largest bundle from a phone takes so long
  requestTimeout: 180_000,
  headersTimeout: 10_000,
};
/** A connection on which nothing comes or goes for so long is ended, ms. */
const silentMs = 120_000;
/** Time for requests under way to be answered once the server is asked to stop, ms. */
const graceMs = 1000;

await refuseTakenPort();
await ensureInstalled();
await ensureBuilt();
const url = `http://${host}:${port}`;
// what is kept is for its owner alone, and so is all that is made beside it
process.umask(0o077);
const held = await lockDataFolder(dataDir, url);
if (held !== null) stop(held);
await prepareData();
process.on("unhandledRejection", endLoudly);
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
async function prepareData() {
  const { prepareFile } = await import("./serving/bundle-server.mjs");
  const args = [prepareFile, dataDir, ...(demo ? ["--demo"] : [])];
  const { status } = spawnSync(process.execPath, args, { cwd: root, stdio: "inherit" });
  if (status !== 0) process.exit(status ?? 1);
}

async function serve() {
  const { guardsFile, limitsFile, readerFile, phoneSheetFile, stickersFile } =
    await import("./serving/bundle-server.mjs");
  Object.assign(process.env, {
    NODE_ENV: "production",
    GOLDEN_ARRAY_DATA: dataDir,
    GOLDEN_ARRAY_READER: readerFile,
    GOLDEN_ARRAY_STICKERS: stickersFile,
    GOLDEN_ARRAY_PHONE_SHEET: phoneSheetFile,
    NEXT_TELEMETRY_DISABLED: "1",
  });
  /** @type {typeof import("../src/server/guards/index.ts")} */
  const { remoteHeader, loopbackNames, namedHosts, refusal, spoolHeader } = await import(guardsFile);
  /** @type {typeof import("../src/core/bundle/limits.ts")} */
  const { maxBundleBytes } = await import(limitsFile);
  const hosts = [...loopbackNames, ...namedHosts()];
  const network = lan ? await openToNetwork() : null;
  const { default: next } = await import("next");
  // the framework would take connections that ask to be upgraded, past the doors: it is given a server that hears of none
  const app = next({ dev: false, dir: root, hostname: host, port, httpServer: createServer() });
  await app.prepare();
  const handle = app.getRequestHandler();
  const pages = new PageCache(dataDir);
  /** Serves at one address under the names it goes by there, to those that its door lets through. */
  const listen = (
    /** @type {string} */ address,
    /** @type {readonly string[]} */ names,
    /** @type {(request: BoundedMessage, response: import("node:http").ServerResponse) => boolean} */ isLetIn,
    /** @type {string} */ asker,
  ) => {
    const server = createServer(limits, (request, response) => {
      if (!guardRequest(request, response, refusal, names) || !isLetIn(request, response)) return;
      request.headers[remoteHeader] = asker;
      boundBody(request, response, { maxBundleBytes, spoolHeader });
      const make = () => handle(request, response);
      pages
        .serve(request, response, asker, make)
        .then((isServed) => (isServed ? undefined : make()))
        .catch(endLoudly);
    });
    server.setTimeout(silentMs);
    server.on("clientError", answerGarbled);
    return new Promise((resolve, reject) => {
      server.once("error", reject);
      server.listen(port, address.replace(/[[\]]/g, ""), () => resolve(server));
    });
  };
  /** @type {import("node:http").Server[]} */
  const servers = [];
  try {
    servers.push(await listen(host, hosts, () => true, "computer"));
  } catch (error) {
    stop(portSentence(/** @type {Error} */ (error)));
  }
  console.log(`\nGolden Array ${demo ? "(demo) " : ""}is at ${url}`);
  console.log(`Data: ${dataDir}`);
  if (network !== null) {
    const { addresses, phones, kit } = network;
    for (const address of addresses)
      servers.push(
        await listen(address, [address], (request, response) => isPaired(request, response, phones, kit), "phone"),
      );
    tellOfNetwork(network);
  }
  console.log("Ctrl-C stops it.");
  for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => void stopInOrder(servers, pages));
}

/** What nobody foresaw ends the program, so that it is seen: what was acknowledged is on disk. */
function endLoudly(/** @type {unknown} */ error) {
  console.error(
    "\nGolden Array ended by a fault of its own. Start it again; what it says below helps to find the cause.",
  );
  console.error(error);
  process.exit(1);
}

/** Who may use the server from the network, found before anything is opened to it. */
async function openToNetwork() {
  const { phonesFile } = await import("./serving/bundle-server.mjs");
  /** @type {typeof import("../src/server/phones/index.ts")} */
  const kit = await import(phonesFile);
  const addresses = kit.ownAddresses();
  if (addresses.length === 0)
    stop("This computer is in no network, so --lan has nothing to open. Join one, or start without --lan.");
  const phones = new kit.Phones(kit.phonesFile(dataDir), Date.now);
  kit.registerLan({ addresses: addresses.map((address) => `http://${address}:${port}`), phones });
  // the framework's own check of names comes after the doors
  process.env["GOLDEN_ARRAY_HOSTS"] = [process.env["GOLDEN_ARRAY_HOSTS"] ?? "", ...addresses].join(",");
  return { addresses, phones, kit };
}

function tellOfNetwork(/** @type {Awaited<ReturnType<typeof openToNetwork>>} */ { addresses, phones }) {
  console.log("\nOpen to this network, as --lan asks for:");
  for (const address of addresses) console.log(`  http://${address}:${port}`);
  console.log(
    "A phone that is paired can read and change every plan here. What goes between is not encrypted: others on",
  );
  console.log("this network can read it. Use a network you trust, and stop Golden Array when you are done.");
  console.log(`To pair a phone open ${url}/phones here${process.stdin.isTTY ? ", or press Enter for a code" : ""}.`);
  if (process.stdin.isTTY)
    process.stdin.on("data", () => console.log(`Pairing code: ${phones.makeCode().digits} (two minutes, one phone)`));
}

function answerGarbled(
  /** @type {Error & { code?: string }} */ error,
  /** @type {import("node:stream").Duplex} */ socket,
) {
  // browsers open connections ahead and leave them idle: an answer there would be taken for that of the next request
  if (error.code === "ERR_HTTP_REQUEST_TIMEOUT") socket.destroy();
  else
    rejectMalformed(
      /** @type {import("node:net").Socket} */ (socket),
      error.code === "HPE_HEADER_OVERFLOW" ? 431 : 400,
    );
}

/** Takes no more requests, lets those under way be answered, and closes the database, so that its file alone is complete. */
async function stopInOrder(/** @type {import("node:http").Server[]} */ servers, /** @type {PageCache} */ pages) {
  const closed = Promise.all(servers.map((server) => new Promise((resolve) => server.close(resolve))));
  for (const server of servers) server.closeIdleConnections();
  const grace = setTimeout(() => servers.forEach((server) => server.closeAllConnections()), graceMs);
  await closed;
  clearTimeout(grace);
  pages.close();
  const { isTrue, words } = await closeDatabase(dataDir);
  console.log(`\nStopped. ${words}`);
  process.exit(isTrue ? 0 : 1);
}
