import { readFileSync } from "node:fs";
import { type Page } from "puppeteer-core";
import { desktop, phone } from "./harness";
import { type Visit, walk } from "./harness/visit";

/** Every view in every light, wide and narrow, checked by axe; and targets a thumb can hit. */
const axeSource = readFileSync(require.resolve("axe-core/axe.min.js"), "utf8");

const views: readonly { readonly plan: string | null; readonly address: string }[] = [
  { plan: null, address: "/" },
  { plan: null, address: "/library/panels" },
  { plan: null, address: "/library/inputs" },
  { plan: null, address: "/library/panels#read" },
  { plan: null, address: "/phones" },
  { plan: "The Lantern", address: "/wire" },
  { plan: "Bee-keeper", address: "/wire#finder" },
  { plan: "Bee-keeper", address: "/wire#buy" },
  { plan: "Narrowboat", address: "/panels" },
  { plan: "Narrowboat", address: "/input" },
  { plan: "Narrowboat", address: "/panels#read" },
  { plan: "Narrowboat", address: "/input#read" },
  { plan: "The Lantern", address: "/need" },
  { plan: "Narrowboat", address: "/need#place" },
  { plan: "Narrowboat", address: "/need#facing" },
  { plan: "The Lantern", address: "/need#year" },
  { plan: "The Lantern", address: "/space" },
  { plan: "The Lantern", address: "/space#lockers" },
  { plan: "The Lantern", address: "/space#sheets" },
  { plan: "The Lantern", address: "/protect" },
  { plan: "The Lantern", address: "/protect#cables" },
  { plan: "The Lantern", address: "/protect#plugs" },
  { plan: "The Lantern", address: "/protect#list" },
  { plan: "The Lantern", address: "/protect#order" },
  { plan: "Narrowboat", address: "/mount" },
  { plan: "The Lantern", address: "/mount" },
  { plan: "The Lantern", address: "/mount#forces" },
  { plan: "The Lantern", address: "/mount#takes" },
  { plan: "The Lantern", address: "/mount#skins" },
  { plan: "The Lantern", address: "/prove" },
  { plan: "The Lantern", address: "/prove#pair" },
  { plan: "The Lantern", address: "/prove#report" },
  { plan: "The Lantern", address: "/prove#standin" },
  { plan: "Narrowboat", address: "/log" },
  { plan: "Narrowboat", address: "/log#jobs" },
  { plan: "Narrowboat", address: "/log#month" },
  { plan: "Narrowboat", address: "/log#roof" },
  { plan: null, address: "/practice" },
  { plan: null, address: "/practice#thirdInSeries.1.5" },
  { plan: null, address: "/practice#deadPlug.1.5" },
  { plan: null, address: "/practice#holeTwice.1.5" },
  { plan: null, address: "/practice#noFuse.1.5" },
];

/** What axe finds; `rules` is all of them unless some are named. */
async function violations(page: Page, rules: readonly string[] | null): Promise<string[]> {
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

/** What is pressed by a finger and is smaller than a thumb's 44 px. */
function smallTargets(page: Page): Promise<string[]> {
  return page.$$eval("button, a[href], input:not([type=file]), [role=combobox], textarea", (elements) =>
    elements.flatMap((element) => {
      // an input's target is the box around it
      const { width, height, right } = (element.closest(".MuiInputBase-root") ?? element).getBoundingClientRect();
      const words = element.textContent ?? "";
      const inSentence =
        getComputedStyle(element).display === "inline" && (element.parentElement?.textContent ?? "").indexOf(words) > 0;
      const hidden = width === 0 || right < 0;
      return hidden || inSentence || (height >= 43.5 && width >= 43.5)
        ? []
        : [`${words}${element.getAttribute("aria-label") ?? ""} ${Math.round(width)}×${Math.round(height)}`];
    }),
  );
}

async function isAccessible(visit: Visit, url: string): Promise<void> {
  for (const size of [desktop, phone]) {
    const screen = await visit.open(url, size);
    const { page, fields } = screen;
    if (size === phone && url.startsWith("/plan/")) await fields.press("Export, units and light");
    if (url.endsWith("#year")) await page.waitForSelector("[data-year=settled] [data-chart=year]");
    if (url.endsWith("/protect")) await page.waitForSelector("g[data-type=panel]");
    if (url.endsWith("/wire")) await page.waitForSelector("[data-testid=window-chart] svg");
    // the lantern's light has the sizes of paper: narrow, it can differ in nothing that is looked at
    for (const light of size === desktop ? ["Paper", "Sunlight", "Lantern"] : ["Paper", "Sunlight"]) {
      await fields.press(light);
      await page.waitForSelector(`[aria-label=${light}][aria-pressed=true]`);
      // a light is a matter of colours and sizes: what axe finds in one it finds in all, but for contrast, which no width changes
      const rules = light === "Paper" ? null : ["color-contrast"];
      const found = light === "Paper" || size === desktop ? await violations(page, rules) : [];
      expect({ size, light, found }).toEqual({ size, light, found: [] });
      const overflowPx = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect({ size, light, overflowPx }).toEqual({ size, light, overflowPx: 0 });
      if (size === phone) expect({ light, small: await smallTargets(page) }).toEqual({ light, small: [] });
    }
    await page.close();
  }
}

for (const { plan, address } of views)
  walk(`${plan ?? "No plan"} ${address}: axe finds nothing, nothing runs over, a thumb can hit it`, async (visit) =>
    isAccessible(visit, plan === null ? address : `${await visit.plan(plan)}${address}`),
  );

walk("the light one reads by is there again the next time", async ({ open }) => {
  const first = await open("/");
  await first.fields.press("Lantern");
  const next = await open("/library/inputs");
  await next.page.waitForSelector("[aria-label=Lantern][aria-pressed=true]");
});
