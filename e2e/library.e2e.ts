import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { type Browser, type ElementHandle, type Page } from "puppeteer-core";
import { launchBrowser, openPage, press, saved, says, shows, type, type WatchedPage } from "./browser";
import { type RunningServer, startServer, temporaryDir } from "./server";

/** The library: its tables, its sheets, and files in and out. */
const temporary = temporaryDir();
const files = mkdtempSync(path.join(os.tmpdir(), "golden-array-files-"));
let server: RunningServer;
let browser: Browser;
let watched: WatchedPage;

type Kept = {
  id: string;
  revision: number;
  retired: boolean;
  sheet: { name: string; vocV: number; tempCoVocPctPerC: number | null; weightKg: number | null };
};
const kept = async (): Promise<Kept[]> => (await (await fetch(`${server.url}/api/panels`)).json()) as Kept[];
const keptNamed = async (name: string) => (await kept()).find(({ sheet }) => sheet.name.startsWith(name));

beforeAll(async () => {
  server = await startServer(temporary.dir, ["--demo"]);
  browser = await launchBrowser();
  watched = await openPage(browser, `${server.url}/library/panels`);
  const session = await watched.page.createCDPSession();
  await session.send("Browser.setDownloadBehavior", { behavior: "allow", downloadPath: files });
});
afterAll(async () => {
  expect(watched.complaints).toEqual([]);
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
  rmSync(files, { recursive: true, force: true });
});

/** The first rows of the table, cell by cell, as shown. */
const rows = (page: Page, column: string) =>
  page.$$eval(`[role=gridcell][data-field=${column}]`, (cells) =>
    cells.map((cell) => (cell.textContent ?? "").replace(/\u00a0/g, " ")),
  );

async function pick(page: Page, name: string, text: string): Promise<void> {
  const file = path.join(files, name);
  writeFileSync(file, text);
  const input = (await page.waitForSelector("[aria-label='Library file']")) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(file);
}

async function downloaded(name: string): Promise<string> {
  for (let k = 0; k < 100; k++) {
    if (readdirSync(files).includes(name)) return readFileSync(path.join(files, name), "utf8");
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${name} was not saved`);
}

test("the table sorts by any column, finds by any word, and shows lengths and weights in the units chosen", async () => {
  const { page } = watched;
  await page.click("[role=columnheader][data-field=pricePerW]");
  await page.waitForSelector("[role=columnheader][data-field=pricePerW][aria-sort=ascending]");
  const perW = (await rows(page, "pricePerW")).map((cell) => Number(cell.replace(/[^\d.]/g, "")));
  expect(perW.length).toBeGreaterThan(8);
  expect(perW).toEqual([...perW].sort((a, b) => a - b));
  expect((await rows(page, "size"))[0]).toBe("1650 × 992 mm");
  await press(page, "in");
  await page.waitForFunction(() =>
    document.querySelector("[role=gridcell][data-field=size]")?.textContent?.includes("in"),
  );
  expect((await rows(page, "size"))[0]).toBe("65.0 × 39.1 in");
  expect((await rows(page, "weightKg"))[0]).toBe("41 lb");
  await press(page, "mm");
  await page.click("[aria-label='Search']");
  await page.keyboard.type("peel");
  await page.waitForFunction(() => document.querySelectorAll("[role=gridcell][data-field=name]").length === 1);
  await page.keyboard.press("Escape");
});

test("a label is edited with a coefficient as the sticker has it, is saved by itself, and is never written over unseen", async () => {
  const { page } = watched;
  const before = await keptNamed("Brindlewick BR-120");
  await press(page, "Brindlewick BR-120");
  await type(page, "Voc coefficient", "−66 mV/K");
  await page.waitForSelector("[role=dialog] [data-save=saved], [data-save=saved]");
  await page.waitForFunction(
    async (id: string) => ((await (await fetch(`/api/panels/${id}`)).json()) as { revision: number }).revision > 1,
    {},
    before?.id ?? "",
  );
  expect((await keptNamed("Brindlewick BR-120"))?.sheet.tempCoVocPctPerC).toBeCloseTo(-0.29075, 4);
  await type(page, "Weight", "16.3 lb");
  await type(page, "Isc", "90");
  await says(page, "[role=alert]", /Isc: 90\sA is outside 0\.01 to 40\sA\. Still using 9\sA/);
  await type(page, "Isc", "6.8");
  await page.waitForFunction(
    async (id: string) =>
      ((await (await fetch(`/api/panels/${id}`)).json()) as { sheet: { weightKg: number } }).sheet.weightKg > 7.39,
    {},
    before?.id ?? "",
  );

  const now = await keptNamed("Brindlewick BR-120");
  await fetch(`${server.url}/api/panels/${now?.id ?? ""}`, {
    method: "PUT",
    headers: { "content-type": "application/json", "if-match": `"${now?.revision ?? 0}"` },
    body: JSON.stringify({ ...now?.sheet, vocV: 23 }),
  });
  await type(page, "Pmax", "121");
  await says(page, "[role=alert]", /changed elsewhere.*not saved/);
  expect((await keptNamed("Brindlewick BR-120"))?.sheet.vocV).toBe(23);
  await press(page, "Show theirs");
  await shows(page, "Voc", "23");
  await press(page, "Close the sheet");
});

test("a sheet is copied, retired with an undo, and says which plans use it", async () => {
  const { page } = watched;
  await press(page, "Mossgate MG-195");
  await says(page, "[aria-label='Used by']", /The Lantern/);
  await press(page, "Copy this sheet");
  await page.waitForFunction(() =>
    document.querySelector("[role=dialog] h2, .MuiDrawer-paper h2")?.textContent?.endsWith("half-cut, copy"),
  );
  await press(page, "Retire it");
  await page.waitForFunction(() => document.body.textContent?.includes("1 sheet retired."));
  expect((await keptNamed("Mossgate MG-195, half-cut, copy"))?.retired).toBe(true);
  await page.waitForFunction(
    () =>
      ![...document.querySelectorAll("[role=gridcell][data-field=name]")].some((cell) =>
        cell.textContent?.includes("copy"),
      ),
  );
  await press(page, "Undo");
  await page.waitForFunction(() =>
    [...document.querySelectorAll("[role=gridcell][data-field=name]")].some((cell) =>
      cell.textContent?.includes("copy"),
    ),
  );
  expect((await keptNamed("Mossgate MG-195, half-cut, copy"))?.retired).toBe(false);
});

test("a thousand rows are read with a report on every column, and put in at once; the same file again brings nothing new", async () => {
  const { page } = watched;
  const count = (await kept()).length;
  const lines = Array.from(
    { length: 1000 },
    (_, k) => `Hedgerow ${k};Rigid glass;${k === 7 ? "2OO" : 50 + (k % 400)};18,5;22,4;10 years`,
  );
  const csv = ["Model;Type;Rated power [W];Vmp (V);Voc (V);Warranty", ...lines].join("\n");
  await pick(page, "many.csv", csv);
  await says(page, "[role=dialog]", /1000 to put in the library/);
  await says(page, "[role=dialog] tr[data-column=unknown]", /Warranty.*no such column.*10 years/);
  await says(
    page,
    "[role=dialog] tr",
    /Rated power \[W\].*Pmax \(W\).*1 cell not understood and left empty.*row 9: “2OO”/,
  );
  await press(page, "Put 1000 in the library");
  await page.waitForFunction(() => document.querySelector("[role=dialog]") === null);
  expect((await kept()).length).toBe(count + 1000);
  await pick(page, "many.csv", csv);
  await says(page, "[role=dialog]", /Nothing new to put in\. 1000 are there already/);
  await press(page, "Put nothing in");
});

test("what is written as CSV and JSON is read back the same", async () => {
  const { page } = watched;
  await page.goto(`${server.url}/library/inputs`, { waitUntil: "networkidle0" });
  await press(page, "CSV of all shown");
  const csv = await downloaded("inputs.csv");
  expect(csv.split("\n").length).toBe(15);
  await pick(page, "ports.csv", csv.replace("Tuckbox T300, small station", "Tuckbox T400, small station"));
  await says(page, "[role=dialog]", /to put in the library/);
  await press(page, "Put nothing in");
  await press(page, "JSON of all shown");
  const json = JSON.parse(await downloaded("inputs.json")) as {
    format: string;
    inputs: { name: string; groups: unknown[] }[];
  };
  expect(json.format).toBe("golden-array-library");
  expect(json.inputs.length).toBe(10);
  await pick(page, "again.json", JSON.stringify(json));
  await says(page, "[role=dialog]", /Nothing new to put in\. 10 are there already/);
  await press(page, "Put nothing in");
  const schema = (await (await fetch(`${server.url}/schema/library-v1.json`)).json()) as { required: string[] };
  expect(schema.required).toEqual(["format", "version", "panels", "inputs"]);
});

test("files that are too large, of another kind or hostile are refused, and nothing changes", async () => {
  const { page } = watched;
  const before = JSON.stringify(await kept());
  const refused = async (name: string, text: string, words: RegExp) => {
    await pick(page, name, text);
    await says(page, "[role=dialog] [role=alert]", words);
    await press(page, "Close");
    await page.waitForFunction(() => document.querySelector("[role=dialog]") === null);
  };
  await refused("huge.csv", `Name\n${"x".repeat(50_000_000)}`, /“huge\.csv” holds 50\.0\sMB; allowed: up to 5\.0\sMB/);
  await refused("plan.json", '{"format":"golden-array-plan","version":3}', /no library file.*golden-array-plan/);
  await refused("broken.csv", 'Name,Kind\n"never closed,rigid\n', /quotation marks of row 2/);
  await refused("letter.csv", "Dear sir,\nplease find attached,", /None of the headings is one known here.*“Dear sir”/);
  const body = JSON.stringify([{ name: "half a sheet" }]);
  const headers = { "content-type": "application/json" };
  expect((await fetch(`${server.url}/api/panels/import`, { method: "POST", headers, body })).status).toBe(422);
  expect(
    (await fetch(`${server.url}/api/panels/import`, { method: "POST", headers, body: `["${"x".repeat(6_000_000)}"]` }))
      .status,
  ).toBe(413);
  expect(
    (
      await fetch(`${server.url}/api/panels/import`, {
        method: "POST",
        headers: { ...headers, origin: "http://elsewhere.example" },
        body,
      })
    ).status,
  ).toBe(403);
  expect(JSON.stringify(await kept())).toBe(before);
});

test("an input’s window is drawn while it is typed in, and a plan is offered it", async () => {
  const { page } = watched;
  await press(page, "Type an input in");
  await type(page, "Highest volts", "48");
  await page.waitForSelector("[data-testid=window-chart] svg");
  await says(page, "[data-testid=window-chart]", /too much from 48\sV/);
  await press(page, "Close the sheet");
  const plans = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string }[];
  await page.goto(`${server.url}/plan/${plans[0]?.id ?? ""}/input`, { waitUntil: "networkidle0" });
  await says(page, "[aria-label='Inputs in the library']", /New input/);
  await saved(page);
});
