import { desktop } from "./harness";
import { light, lightsAt, overflowPx, throughViews, views, violations } from "./harness/views";
import { e2eTest } from "./harness/visit";

/**
 * Every view at a desk: axe finds nothing, and nothing runs over. Under a thumb: `thumb.e2e.ts`. A light is a matter of colours and sizes:
 * each is looked at in the first view of every group, and in all of them in the soak.
 */
for (const group of views)
  e2eTest(
    `${group.plan ?? "No plan"} ${group.addresses[0]}: axe finds nothing in any light, nothing runs over`,
    async (visit) =>
      throughViews(visit, group, desktop, async (screen, address) => {
        for (const name of lightsAt(address, group)) {
          await light(screen, name);
          // what axe finds in one light it finds in all, but for contrast
          const found = await violations(screen.page, name === "Paper" ? null : ["color-contrast"]);
          expect({ address, name, found }).toEqual({ address, name, found: [] });
          const over = await overflowPx(screen.page);
          expect({ address, name, over }).toEqual({ address, name, over: 0 });
        }
      }),
  );

e2eTest("the light one reads by is there again the next time", async ({ open }) => {
  const first = await open("/");
  await first.fields.press("Lantern");
  const next = await open("/library/inputs");
  await next.page.waitForSelector("[aria-label=Lantern][aria-pressed=true]");
});
