import { setTimeout } from "node:timers/promises";
import { type Browser } from "puppeteer-core";
import { type Plan } from "@/core/plan";
import { demoPlans } from "@/demo";
import { Screen } from "../screen";
import { openPage, type Size, type WatchedPage } from "./browser";
import { type Address, commonServer, workersBrowser, workersPort } from "./common";
import { saveFailureArtifacts } from "./failure-artifacts";
import { patienceMs } from "./patience";
import { startServer, temporaryDir } from "./server";

/** What one test has to itself: what the browser keeps, the pages it opens, and the plans it makes. */
export type Visit = {
  readonly server: Address;
  /** Opens an address of the application, on this test's server unless told otherwise, ready to be used. */
  readonly open: (address: string, size?: Size, on?: Address) => Promise<Screen>;
  /** Makes a plan of this test's own from a demo plan, changed if asked; its address, without the stop. */
  readonly plan: (name?: string, change?: (plan: Plan) => Plan) => Promise<string>;
  /** A folder of this test's own, where its browser saves too. */
  readonly files: string;
  readonly setCookie: (name: string, value: string) => Promise<void>;
};

let browser: Browser | null = null;
beforeAll(async () => {
  browser = await workersBrowser();
});
afterAll(() => browser?.disconnect());

/**
 * A test that a person could walk through. Its plans and what the browser keeps are its own; what else the server keeps,
 * it must leave alone. It fails too when a page complained or asked another machine for anything.
 */
export function e2eTest(name: string, body: (visit: Visit) => Promise<void>): void {
  test(name, async () => {
    await take(commonServer(), body);
  });
}

/** The same on a server of its own: for what changes the library or the list of plans. */
export function isolatedE2eTest(
  name: string,
  body: (visit: Visit) => Promise<void>,
  flags: readonly string[] = ["--demo"],
) {
  test(name, async () => {
    const temporary = temporaryDir();
    const server = await startServer(temporary.dir, flags);
    await take(server, body).finally(async () => {
      await server.end("SIGTERM");
      temporary.remove();
    });
  });
}

async function take(server: Address, body: (visit: Visit) => Promise<void>): Promise<void> {
  if (browser === null) throw new Error("no browser was started");
  const files = temporaryDir();
  await clearSiteData(browser, server, files.dir);
  const profile = browser.defaultBrowserContext();
  const pages: WatchedPage[] = [];
  const homes = new Set<string>();
  const visit: Visit = {
    server,
    files: files.dir,
    open: async (address, size, on = server) => {
      const watched = await openPage(profile, `${on.url}${address}`, size, (page) => pages.push(page));
      homes.add(on.url);
      return new Screen(watched.page, files.dir);
    },
    plan: async (wanted = "The Lantern", change = (plan) => plan) => {
      const found = demoPlans().find((each) => each.name.startsWith(wanted));
      const plan = found === undefined ? found : change(found);
      return `/plan/${(await postJson<{ id: string }>(`${server.url}/api/plans/import`, plan)).id}`;
    },
    setCookie: (key, value) => profile.setCookie({ name: key, value, domain: "127.0.0.1", path: "/" }),
  };
  try {
    await body(visit);
    expect(pages.flatMap(({ complaints }) => complaints)).toEqual([]);
    const abroad = pages.flatMap(({ requested }) => requested).filter((url) => !isHome(url, homes));
    expect(abroad).toEqual([]);
  } catch (error) {
    await saveFailureArtifacts(expect.getState().currentTestName ?? "a test", pages, error);
    throw error;
  } finally {
    await Promise.all(pages.map(({ page }) => (page.isClosed() ? null : page.close())));
    files.remove();
  }
}

/**
 * Empties what the browser keeps for the application but its cache of code: a profile made anew for each test would have
 * every page compiled afresh, which takes a second each.
 */
async function clearSiteData(from: Browser, server: Address, downloadPath: string): Promise<void> {
  const session = await from.target().createCDPSession();
  await session.send("Browser.setDownloadBehavior", { behavior: "allow", downloadPath });
  const page = await from.newPage();
  const ofPage = await page.createCDPSession();
  for (const origin of [server.url, `http://127.0.0.1:${workersPort()}`])
    await ofPage.send("Storage.clearDataForOrigin", { origin, storageTypes: "all" });
  await ofPage.send("Network.clearBrowserCookies");
  await page.close();
}

function isHome(url: string, homes: ReadonlySet<string>): boolean {
  return [...homes, "data:", "blob:"].some((start) => url.startsWith(start));
}

export async function getJson<T>(url: string): Promise<T> {
  return (await (await fetch(url)).json()) as T;
}

export async function postJson<T>(url: string, body: unknown): Promise<T> {
  const headers = { "content-type": "application/json" };
  return (await (await fetch(url, { method: "POST", headers, body: JSON.stringify(body) })).json()) as T;
}

/** Asks again and again until something is so. */
export async function eventually(is: () => Promise<boolean>): Promise<void> {
  for (const late = Date.now() + patienceMs; !(await is()); await setTimeout(30))
    if (Date.now() > late) throw new Error("it never came to be so");
}
