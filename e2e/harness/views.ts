import { readFileSync } from "node:fs";
import { type Page } from "puppeteer-core";
import { runs } from "@/testing";
import { type Screen } from "../screen";
import { goTo, ready, type Size } from "./browser";
import { type Visit } from "./visit";

/** Every view there is, stop by stop, with the plan it is looked at in. */
export const views: readonly { readonly plan: string | null; readonly addresses: readonly string[] }[] = [
  { plan: null, addresses: ["/"] },
  { plan: null, addresses: ["/library/panels", "/library/inputs", "/library/panels#read"] },
  { plan: null, addresses: ["/phones"] },
  {
    plan: null,
    addresses: [
      "/practice",
      "/practice#thirdInSeries.1.5",
      "/practice#deadPlug.1.5",
      "/practice#holeTwice.1.5",
      "/practice#noFuse.1.5",
    ],
  },
  { plan: "The Lantern", addresses: ["/wiring", "/wiring#year"] },
  { plan: "The Lantern", addresses: ["/need"] },
  { plan: "The Lantern", addresses: ["/layout", "/layout#lockers", "/layout#sheets"] },
  {
    plan: "The Lantern",
    addresses: ["/protection", "/protection#cables", "/protection#plugs", "/protection#list", "/protection#order"],
  },
  { plan: "The Lantern", addresses: ["/mounting", "/mounting#forces", "/mounting#takes", "/mounting#surfaces"] },
  { plan: "The Lantern", addresses: ["/test", "/test#pair", "/test#report", "/test#standin"] },
  { plan: "Bee-keeper", addresses: ["/wiring#finder", "/wiring#buy"] },
  { plan: "Narrowboat", addresses: ["/panels", "/panels#read"] },
  { plan: "Narrowboat", addresses: ["/controller", "/controller#read"] },
  { plan: "Narrowboat", addresses: ["/need#place", "/need#facing"] },
  { plan: "Narrowboat", addresses: ["/mounting"] },
  { plan: "Narrowboat", addresses: ["/log", "/log#jobs", "/log#month", "/log#roof"] },
];

type Group = (typeof views)[number];

/** Whether a view is the first of its group, or this is the soak, which leaves nothing out. */
export function isLookedAtWholly(address: string, { addresses }: Group): boolean {
  return address === addresses[0] || runs(1) > 1;
}

export function lightsAt(address: string, group: Group): readonly ("Paper" | "Sunlight" | "Lantern")[] {
  return isLookedAtWholly(address, group) ? ["Paper", "Sunlight", "Lantern"] : ["Paper"];
}

/** Goes through some views one after another on one page, as a person would, and does the same at each. */
export async function throughViews(
  { open, plan }: Visit,
  { plan: name, addresses }: Group,
  size: Size,
  at: (screen: Screen, address: string) => Promise<void>,
): Promise<void> {
  const home = name === null ? "" : await plan(name);
  let screen: Screen | null = null;
  for (const address of addresses) {
    if (screen === null) screen = await open(`${home}${address}`, size);
    else await goOn(screen.page, `${home}${address}`);
    const { page } = screen;
    if (address.endsWith("#year")) await page.waitForSelector("[data-year=settled] [data-chart=year]");
    if (address === "/protection") await page.waitForSelector("g[data-type=panel]");
    if (address === "/wiring") await page.waitForSelector("[data-testid=window-chart] svg");
    await at(screen, address);
  }
}

/** On to another address; where it is one of the same page, until that page shows something else. */
async function goOn(page: Page, address: string): Promise<void> {
  const shown = () => page.$eval("main", (main) => main.innerText);
  const before = await shown();
  await goTo(page, new URL(address, page.url()).href);
  await page.waitForFunction((was) => document.querySelector("main")?.innerText !== was, {}, before);
  await ready(page);
}

/** How far a page runs over its screen to the right, px. */
export function overflowPx(page: Page): Promise<number> {
  return page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
}

export async function light(screen: Screen, name: "Paper" | "Sunlight" | "Lantern"): Promise<void> {
  await screen.fields.press(name);
  await screen.page.waitForSelector(`[aria-label=${name}][aria-pressed=true]`);
}

const axeSource = readFileSync(require.resolve("axe-core/axe.min.js"), "utf8");

/** What axe finds; `rules` is all of them unless some are named. */
export async function violations(page: Page, rules: readonly string[] | null): Promise<string[]> {
  // evaluated through the debugging protocol: the page's own policy forbids injected scripts, as it should
  await page.evaluate(axeSource);
  return page.evaluate(async (wanted: readonly string[] | null) => {
    type Found = { violations: { id: string; nodes: { html: string; failureSummary?: string }[] }[] };
    const { axe } = globalThis as unknown as { axe: { run: (options: object) => Promise<Found> } };
    return (await axe.run(wanted === null ? {} : { runOnly: wanted })).violations.map(
      ({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 200) ?? ""} ${nodes[0]?.failureSummary ?? ""}`,
    );
  }, rules);
}
