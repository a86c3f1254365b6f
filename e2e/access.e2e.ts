import { readFileSync } from "node:fs";
import { type Browser } from "puppeteer-core";
import { launchBrowser, openPage } from "./browser";
import { type RunningServer, startServer, temporaryDir } from "./server";

/** Every view in every light, wide and narrow, checked by axe; and targets a thumb can hit. */
const axeSource = readFileSync(require.resolve("axe-core/axe.min.js"), "utf8");
const temporary = temporaryDir();
let server: RunningServer;
let browser: Browser;
let views: string[] = [];

beforeAll(async () => {
  server = await startServer(temporary.dir, ["--demo"]);
  browser = await launchBrowser();
  const plans = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string }[];
  const boat = plans.find((plan) => plan.name.startsWith("Narrowboat"))?.id ?? "";
  const lantern = plans.find((plan) => plan.name.startsWith("The Lantern"))?.id ?? "";
  views = [
    "/",
    "/library/panels",
    "/library/inputs",
    `/plan/${lantern}/wire`,
    `/plan/${boat}/panels`,
    `/plan/${boat}/input`,
    `/plan/${boat}/wire`,
    `/plan/${boat}/mount`,
  ];
});
afterAll(async () => {
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
});

const lights = ["paper", "sunlight", "lantern"];
const sizes = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
];

describe.each(lights)("in %s light", (light) => {
  test.each(sizes)("axe finds nothing at $width × $height", async (size) => {
    await browser.setCookie({ name: "golden-array-light", value: light, domain: "127.0.0.1", path: "/" });
    for (const view of views) {
      const { page, complaints } = await openPage(browser, `${server.url}${view}`, size);
      if (view.endsWith("/wire")) await page.waitForSelector("[data-testid=window-chart] svg");
      // evaluated through the debugging protocol: the page's own policy forbids injected scripts, as it should
      await page.evaluate(axeSource);
      const violations = await page.evaluate(async () => {
        const { axe } = globalThis as unknown as {
          axe: {
            run: () => Promise<{ violations: { id: string; nodes: { html: string; failureSummary?: string }[] }[] }>;
          };
        };
        return (await axe.run()).violations.map(
          ({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 200) ?? ""} ${nodes[0]?.failureSummary ?? ""}`,
        );
      });
      expect({ view, violations }).toEqual({ view, violations: [] });
      const overflowPx = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect({ view, overflowPx }).toEqual({ view, overflowPx: 0 });
      expect(complaints).toEqual([]);
      await page.close();
    }
  });
});

test("on touch, everything that can be pressed is 44 px or more", async () => {
  for (const view of views) {
    const { page } = await openPage(browser, `${server.url}${view}`, { width: 390, height: 844 });
    const small = await page.$$eval("button, a[href], input:not([type=file]), [role=combobox], textarea", (elements) =>
      elements.flatMap((element) => {
        // an input's target is the box around it
        const box = (element.closest(".MuiInputBase-root") ?? element).getBoundingClientRect();
        const inSentence =
          element.parentElement !== null &&
          element.tagName === "A" &&
          /\S\s*$/.test(element.previousSibling?.textContent ?? "");
        const hidden = box.width === 0 || box.right < 0;
        return hidden || inSentence || (box.height >= 43.5 && box.width >= 43.5)
          ? []
          : [
              `${element.textContent ?? ""}${element.getAttribute("aria-label") ?? ""} ${Math.round(box.width)}×${Math.round(box.height)}`,
            ];
      }),
    );
    expect({ view, small }).toEqual({ view, small: [] });
    await page.close();
  }
});
