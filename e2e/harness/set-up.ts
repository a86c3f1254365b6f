import { type Config } from "jest";
import { bundleAll } from "../../scripts/testing/bundle.mjs";
import { launchBrowser } from "./browser";
import { common } from "./common";
import { freePort, startServer, temporaryDir } from "./server";

/**
 * A server with the demo and a browser for each worker, started once: what is compiled for the first test is there for
 * the last. Tests find both by what is put into the environment here.
 */
type Run = Config & {
  readonly maxWorkers: number;
  readonly testPathPatterns: { readonly patterns: readonly string[] };
};

export default async function setUp({ maxWorkers, testPathPatterns }: Run): Promise<void> {
  await bundleAll("e2e", (file) => file.endsWith(".e2e.ts"), testPathPatterns.patterns.length === 0);
  const temporary = temporaryDir();
  const server = await startServer(temporary.dir, ["--demo"]);
  const browsers = await Promise.all(Array.from({ length: maxWorkers }, launchBrowser));
  const ports = await Promise.all(browsers.map(() => freePort()));
  process.env[common.ports] = JSON.stringify(ports);
  process.env[common.server] = JSON.stringify({ url: server.url, port: server.port });
  process.env[common.browsers] = JSON.stringify(browsers.map((browser) => browser.wsEndpoint()));
  Object.assign(globalThis, {
    endOfTests: async () => {
      await Promise.all(browsers.map((browser) => browser.close()));
      await server.end("SIGTERM");
      temporary.remove();
    },
  });
}
