import { mkdtempSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { type ElementHandle } from "puppeteer-core";
import { launchBrowser, startServer, temporaryDir } from "../e2e/harness";
import { Fields } from "../e2e/screen/fields";
import { print } from "./figures";

const rows = 1000;
const rounds = 7;

/** A table of a thousand panels read into the library: until its report is there, and until the panels are on disk and in the table. */
async function main(): Promise<void> {
  const temporary = temporaryDir();
  const server = await startServer(temporary.dir, ["--demo"]);
  const browser = await launchBrowser();
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${server.url}/library/panels`, { waitUntil: "networkidle0" });
  // the loader of this file marks functions with a helper that the page does not have
  await page.evaluate("globalThis.__name = (f) => f");
  const folder = mkdtempSync(path.join(os.tmpdir(), "golden-array-bench-"));
  const reported: number[] = [];
  const kept: number[] = [];
  for (let round = 0; round < rounds; round++) {
    const file = path.join(folder, `${round}.csv`);
    const lines = Array.from(
      { length: rows },
      (_, k) =>
        `Hedgerow ${round}-${k},Rigid glass,${50 + (k % 400)},22.4,5.9,18.5,5.4,-0.29,1020 x 510 x 30,6.4,${60 + (k % 90)}`,
    );
    writeFileSync(
      file,
      [
        "Model,Type,Rated power [W],Voc (V),Isc (A),Vmp (V),Imp (A),Voc coefficient (%/°C),Dimensions (mm),Weight (kg),Price",
        ...lines,
      ].join("\n"),
    );
    const input = (await page.waitForSelector("[aria-label='Library file']")) as ElementHandle<HTMLInputElement>;
    const start = performance.now();
    await input.uploadFile(file);
    await page.waitForFunction(
      (count: number) => document.querySelector("[role=dialog]")?.textContent?.includes(`${count} to put in`) === true,
      { polling: "mutation" },
      rows,
    );
    reported.push(performance.now() - start);
    const pressed = performance.now();
    await new Fields(page).press(`Put ${rows}`);
    await page.waitForFunction(() => document.querySelector("[role=dialog]") === null, { polling: "mutation" });
    kept.push(performance.now() - pressed);
  }
  print(`${rows} rows of CSV to the report on its columns`, reported);
  print(`${rows} panels from the press to disk and table`, kept);
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
}

void main();
