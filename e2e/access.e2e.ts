import { type Page } from "puppeteer-core";
import { desktop, phone, type Size } from "./harness";
import { light, overflowPx, throughViews, views, violations } from "./harness/views";
import { e2eTest } from "./harness/visit";

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

/** Makes a page that is open one of another screen, without loading it anew, as the browser's own way of doing so would. */
async function resize(page: Page, { width, height }: Size): Promise<void> {
  const isPhone = width < 500;
  const session = await page.createCDPSession();
  await session.send("Emulation.setTouchEmulationEnabled", { enabled: isPhone });
  await session.send("Emulation.setDeviceMetricsOverride", { width, height, deviceScaleFactor: 1, mobile: isPhone });
  await page.waitForFunction((wide) => innerWidth === wide, {}, width);
  await session.detach();
}

/**
 * Every view, loaded once: at a desk and then under a thumb. Axe finds nothing, nothing runs over, and a thumb can hit it. What differs
 * between lights are colours and sizes: contrast in the others is looked at in the first view of each group.
 */
for (const group of views)
  e2eTest(
    `${group.plan ?? "No plan"} ${group.addresses[0]}: axe finds nothing, nothing runs over, a thumb can hit it`,
    async (visit) =>
      throughViews(visit, group, desktop, async (screen, address) => {
        const { page, fields } = screen;
        const isFirst = address === group.addresses[0];
        const look = async (at: string, axe: readonly string[] | "all" | "none", targets: boolean) => {
          const found = axe === "none" ? [] : await violations(page, axe === "all" ? null : axe);
          const small = targets ? await smallTargets(page) : [];
          expect({ address, at, found, over: await overflowPx(page), small }).toEqual({
            address,
            at,
            found: [],
            over: 0,
            small: [],
          });
        };
        await light(screen, "Paper");
        await look("desk, Paper", "all", false);
        for (const name of isFirst ? (["Sunlight", "Lantern"] as const) : []) {
          await light(screen, name);
          await look(`desk, ${name}`, ["color-contrast"], false);
        }
        await resize(page, phone);
        // units and lights are folded away there, and stay unfolded while the page is the same
        const folded = await page.$("[aria-label='Export, units and light'][aria-expanded=false]");
        if (folded !== null) await fields.press("Export, units and light");
        // the lantern's light has the sizes of paper
        for (const name of ["Paper", "Sunlight"] as const) {
          await light(screen, name);
          await look(`phone, ${name}`, isFirst && name === "Paper" ? "all" : "none", true);
        }
        await resize(page, desktop);
      }),
  );

e2eTest("the light one reads by is there again the next time", async ({ open }) => {
  const first = await open("/");
  await first.fields.press("Lantern");
  const next = await open("/library/inputs");
  await next.page.waitForSelector("[aria-label=Lantern][aria-pressed=true]");
});
