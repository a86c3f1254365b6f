import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { type Page } from "puppeteer-core";
import { e2eTest } from "./harness/visit";

/** From the left of "Scale" to the left of the ruler's words, mm, on every page that has both, as another program measures it. */
function rulersIn(pdf: Buffer): number[] {
  const folder = mkdtempSync(path.join(os.tmpdir(), "golden-array-print-"));
  const file = path.join(folder, "print.pdf");
  writeFileSync(file, pdf);
  const boxes = execFileSync("pdftotext", ["-bbox", file, "-"], { encoding: "utf8" });
  rmSync(folder, { recursive: true });
  const leftMm = (page: string, word: string) => {
    const [, pt] = new RegExp(`xMin="([\\d.]+)"[^>]*>${word}<`).exec(page) ?? [];
    return pt === undefined ? null : (Number(pt) / 72) * 25.4;
  };
  return boxes.split("<page").flatMap((page) => {
    const [title, ruler] = [leftMm(page, "Scale"), leftMm(page, "100</word>\\s*<word[^>]*>mm\\.")];
    return title === null || ruler === null ? [] : [ruler - title];
  });
}

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

e2eTest("every step goes to paper, A4 or Letter, and the screen is back afterwards", async ({ open, plan }) => {
  const address = await plan("The Lantern");
  const expected: Readonly<Record<string, RegExp>> = {
    wiring: /The Lantern[^]*Wiring · revision 1[^]*PV 1[^]*Checks[^]*your local code and a licensed person/,
    panels: /Label value[^]*Pmax[^]*On the sticker/,
    controller: /Data sheet[^]*PV 1/,
    protection: /Cables, each twice[^]*Parts to buy[^]*Making the leads[^]*Battery|Cover the panels/,
    mounting: /Step by step[^]*Drill the frames, once[^]*Measured twice[^]*Materials[^]*Safety/,
    test: /each panel alone[^]*operating voltage[^]*Safety/,
    log: /Log[^]*When[^]*Battery[^]*Lithium cells/,
    layout: /from the left edge[^]*hole/,
    need: /What runs in a day[^]*Panels, by the quick rule/,
  };
  for (const [step, words] of Object.entries(expected)) {
    const { page } = await open(`${address}/${step}`);
    if (step === "wiring") await page.waitForSelector("ol[aria-label=Checks] li");
    if (step === "protection") await page.waitForSelector("g[data-type=panel]");
    await page.waitForFunction(() => document.readyState === "complete");
    await begin(page);
    await page.waitForSelector("[data-testid=print]");
    for (const width of Object.values(paperPx)) {
      const { text, overPx } = await paper(page, width);
      expect(text).toMatch(words);
      // the screen itself is not printed
      expect(text).not.toMatch(/Saved|Undo|Skip to the step/);
      expect({ step, width, overPx }).toEqual({ step, width, overPx: 0 });
    }
    if (step === "protection") expect(await page.$("[data-testid=print] img[alt='Wiring diagram']")).not.toBeNull();
    if (step === "wiring") {
      const drawn = await page.$$eval("[data-testid=print] svg rect", (panels) => panels.length);
      expect(drawn).toBe(await page.$$eval("[data-tile]", (tiles) => tiles.length));
    }
    // a drawing to scale is so on paper: its ruler of 100 mm begins with the sheet's title, and its words stand 2 mm behind its end
    if (step === "mounting" || step === "layout") {
      const rulersMm = rulersIn(Buffer.from(await page.pdf({ format: "A4", preferCSSPageSize: true })));
      expect(rulersMm.length).toBeGreaterThan(0);
      for (const mm of rulersMm) expect(Math.abs(mm / 102 - 1)).toBeLessThan(0.005);
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
