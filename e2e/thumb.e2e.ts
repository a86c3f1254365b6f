import { type Page } from "puppeteer-core";
import { phone } from "./harness";
import { isLookedAtWholly, light, lightsAt, overflowPx, throughViews, views, violations } from "./harness/views";
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

/** Every view on a phone. At a desk, and in all lights: `access.e2e.ts`. */
for (const group of views)
  e2eTest(
    `${group.plan ?? "No plan"} ${group.addresses[0]}: on a phone axe finds nothing, nothing runs over, a thumb can hit it`,
    async (visit) =>
      throughViews(visit, group, phone, async (screen, address) => {
        const { page, fields } = screen;
        // units and lights are folded away there, and stay unfolded while the page is the same
        const folded = await page.$("[aria-label='Export, units and display'][aria-expanded=false]");
        if (folded !== null) await fields.press("Export, units and display");
        // the lantern's light has the sizes of paper: narrow, it can differ in nothing that is looked at
        for (const name of lightsAt(address, group).filter((each) => each !== "Lantern")) {
          await light(screen, name);
          // contrast is the same at any width, and so are most views: the rest in the soak
          const found = name === "Paper" && isLookedAtWholly(address, group) ? await violations(page, null) : [];
          expect({ address, name, found }).toEqual({ address, name, found: [] });
          const over = await overflowPx(page);
          expect({ address, name, over }).toEqual({ address, name, over: 0 });
          expect({ address, name, small: await smallTargets(page) }).toEqual({ address, name, small: [] });
        }
      }),
  );
