import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { type Page } from "puppeteer-core";
import { reload } from "./harness";
import { eventually, e2eTest } from "./harness/visit";

/** A wiring becomes copper: cables said and sized, fuses fitted, plugs followed, the list counted, sheets taken along. */

/** Presses a box of the drawing by key, as one who has no mouse. */
async function pressBox(page: Page, name: string): Promise<void> {
  const found = await page.waitForSelector(`[role=button][aria-label^='${name}']`);
  await found?.evaluate((box) => (box as SVGElement).focus());
  await page.keyboard.press("Enter");
  await page.waitForSelector(`[role=button][aria-label^='${name}'][aria-pressed=true]`);
}

const boxes = (page: Page, type: string) => page.$$eval(`g[data-type='${type}']`, (all) => all.length);

/** Waits until the browser has saved a file whole, and gives it. */
async function saved(folder: string, ending: string): Promise<Buffer> {
  const found = () => readdirSync(folder).find((name) => name.endsWith(ending));
  await eventually(() => Promise.resolve(found() !== undefined));
  return readFileSync(path.join(folder, found() ?? ""));
}

e2eTest(
  "a cable is said and sized, too thin is a Stop that one press mends, and fuses end their Care",
  async ({ open, plan }) => {
    const { page, fields, ledger } = await open(`${await plan("Bee-keeper")}/protection`);
    await page.waitForSelector("g[data-type=panel]");
    expect([await boxes(page, "panel"), await boxes(page, "fuse"), await boxes(page, "switch")]).toEqual([3, 3, 1]);
    await fields.says("main", /Fit a 15\sA fuse in string 1, string 2, and string 3/);
    await fields.press("Fit 3 × 15 A fuse");
    await page.waitForFunction(
      () => document.querySelectorAll("[aria-label^='PV fuse 15'][aria-label$='string 1']").length === 1,
    );
    await page.waitForFunction(() => !/Fit a 15.A fuse/.test(document.querySelector("main")?.textContent ?? ""));
    await pressBox(page, "To the isolator");
    await fields.says("main", /Voltage drop in full sun, at the assumed length/);
    // what cannot be is refused where it is typed, and changes nothing
    await fields.type("Length, one way", "900");
    await fields.says("[role=alert]", /900\sm is outside the range 0\.01 to 200\sm/);
    await fields.type("Length, one way", "20");
    await fields.says("main", /Voltage drop in full sun[\d.]+\sV, [\d.]+\s% \(at most 3\.0\s%\)/);
    await fields.says("main", /In a year[\d.]+ kWh/);
    await fields.choose("Size", "2.5\u00a0mm²");
    await ledger.is("stop");
    await fields.says("main", /must carry 39\.41\sA .*; 2\.5\smm² can carry only [\d.]+\sA/);
    await page.waitForSelector("g[data-type=cable][data-level=stop]");
    await fields.press("Use ");
    await ledger.is("care");
    await fields.press("Undo");
    await ledger.is("stop");
    await fields.press("Redo");
    await ledger.is("care");
    await fields.saved();
    // it is still there for whoever comes later
    await reload(page);
    await pressBox(page, "To the isolator");
    await fields.shows("Length, one way", "20");
    // the whole way in one line, and sizes beside other wirings of the same panels
    await page.$eval("#protection-tab-cables", (tab) => (tab as HTMLElement).click());
    await fields.says("main", /Together, from the panels to [^]*(at most|above) 3\.0\s%/);
    await fields.says("main", /1S3P \(now\)[^]*mm²/);
    await fields.says("main", /3S is not in the table: Voc [\d.]+\sV on the coldest dawn, above the max PV voltage/);
  },
);

e2eTest(
  "plugs are followed from joint to joint: a question while nobody looked, a Stop when turned round",
  async ({ open, plan }) => {
    const { page, fields, ledger } = await open(`${await plan("Rooftop")}/protection#plugs`);
    await page.waitForSelector("[aria-label='From the panels to the PV input'] li");
    await fields.choose("Connector of the PV input", "Modular two-pole plug");
    await ledger.is("open");
    await fields.says("main", /Polarity not checked .* Measure before you plug in/);
    await fields.press("Enter the adapters I have");
    await fields.choose("Adapter 1: polarity as assembled", "reversed (measured)");
    await ledger.is("stop");
    await fields.says("main", /Reversed polarity at .*“4 mm PV latch connector to modular.* Do not plug in/);
    await fields.choose("Adapter 1: polarity as assembled", "correct (measured)");
    await page.waitForFunction(() => !/Reversed polarity at/.test(document.querySelector("main")?.textContent ?? ""));
    // a plug of one's own that bears too little
    await fields.press("Add a kind of connector");
    await fields.type("Rated current", "0.6");
    await fields.choose("Connector of the PV input", "Connector 1");
    await fields.says("main", /do not fit each other|No known adapters|No chain of known adapters/);
  },
);

e2eTest(
  "the list is counted, priced and compared; drawing, labels and list are saved as files",
  async ({ open, plan, files }) => {
    const { page, fields } = await open(`${await plan()}/protection`);
    await fields.press("Press day");
    await page.waitForFunction(() => document.querySelectorAll("g[data-type=bank]").length === 1);
    for (const [button, ending, begins] of [
      ["PDF", "wiring.pdf", "%PDF-"],
      ["SVG", "wiring.svg", "<svg"],
      ["PNG", "wiring.png", "\u0089PNG"],
      ["Stickers, PDF", "labels.pdf", "%PDF-"],
    ] as const) {
      await fields.press(button);
      const file = await saved(files, ending);
      expect(file.subarray(0, begins.length).toString("latin1")).toBe(begins);
    }
    await page.$eval("#protection-tab-list", (tab) => (tab as HTMLElement).click());
    await fields.says("main", /PV cable 6.mm², red|Cable 6.mm², red/);
    const money = async () =>
      /Parts to buy([\d.]+)/.exec((await page.$eval("main", (main) => main.textContent)) ?? "")?.[1];
    const before = Number(await money());
    await fields.type("Cable 6\u00a0mm², red: already have", "5");
    await eventually(async () => Number(await money()) < before);
    await fields.choose("Compare with", "Every day");
    await fields.says("main", /Its parts cost/);
    await fields.press("CSV");
    expect((await saved(files, "parts.csv")).toString()).toMatch(/^group,part,unit,takes[^]*Ring terminal|Ferrule/);
    await fields.press("JSON");
    expect(JSON.parse((await saved(files, "parts.json")).toString())).toMatchObject({
      format: "golden-array-parts",
      version: 1,
    });
    await page.$eval("#protection-tab-order", (tab) => (tab as HTMLElement).click());
    const order = await fields.says("main", /Battery first, then panels: connect Lodestone Long/);
    expect(order.indexOf("Battery first")).toBeLessThan(order.indexOf("Remove all covers"));
  },
);
