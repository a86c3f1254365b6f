import puppeteer, { type Browser, type ElementHandle, type Page } from "puppeteer-core";

/** A page that remembers everything a user would rather not see happen. */
export type WatchedPage = { readonly page: Page; readonly complaints: string[]; readonly requested: string[] };

export function launchBrowser(): Promise<Browser> {
  return puppeteer.launch({
    executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
    ],
  });
}

export async function openPage(
  browser: Browser,
  url: string,
  size = { width: 1280, height: 800 },
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
  await page.goto(url, { waitUntil: "networkidle0" });
  return { page, complaints, requested };
}

/** The control that a visible label stands for, as a person finds it. */
export async function field(page: Page, label: string, nth = 0): Promise<ElementHandle<HTMLInputElement>> {
  const handle = await page.waitForSelector(`xpath/(//label[normalize-space()="${label}"])[${nth + 1}]`);
  const id = await handle?.evaluate((element) => element.getAttribute("for"));
  const control = await page.$(`[id="${id ?? ""}"]`);
  if (control === null) throw new Error(`no control is labelled "${label}"`);
  return control as ElementHandle<HTMLInputElement>;
}

/** Types into a field from the keyboard, over whatever stood there. */
export async function type(page: Page, label: string, text: string, nth = 0): Promise<void> {
  const control = await field(page, label, nth);
  await control.focus();
  await page.keyboard.down("Control");
  await page.keyboard.press("KeyA");
  await page.keyboard.up("Control");
  await page.keyboard.type(text);
  await page.keyboard.press("Tab");
}

export async function press(page: Page, name: string): Promise<void> {
  const found = await page.waitForFunction(
    (wanted: string) => {
      // icons leave zero-width spaces in a button's text
      const nameOf = (element: Element) =>
        (element.getAttribute("aria-label") ?? element.textContent ?? "")
          .replace(/\u200b/g, "")
          .replace(/\s+/g, " ")
          .trim();
      return [...document.querySelectorAll<HTMLElement>("button, a")].find(
        (element) => nameOf(element).startsWith(wanted) && element.getBoundingClientRect().width > 0,
      );
    },
    { timeout: 15_000 },
    name,
  );
  await (found.asElement() as ElementHandle<Element> | null)?.click();
}

/** Waits until the page says something, and returns the element's text. */
export async function says(page: Page, selector: string, pattern: RegExp): Promise<string> {
  await page.waitForFunction(
    (where: string, what: string) =>
      [...document.querySelectorAll(where)].some((element) => new RegExp(what).test(element.textContent ?? "")),
    { timeout: 15_000 },
    selector,
    pattern.source,
  );
  return page.$$eval(selector, (elements) => elements.map((element) => element.textContent ?? "").join(" "));
}

/** Waits until the control that a label stands for shows a value: a change is drawn together with its verdict, within a frame or two. */
export async function shows(page: Page, label: string, value: string): Promise<void> {
  await field(page, label);
  await page.waitForFunction(
    (name: string, wanted: string) =>
      [...document.querySelectorAll("label")].some(
        (each) =>
          each.textContent === name &&
          document.querySelector<HTMLInputElement>(`[id="${each.htmlFor}"]`)?.value === wanted,
      ),
    { timeout: 10_000 },
    label,
    value,
  );
}

export async function verdictIs(page: Page, level: string): Promise<void> {
  await page.waitForSelector(`[data-testid=verdict][data-level=${level}]`, { timeout: 15_000 });
}

export async function saved(page: Page): Promise<void> {
  await page.waitForSelector("[data-save=saved]", { timeout: 15_000 });
}
