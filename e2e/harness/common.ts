import puppeteer, { type Browser } from "puppeteer-core";

/** Where the tests find what was started for all of them: names in the environment. */
export const common = {
  server: "GOLDEN_ARRAY_TEST_SERVER",
  browsers: "GOLDEN_ARRAY_TEST_BROWSERS",
  ports: "GOLDEN_ARRAY_TEST_PORTS",
} as const;

/** Where a server answers. */
export type Address = { readonly url: string; readonly port: number };

export function commonServer(): Address {
  return JSON.parse(process.env[common.server] ?? "null") as Address;
}

/**
 * Where this worker's own servers answer, one after another: a browser keeps its code by address, and would compile all of
 * it afresh for each server elsewhere. 0 outside a worker.
 */
export function workersPort(): number {
  return ofWorker(JSON.parse(process.env[common.ports] ?? "[]") as number[]) ?? 0;
}

function ofWorker<T>(each: readonly T[]): T | undefined {
  return each[(Number(process.env["JEST_WORKER_ID"]) - 1) % each.length];
}

/** The browser of this worker. */
export function workersBrowser(): Promise<Browser> {
  const browserWSEndpoint = ofWorker(JSON.parse(process.env[common.browsers] ?? "[]") as string[]);
  if (browserWSEndpoint === undefined) throw new Error("no browser was started");
  return puppeteer.connect({ browserWSEndpoint, defaultViewport: null });
}
