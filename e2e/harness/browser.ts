import { existsSync } from "node:fs";
import puppeteer, { type Browser, type BrowserContext, type Page } from "puppeteer-core";
import { patienceMs } from "./patience";

export type Size = { readonly width: number; readonly height: number };
export const desktop: Size = { width: 1280, height: 800 };
export const phone: Size = { width: 390, height: 844 };

/** A page that remembers what a user would rather not see happen, and what it asked for. */
export type WatchedPage = { readonly page: Page; readonly complaints: string[]; readonly requested: string[] };

/** Chromium without the parts of a window, which nobody sees here: it takes a seventh less time. */
const shell = "/usr/bin/chromium-headless-shell";

/** `userDataDir`: where what it keeps outlives it; else it is forgotten. */
export function launchBrowser(userDataDir?: string): Promise<Browser> {
  const executablePath = process.env["CHROMIUM"] ?? (existsSync(shell) ? shell : "/usr/bin/chromium");
  return puppeteer.launch({
    ...(userDataDir === undefined ? {} : { userDataDir }),
    executablePath,
    headless: executablePath === shell ? "shell" : true,
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
      // several pages are open at once, and one that is not in front must not go slow
      "--disable-renderer-backgrounding",
      "--disable-background-timer-throttling",
      "--disable-backgrounding-occluded-windows",
    ],
  });
}

/** Opens an address and waits until the application says that it is ready. */
export async function openPage(
  browser: Browser | BrowserContext,
  url: string,
  size: Size = desktop,
  /** told of the page before it is waited for, so that one that never gets ready can be looked at */
  opened?: (page: WatchedPage) => void,
): Promise<WatchedPage> {
  const page = await browser.newPage();
  const complaints: string[] = [];
  const requested: string[] = [];
  page.on("console", (message) => {
    // a refused request is part of what is tested, and the browser logs each one by itself
    if (message.type() === "error" && !/Failed to load resource/.test(message.text())) complaints.push(message.text());
  });
  page.on("pageerror", (error) => complaints.push(String(error)));
  page.on("request", (request) => requested.push(request.url()));
  await page.setViewport({ ...size, isMobile: size.width < 500, hasTouch: size.width < 500 });
  await page.emulateMediaFeatures([{ name: "prefers-reduced-motion", value: "reduce" }]);
  const watched = { page, complaints, requested };
  opened?.(watched);
  await goTo(page, url);
  return watched;
}

export async function goTo(page: Page, url: string): Promise<void> {
  await page.goto(url, { waitUntil: "domcontentloaded" });
  await ready(page);
}

/** Loads a page anew. What is pressed before it is ready nobody hears. */
export async function reload(page: Page): Promise<void> {
  await page.reload({ waitUntil: "domcontentloaded" });
  await ready(page);
}

/** Waits until the page shows what it knows and nothing on it is still to come. */
export async function ready(page: Page): Promise<void> {
  await page.waitForSelector("[data-ready=true]", { timeout: patienceMs });
}
