import { type Page } from "puppeteer-core";
import { phone } from "./harness";
import { walk } from "./harness/visit";

/** A roof drawn, things and panels on it by press, number, key and mouse; what is wrong told; shadows by the hour. */
async function middleOf(page: Page, selector: string): Promise<{ x: number; y: number }> {
  const found = await page.waitForSelector(selector);
  await found?.evaluate((element) => element.scrollIntoView({ block: "center", behavior: "instant" }));
  const box = await found?.boundingBox();
  if (box === undefined || box === null) throw new Error(`${selector} is not on the screen`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

walk(
  "a roof is drawn and panels are laid by press, number, key and mouse; undo goes over it",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan("Bee-keeper")}/space`);
    await fields.press("Draw a roof");
    const [first = "", second = ""] = await page.$$eval("button", (all) =>
      all.map((each) => each.textContent ?? "").filter((words) => / [12]$/.test(words)),
    );
    await fields.press(first);
    await fields.type("From the left", "600");
    await fields.type("From the back", "1000");
    await fields.says("main", /1 panel lies here, and nothing is in the way/);
    await fields.press(second);
    await fields.type("From the left", "900");
    await fields.type("From the back", "1000");
    await fields.says("[aria-label='What is wrong']", /lies over .* by [\d]+\scm²/);
    // by keys: so far to the right that they lie side by side
    await page.$eval("[data-panel$='.2']", (panel) => (panel as SVGElement).focus());
    for (let k = 0; k < 7; k++) await fields.chord("Shift", "ArrowRight");
    await fields.says("main", /2 panels lie here, and nothing is in the way/);
    // by mouse, over the edge
    const from = await middleOf(page, "[data-panel$='.2']");
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y, { steps: 5 });
    await page.mouse.up();
    await fields.says("[aria-label='What is wrong']", /hangs over the edge/);
    await fields.press("Undo");
    await fields.says("main", /2 panels lie here, and nothing is in the way/);
    await fields.saved();
  },
);

walk("shadows go with the sun: what stands beside a panel takes its light, cell by cell", async ({ open, plan }) => {
  const { page, fields } = await open(`${await plan()}/space`, phone);
  const litOf = (key: string) =>
    page.$eval(`[data-panel='${key}']`, (panel) =>
      Number(/(\d+) % lit/.exec(panel.getAttribute("aria-label") ?? "")?.[1]),
    );
  const setHour = async (hour: number, name = "Hour") => {
    await page.$eval(
      `input[aria-label='${name}']`,
      (input, value) => {
        const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
        setter?.call(input, String(value));
        input.dispatchEvent(new Event("input", { bubbles: true }));
      },
      hour,
    );
  };
  await page.waitForSelector("[data-panel='roof.3']");
  await setHour(9, "Month");
  const lit: number[] = [];
  for (const hour of [7, 9, 12, 15, 17, 18]) {
    await setHour(hour);
    await fields.says("main", new RegExp(`${hour}:00 by the sun`));
    lit.push(await litOf("roof.3"));
  }
  expect(Math.max(...lit)).toBe(100);
  expect(Math.min(...lit)).toBeLessThan(90);
  // at night nothing is lit
  await setHour(3);
  await fields.says("main", /below the horizon/);
  expect(await litOf("roof.3")).toBe(0);
});
