import { readdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { setTimeout } from "node:timers/promises";
import { type ElementHandle, type Page } from "puppeteer-core";
import { phone } from "./harness";
import { steady } from "./screen/fields";
import { e2eTest } from "./harness/visit";

/** A roof drawn, things and panels on it by press, number, key and mouse; what is wrong told; shadows by the hour. */
async function middleOf(page: Page, selector: string): Promise<{ x: number; y: number }> {
  const found = await page.waitForSelector(selector);
  await found?.evaluate((element) => element.scrollIntoView({ block: "center", behavior: "instant" }));
  const box = await found?.boundingBox();
  if (box === undefined || box === null) throw new Error(`${selector} is not on the screen`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

e2eTest(
  "a roof is drawn and panels are laid by press, number, key and mouse; undo goes over it",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan("Bee-keeper")}/layout`);
    await fields.press("Draw a roof");
    const [first = "", second = ""] = await page.$$eval("button", (all) =>
      all.map((each) => each.textContent ?? "").filter((words) => / [12]$/.test(words)),
    );
    await fields.press(first);
    await fields.type("From the left", "600");
    await fields.type("From the back", "1000");
    await fields.says("main", /1 panel placed, no conflicts/);
    await fields.press(second);
    await fields.type("From the left", "900");
    await fields.type("From the back", "1000");
    await fields.says("[aria-label=Conflicts]", /overlaps .* by [\d]+\scm²/);
    // by keys, as the roof is seen with its front to the right: so far to its right that they lie side by side
    await page.$eval("[data-panel$='.2']", (panel) => (panel as SVGElement).focus());
    for (let k = 0; k < 7; k++) await fields.chord("Shift", "ArrowDown");
    await fields.says("main", /2 panels placed, no conflicts/);
    // by mouse, over the edge
    const from = await middleOf(page, "[data-panel$='.2']");
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x, from.y + 60, { steps: 5 });
    await page.mouse.up();
    await fields.says("[aria-label=Conflicts]", /projects over the edge/);
    // the ledger's fixes stand beside what is wrong: one press, and it lies free again
    await page.waitForSelector("[aria-label=Conflicts] button");
    await fields.press("Move ");
    await fields.says("main", /2 panels placed, no conflicts/);
    await fields.press("Undo");
    await fields.says("[aria-label=Conflicts]", /projects over the edge/);
    await fields.press("Undo");
    await fields.says("main", /2 panels placed, no conflicts/);
    await fields.saved();
  },
);

e2eTest(
  "it is filled by a press: offers that differ, one laid, undone; the year's shade told before",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan()}/layout`);
    await fields.press("Calculate yearly shading");
    await fields.says("[aria-label='Lost to shade in a year']", /half-cut 3[\d.]+\skWh lost, [\d.]+ %/);
    await page.waitForSelector("[data-testid=shade-map] path");
    const laid = () =>
      page.$$eval("[data-panel]", (panels) => panels.map((panel) => panel.getAttribute("data-panel")).sort());
    const before = await laid();
    await fields.press("Auto-layout");
    const offers = await fields.says(
      "[aria-label='Layouts to choose from']",
      /Keep obstacles and free areas: [\d\s]+W with 6 panels/,
    );
    expect(offers).toMatch(/Least shade: .*left after shade|left after shade/);
    expect(offers).toMatch(/Highest wattage: .*Uses the space of “Walkway, canal side”/);
    await fields.press("Use this layout: Keep obstacles and free areas");
    await page.waitForFunction(() => document.querySelectorAll("[data-panel]").length === 6);
    await fields.says("main", /6 panels placed, no conflicts/);
    // what was worked out is of another layout now, and says so
    await fields.says("main", /Something was moved since/);
    await fields.press("Undo");
    await page.waitForFunction(
      (count: number) => document.querySelectorAll("[data-panel]").length === count,
      {},
      before.length,
    );
    expect(await laid()).toEqual(before);
  },
);

e2eTest(
  "zones, holes and cable ways are drawn and measured; several things are brought in line",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan()}/layout`);
    await fields.press("Hidden cables or ribs");
    await page.waitForSelector("[data-zone][data-chosen=true]");
    // its corners by keys: the first is pulled to the roof's edge
    await page.$eval("[data-corner='0']", (corner) => (corner as SVGElement).focus());
    await fields.chord("Shift", "ArrowLeft");
    await page.waitForFunction(() =>
      /: 400 by 500 mm|: 500 by 400 mm/.test(
        document.querySelector("[data-zone][data-chosen=true]")?.getAttribute("aria-label") ?? "",
      ),
    );
    await fields.press("Add a gland or hole");
    await fields.says("[aria-label=Conflicts]", /The hole for “Gland” would go through “Hidden cables or ribs”/);
    await fields.press("Already there");
    await fields.says("main", /4 panels placed, no conflicts/);
    await fields.press("Add a cable route");
    await fields.says("main", /cut length: .* on the surface, .* onward, 10 % extra/);
    await fields.type("Onward length", "2500");
    await fields.says("main", /2500\smm onward, 10 % extra/);
    // two panels chosen together, and their left edges brought in line
    await page.$eval("[data-panel='roof.1']", (panel) => (panel as SVGElement).focus());
    await page.keyboard.press("Enter");
    await page.$eval("[data-panel='roof.4']", (panel) => (panel as SVGElement).focus());
    await fields.chord("Shift", "Enter");
    await fields.says("main", /2 objects selected/);
    await fields.press("Align left edges");
    await page.waitForFunction(() =>
      /, 500 mm from the left/.test(document.querySelector("[data-panel='roof.4']")?.getAttribute("aria-label") ?? ""),
    );
    // one undo takes it back, for it was one thing done
    await fields.press("Undo");
    await page.waitForFunction(() =>
      /, 1400 mm from the left/.test(document.querySelector("[data-panel='roof.4']")?.getAttribute("aria-label") ?? ""),
    );
  },
);

e2eTest(
  "a panel is folded onto another in one position: it gives nothing there, and the other lies in the dark",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan()}/layout`);
    await fields.press("Under way");
    await page.$eval("[data-panel='roof.2']", (panel) => (panel as SVGElement).focus());
    await page.keyboard.press("Enter");
    const choice = await page.waitForSelector(
      "xpath///label[normalize-space()='In “Under way” folded onto']/..//*[@role='combobox']",
    );
    if (choice === null) throw new Error("it can be folded onto another");
    await (await steady(choice as ElementHandle<Element>)).click();
    await fields.press("Mossgate MG-195, half-cut 1");
    const light = (key: string) =>
      page.$eval(`[data-panel='${key}']`, (panel) => panel.getAttribute("aria-label") ?? "");
    await page.waitForSelector("[data-panel='roof.2'][data-down=true]");
    await page.waitForFunction(() =>
      /, 0 % lit/.test(document.querySelector("[data-panel='roof.1']")?.getAttribute("aria-label") ?? ""),
    );
    await fields.says("main", /4 panels placed, no conflicts/);
    await fields.press("Parked");
    await page.waitForFunction(() => document.querySelector("[data-down=true]") === null);
    expect(await light("roof.1")).toMatch(/100 % lit/);
    await fields.press("Under way");
    await fields.press("Reset to the default position");
    await page.waitForFunction(() =>
      /, 100 % lit/.test(document.querySelector("[data-panel='roof.1']")?.getAttribute("aria-label") ?? ""),
    );
  },
);

e2eTest(
  "a photo is laid under the drawing and scaled by two points; what is no picture is refused in a sentence",
  async ({ open, plan, files, server }) => {
    const { page, fields } = await open(`${await plan("Bee-keeper")}/layout`);
    await fields.press("Draw a roof");
    await fields.press("A photo under it");
    const [nonsense, picture] = [path.join(files, "nonsense.jpg"), path.join(files, "roof.png")];
    writeFileSync(nonsense, "not a picture at all");
    writeFileSync(picture, await aPicture(page));
    const picker = (await page.waitForSelector("[data-testid=photo-file]")) as ElementHandle<HTMLInputElement>;
    await picker.uploadFile(nonsense);
    await fields.says("[role=alert]", /nonsense\.jpg is not a readable picture\. Save it as JPEG or PNG/);
    await picker.uploadFile(picture);
    const image = await page.waitForSelector("svg image");
    const address = await image?.evaluate((element) => element.getAttribute("href"));
    const kept = await fetch(`${server.url}${address ?? ""}`);
    expect([kept.status, kept.headers.get("content-type"), kept.headers.get("x-content-type-options")]).toEqual([
      200,
      "image/jpeg",
      "nosniff",
    ]);
    await fields.press("Scale by two points");
    const drawing = await page.waitForSelector("svg[data-pointing=true]");
    await drawing?.evaluate((element) => element.scrollIntoView({ block: "center", behavior: "instant" }));
    const box = await drawing?.boundingBox();
    if (box === undefined || box === null) throw new Error("the drawing is on the screen");
    const scaleOf = () =>
      page.$eval("svg image", (element) =>
        Number(/scale\(([\d.]+)\)/.exec(element.getAttribute("transform") ?? "")?.[1]),
      );
    const before = await scaleOf();
    await page.mouse.click(box.x + box.width * 0.4, box.y + box.height * 0.5);
    await fields.says("[role=status]", /Press the second/);
    await page.mouse.click(box.x + box.width * 0.6, box.y + box.height * 0.5);
    await fields.says("[role=status]", /Enter the distance between the points/);
    await fields.type("Measured distance", "4000");
    await fields.press("Set the scale");
    await page.waitForFunction(
      (was: number) =>
        Number(/scale\(([\d.]+)\)/.exec(document.querySelector("svg image")?.getAttribute("transform") ?? "")?.[1]) !==
        was,
      {},
      before,
    );
    // a fifth of the drawing's width was so far apart: 4000 mm now
    const shownMm = await drawing?.evaluate((element) => (element as SVGSVGElement).viewBox.baseVal.width * 0.2);
    expect((await scaleOf()) / before).toBeCloseTo(4000 / (shownMm ?? 1), 1);
    // straight to the server: neither what is too large nor what is no picture is kept
    const post = (body: Uint8Array<ArrayBuffer>) =>
      fetch(`${server.url}/api/photos`, { method: "POST", body, headers: { "content-type": "image/jpeg" } });
    expect((await post(new TextEncoder().encode("<svg onload='x'>"))).status).toBe(422);
    expect((await post(new Uint8Array(3_000_000).fill(255))).status).toBe(413);
  },
);

e2eTest("folding panels go into lockers; sheets to take up come as PDF, SVG and DXF", async ({ open, plan, files }) => {
  const address = await plan();
  const { page, fields } = await open(`${address}/layout#lockers`);
  await fields.says("main", /2 × Thornby TF-160, folding pair/);
  await fields.says("[role=status]", /Fits /);
  await fields.type("Inside height", "20");
  await fields.says("[role=status]", /No space for /);
  await page.$eval("#layout-tab-sheets", (tab) => (tab as HTMLElement).click());
  await page.waitForSelector("img[alt^='Drawing of']");
  await fields.press("Also corners of panels");
  await fields.says("main", /\d+ pages of A4/);
  for (const [button, ending] of [
    ["Template as PDF", "template.pdf"],
    ["PDF", "drawing.pdf"],
    ["SVG", ".svg"],
    ["DXF, true size", ".dxf"],
  ] as const) {
    await fields.press(button);
    await savedAs(files, ending);
  }
  await fields.says("[aria-label='Rails to cut']", /2 × .*\smmacross, under/);
});

/** Waits until the browser has saved a file whole. */
async function savedAs(dir: string, ending: string): Promise<void> {
  for (let k = 0; k < 100; k++) {
    if (readdirSync(dir).some((name) => name.endsWith(ending))) return;
    await setTimeout(50);
  }
  throw new Error(`no ${ending} was saved`);
}

/** A PNG of two colours, drawn by the browser itself. */
async function aPicture(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [400, 300];
    const context = canvas.getContext("2d");
    if (context !== null) {
      context.fillStyle = "#8899aa";
      context.fillRect(0, 0, 400, 300);
    }
    return canvas.toDataURL("image/png");
  });
  return Buffer.from(url.slice(url.indexOf(",") + 1), "base64");
}

e2eTest("shadows go with the sun: what stands beside a panel takes its light, cell by cell", async ({ open, plan }) => {
  const { page, fields } = await open(`${await plan()}/layout`, phone);
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
    await fields.says("main", new RegExp(`${hour}:00, solar time`));
    lit.push(await litOf("roof.3"));
  }
  expect(Math.max(...lit)).toBe(100);
  expect(Math.min(...lit)).toBeLessThan(90);
  // with one thumb: a panel chosen, moved by the arrows under the drawing, measured
  await (
    await page.waitForSelector("[data-panel='roof.3']")
  )?.evaluate((panel) => panel.scrollIntoView({ block: "center" }));
  await (await page.$("[data-panel='roof.3']"))?.tap();
  await fields.tap("Right by 10 mm");
  await page.waitForFunction(() =>
    /, 510 mm from the left/.test(document.querySelector("[data-panel='roof.3']")?.getAttribute("aria-label") ?? ""),
  );
  await fields.says("[role=status]", /From the left edge 175\smm, from the right 1455\smm/);
  await fields.tap("Left by 10 mm");
  // at night nothing is lit
  await setHour(3);
  await fields.says("main", /below the horizon/);
  expect(await litOf("roof.3")).toBe(0);
});
