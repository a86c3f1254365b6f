import { type Page } from "puppeteer-core";
import { walk } from "./harness/visit";

/** Widths of paper without its margins, in CSS px: A4 and Letter. */
const paperPx = { a4: ((210 - 24) / 25.4) * 96, letter: ((216 - 24) / 25.4) * 96 };

async function begin(page: Page): Promise<void> {
  await page.emulateMediaType("print");
  await page.evaluate(() => window.dispatchEvent(new Event("beforeprint")));
}

async function end(page: Page): Promise<void> {
  await page.evaluate(() => window.dispatchEvent(new Event("afterprint")));
  await page.emulateMediaType("screen");
}

/** What stands on paper, and how far it runs over its width. */
async function paper(page: Page, width: number): Promise<{ text: string; overPx: number }> {
  await page.setViewport({ width: Math.round(width), height: 1000 });
  return page.evaluate(() => ({
    text: document.body.innerText,
    overPx: document.documentElement.scrollWidth - document.documentElement.clientWidth,
  }));
}

walk("every stop goes to paper, A4 or Letter, and the screen is back afterwards", async ({ open, plan }) => {
  const address = await plan("The Lantern");
  const expected: Readonly<Record<string, RegExp>> = {
    wire: /The Lantern[^]*Wire · revision 1[^]*Port 1[^]*What the rules say[^]*your local code and a licensed person/,
    panels: /Line of the label[^]*Pmax[^]*On the sticker/,
    input: /Line of the data sheet[^]*Port 1/,
    protect: /Cables, each twice[^]*Parts to buy[^]*Making the leads[^]*Battery|Cover the panels/,
    mount: /Step by step[^]*Drill the frames, once[^]*Measured twice[^]*Materials[^]*Take care/,
    prove: /each panel alone[^]*running volts[^]*Take care/,
    log: /Log[^]*When[^]*Battery[^]*Lithium cells/,
    need: /What runs in a day[^]*Panels by the quick rule/,
  };
  for (const [stop, words] of Object.entries(expected)) {
    const { page } = await open(`${address}/${stop}`);
    if (stop === "wire") await page.waitForSelector("[aria-label='Ledger of rules'] li");
    if (stop === "protect") await page.waitForSelector("g[data-type=panel]");
    await page.waitForFunction(() => document.readyState === "complete");
    await begin(page);
    await page.waitForSelector("[data-testid=print]");
    for (const width of Object.values(paperPx)) {
      const { text, overPx } = await paper(page, width);
      expect(text).toMatch(words);
      // the screen itself is not printed
      expect(text).not.toMatch(/Saved|Undo|Skip to the stop/);
      expect({ stop, width, overPx }).toEqual({ stop, width, overPx: 0 });
    }
    if (stop === "protect") expect(await page.$("[data-testid=print] img[alt='Wiring diagram']")).not.toBeNull();
    if (stop === "wire") {
      const drawn = await page.$$eval("[data-testid=print] svg rect", (panels) => panels.length);
      expect(drawn).toBe(await page.$$eval("[data-tile]", (tiles) => tiles.length));
    }
    await end(page);
    expect(await page.$("[data-testid=print]")).toBeNull();
    // the browser's own printing draws it by itself
    expect(
      Buffer.from(await page.pdf({ format: "A4" }))
        .subarray(0, 5)
        .toString(),
    ).toBe("%PDF-");
    await page.close();
  }
});
