import puppeteer, { type Browser } from "puppeteer-core";

/** Where the tests find what was started for all of them: names in the environment. */
export const common = { server: "GOLDEN_ARRAY_TEST_SERVER", browsers: "GOLDEN_ARRAY_TEST_BROWSERS" } as const;

/** Where a server answers. */
export type Address = { readonly url: string; readonly port: number };

export function commonServer(): Address {
  return JSON.parse(process.env[common.server] ?? "null") as Address;
}

/** The browser of this worker. */
export function workersBrowser(): Promise<Browser> {
  const endpoints = JSON.parse(process.env[common.browsers] ?? "[]") as string[];
  const browserWSEndpoint = endpoints[(Number(process.env["JEST_WORKER_ID"]) - 1) % endpoints.length];
  if (browserWSEndpoint === undefined) throw new Error("no browser was started");
  return puppeteer.connect({ browserWSEndpoint, defaultViewport: null });
}
