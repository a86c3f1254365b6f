import path from "node:path";
import { type Page } from "puppeteer-core";
import { launchBrowser, openPage, startServer, temporaryDir } from "../e2e/harness";
import { Fields } from "../e2e/screen/fields";

/** Takes the README's pictures from the demo data. */
const wide = { width: 1280, height: 800 };
const narrow = { width: 390, height: 844 };
type Picture = {
  readonly name: string;
  readonly plan: string | null;
  readonly step: string;
  readonly light: string;
  readonly size: typeof wide;
  readonly first?: (page: Page) => Promise<void>;
};
const pictures: readonly Picture[] = [
  { name: "plans", plan: null, step: "", light: "paper", size: wide, first: allVerdicts },
  { name: "panels", plan: "Lantern", step: "panels", light: "paper", size: wide },
  { name: "input", plan: "Lantern", step: "controller", light: "paper", size: wide },
  { name: "wire", plan: "Lantern", step: "wiring", light: "paper", size: wide },
  { name: "wire-stop", plan: "Narrowboat", step: "wiring", light: "paper", size: wide },
  { name: "wire-phone", plan: "Lantern", step: "wiring", light: "lantern", size: narrow },
  { name: "library", plan: null, step: "library/panels", light: "paper", size: wide },
  { name: "finder", plan: "Lantern", step: "wiring#finder", light: "paper", size: wide, first: wholePackets },
  { name: "buy", plan: "Lantern", step: "wiring#buy", light: "paper", size: wide, first: shopping },
  { name: "space", plan: "Lantern", step: "layout", light: "paper", size: wide, first: shadeOfYear },
  { name: "space-phone", plan: "Lantern", step: "layout", light: "sunlight", size: narrow, first: lateSun },
  { name: "protect", plan: "Lantern", step: "protection", light: "paper", size: wide, first: pressDay },
  { name: "need", plan: "Lantern", step: "need", light: "paper", size: wide },
  { name: "place", plan: "Lantern", step: "need#place", light: "paper", size: wide, first: confirmClimate },
  { name: "year", plan: "Lantern", step: "wiring#year", light: "paper", size: wide, first: wholeYear },
  { name: "mount", plan: "Lantern", step: "mounting", light: "paper", size: wide, first: atThePitch },
  { name: "prove", plan: "shed", step: "test#standin", light: "sunlight", size: wide, first: bypassed },
  { name: "log", plan: "Lantern", step: "log", light: "paper", size: wide, first: wholeLog },
  {
    name: "practice",
    plan: null,
    step: "practice#thirdInSeries.1.5",
    light: "paper",
    size: wide,
    first: thirdInTheRow,
  },
];

/** The list, once every plan in it has been judged. */
async function allVerdicts(page: Page): Promise<void> {
  await page.waitForFunction(() => document.querySelectorAll("[data-glance]").length === 4);
}

/** The wiring that is all said in copper. */
async function pressDay(page: Page): Promise<void> {
  await new Fields(page).press("Press day");
  await page.waitForSelector("g[data-type=bank]");
}

/** What is set up each time. */
async function atThePitch(page: Page): Promise<void> {
  await new Fields(page).press("Book bay pair");
}

/** The mistake of the first drill, plugged in. */
async function thirdInTheRow(page: Page): Promise<void> {
  const fields = new Fields(page);
  for (const [n, keys] of [
    [1, ["Alt", "ArrowUp"]],
    [2, ["Alt", "ArrowUp"]],
    [3, ["Alt", "ArrowUp"]],
    [2, ["j"]],
    [3, ["j"]],
  ] as const) {
    await page.waitForSelector(`[data-tile='p.${n}']`);
    await page.focus(`[data-tile='p.${n}']`);
    await fields.chord(...keys);
  }
  await fields.press("Plug in");
  await fields.says("main", /In series volts add/);
  await page.evaluate(() => window.scrollTo(0, 0));
}

/** On the simulator: a panel of which a part is bypassed, found by its first readings. */
async function bypassed(page: Page): Promise<void> {
  const fields = new Fields(page);
  await fields.choose("Fault", "cell groups bypassed");
  await fields.press("Open the simulator");
  await fields.press("Read from the simulator");
  await fields.says("main", /less than expected/);
  await fields.says("main", /Cell groups bypassed/);
  await page.evaluate(() => window.scrollTo(0, 0));
}

/** The likeliest kind of climate taken for the place. */
async function confirmClimate(page: Page): Promise<void> {
  await new Fields(page).press("Use this climate");
  await page.waitForSelector("svg[role=application] circle");
}

/** The year gone through to its end, and drawn. */
async function wholeYear(page: Page): Promise<void> {
  await page.waitForSelector("[data-year=settled] [data-chart=year]");
}

/** All packets with their whole years. */
async function wholePackets(page: Page): Promise<void> {
  await page.waitForSelector("[aria-label='Best of each kind']");
  await page.waitForFunction(() => document.querySelector("progress") === null);
  await page.$eval("[aria-label='Wiring'][role=tablist]", (tabs) => tabs.scrollIntoView());
  await page.evaluate(() => window.scrollBy(0, -70));
}

/** What to buy for a little money, beside what is owned. */
async function shopping(page: Page): Promise<void> {
  const fields = new Fields(page);
  await fields.type("Budget", "600");
  await fields.press("Find what to buy");
  await page.waitForSelector("[aria-label='What to buy']");
  await page.waitForFunction(() => document.querySelector("progress") === null, { timeout: 120_000 });
  await page.$eval("[aria-label='Wiring'][role=tablist]", (tabs) => tabs.scrollIntoView());
  await page.evaluate(() => window.scrollBy(0, -70));
}

/** Where shadows take most in a year, washed over the roof. */
async function shadeOfYear(page: Page): Promise<void> {
  await new Fields(page).press("Calculate yearly shading");
  await page.waitForSelector("[data-testid=shade-map] path");
  await page.evaluate(() => window.scrollTo(0, 0));
}

/** The roof in the last light of a September day. */
async function lateSun(page: Page): Promise<void> {
  for (const [name, value] of [
    ["Month", "9"],
    ["Hour", "17"],
  ] as const)
    await page.$eval(
      `input[aria-label='${name}']`,
      (input, wanted) => {
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(input, wanted);
        input.dispatchEvent(new Event("input", { bubbles: true }));
      },
      value,
    );
}

/** A year read whole: its dirt, and its fault. */
async function wholeLog(page: Page): Promise<void> {
  await new Fields(page).says("main", /A fault since/);
}

async function main(): Promise<void> {
  const temporary = temporaryDir();
  const server = await startServer(temporary.dir, ["--demo", "--lan"]);
  const plans = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string }[];
  const browser = await launchBrowser();
  for (const { name, plan, step, light, size, first } of pictures) {
    await browser.setCookie({ name: "golden-array-light", value: light, domain: "127.0.0.1", path: "/" });
    const id = plans.find((candidate) => plan !== null && candidate.name.includes(plan))?.id;
    const { page } = await openPage(
      browser,
      id === undefined ? `${server.url}/${step}` : `${server.url}/plan/${id}/${step}`,
      size,
    );
    // the loader of this file marks functions with a helper that the page does not have
    await page.evaluate("globalThis.__name = (f) => f");
    await first?.(page);
    await new Promise((resolve) => setTimeout(resolve, 400));
    await page.screenshot({
      path: path.join(__dirname, "..", "docs", "screenshots", `${name}.png`) as `${string}.png`,
    });
    await page.close();
  }
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
}

void main();
