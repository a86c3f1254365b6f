import { writeFileSync } from "node:fs";
import path from "node:path";
import { type Browser } from "puppeteer-core";
import {
  field,
  launchBrowser,
  openPage,
  press,
  saved,
  says,
  shows,
  type,
  verdictIs,
  type WatchedPage,
} from "./browser";
import { type RunningServer, startServer, temporaryDir } from "./server";

/** One person's way through the application, from an empty start to a plan on another copy. */
const temporary = temporaryDir();
let server: RunningServer;
let browser: Browser;
let watched: WatchedPage;
let planUrl = "";

beforeAll(async () => {
  server = await startServer(temporary.dir);
  browser = await launchBrowser();
  watched = await openPage(browser, server.url);
});
afterAll(async () => {
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
});

test("an empty start says what to do, and a new plan asks nothing but a name", async () => {
  const { page } = watched;
  await says(page, "main", /No plans yet/);
  await press(page, "Start");
  await says(page, "[role=alert]", /Name: nothing typed; allowed: 1 to 80/);
  await type(page, "New plan", "Test van");
  await page.keyboard.press("Enter");
  await page.waitForFunction(() => location.pathname.endsWith("/panels"));
  planUrl = page.url().replace(/\/panels$/, "");
  await says(page, "[data-testid=verdict]", /Not judged yet.*Choose a panel/);
});

test("a label is typed in: refused where it is wrong, doubted where it is odd, converted where it may be", async () => {
  const { page } = watched;
  await press(page, "Type a label in");
  await type(page, "Name", "Roof panel");
  await type(page, "Pmax", "104.4");
  await type(page, "Voc", "abc");
  await says(page, "[role=alert]", /Voc: “abc” is not a number; allowed: 0.5 to 400\sV/);
  expect(await (await field(page, "Voc")).evaluate((input) => input.value)).toBe("abc");
  await type(page, "Voc", "22,6 V");
  await type(page, "Isc", "6.04");
  await type(page, "Vmp", "25");
  await says(page, "[aria-label='Label check']", /Vmp \(25\sV\) is not below Voc \(22.6\sV\)/);
  await type(page, "Vmp", "18.55");
  await type(page, "Imp", "5.63");
  await type(page, "Voc coefficient", "−91.76 mV/K");
  expect(Number(await (await field(page, "Voc coefficient")).evaluate((input) => input.value))).toBeCloseTo(-0.406, 3);
  await says(page, "[aria-label='Label check']", /agrees with itself/);
  await page.waitForSelector(".apexcharts-series path");
});

test("an input is typed in, and its window drawn as one types", async () => {
  const { page } = watched;
  await page.keyboard.down("Alt");
  await page.keyboard.press("Digit4");
  await page.keyboard.up("Alt");
  await press(page, "Type one in");
  await type(page, "Highest volts", "60");
  await type(page, "Lowest volts", "12");
  await press(page, "Add a tier");
  await type(page, "Amps", "10");
  await type(page, "to", "30");
  await press(page, "Add a tier");
  await type(page, "Amps", "12", 1);
  await type(page, "Watt limit", "400");
  const windowText = await says(page, "[data-testid=window-chart]", /too much from 60\sV/);
  expect(windowText).toMatch(/10\sA/);
  expect(windowText).toMatch(/12\sA/);
});

test("four in series on a frosty site is a Stop, with the number a hand calculation gives", async () => {
  const { page } = watched;
  await page.click("nav a[href$='/wire']");
  await type(page, "Record low", "-14");
  await type(page, "Record high", "31");
  const series = await field(page, "In series");
  await series.focus();
  for (let k = 0; k < 3; k++) await page.keyboard.press("ArrowUp");
  await verdictIs(page, "stop");
  const sentence = await says(page, "[data-testid=verdict]", /Do not connect/);
  const shownV = Number(/reaches ([\d.]+)\sV/.exec(sentence)?.[1]);
  const byHandV = 4 * 22.6 * (1 - 0.00406 * (-14 - 25));
  expect(Math.abs(shownV / byHandV - 1)).toBeLessThan(0.005);
  await says(page, "[aria-label='Ledger of rules']", /Assumed:.*nothing connected/);
});

test("“why” shows the formula with the plan's numbers, and “mend” applies a wiring that passes", async () => {
  const { page } = watched;
  await press(page, "Why: Coldest volts, nothing connected");
  await says(page, "[data-rule=coldVoc]", /4 × 22.6\sV × 1\.16 = 104\.9\sV/);
  await press(page, "Mend: Wire 2 in series × 2 strings");
  await page.waitForFunction(
    () => document.querySelector("[data-testid=verdict]")?.getAttribute("data-level") !== "stop",
  );
  await page.waitForSelector("[data-rule=coldVoc][data-level=good]");
});

test("the chart shows three curves and where the array runs, and moves with the sky", async () => {
  const { page } = watched;
  expect((await page.$$("[data-testid=window-chart] path[data-sky]")).length).toBe(3);
  await says(page, "[data-testid=running]", /Bright noon: Runs at/);
  await press(page, "Coldest dawn");
  await page.waitForFunction(() =>
    /Coldest dawn: Runs at/.test(document.querySelector("[data-testid=running]")?.textContent ?? ""),
  );
  await press(page, "Table");
  await says(page, "[aria-label='Window chart as a table']", /Hot roof/);
  await press(page, "Drawing");
  await page.waitForSelector("[aria-label='Save the array as a SPICE netlist']");
});

test("undo and redo by keyboard and button go back and forth over whole gestures", async () => {
  const { page } = watched;
  await press(page, "Undo");
  await shows(watched.page, "In series", "4");
  await verdictIs(page, "stop");
  await page.keyboard.down("Control");
  await page.keyboard.press("KeyZ");
  await shows(watched.page, "In series", "1");
  await page.keyboard.press("KeyY");
  await page.keyboard.press("KeyY");
  await page.keyboard.up("Control");
  await shows(watched.page, "In series", "2");
});

test("what was typed is there after the browser is closed and opened again", async () => {
  await saved(watched.page);
  await watched.page.close();
  watched = await openPage(browser, `${planUrl}/wire`);
  await shows(watched.page, "In series", "2");
  await says(watched.page, "[data-rule=current]", /12\.08\sA.*12\sA/);
});

test("a change made just before the page closes is not lost", async () => {
  const { page } = watched;
  await type(page, "Latitude", "57");
  await page.close();
  watched = await openPage(browser, `${planUrl}/wire`);
  await shows(watched.page, "Latitude", "57");
  await saved(watched.page);
});

test("the exported file is read on another copy, and is the same plan", async () => {
  const exported = await (await fetch(`${server.url}/api/plans/${planUrl.split("/").pop() ?? ""}/export`)).text();
  const file = path.join(temporary.dir, "exported.json");
  writeFileSync(file, exported);
  const otherDir = temporaryDir();
  const other = await startServer(otherDir.dir);
  const { page, complaints } = await openPage(browser, other.url);
  const picker = await page.$("input[type=file]");
  await picker?.uploadFile(file);
  await page.waitForFunction(() => location.pathname.endsWith("/wire"));
  await says(page, "[data-testid=verdict]", /connect/i);
  const [summary] = (await (await fetch(`${other.url}/api/plans`)).json()) as { id: string }[];
  expect(await (await fetch(`${other.url}/api/plans/${summary?.id ?? ""}/export`)).text()).toBe(exported);
  expect(complaints).toEqual([]);
  await page.close();
  await other.end("SIGTERM");
  otherDir.remove();
});

test("the schema of the format is served", async () => {
  const schema = (await (await fetch(`${server.url}/schema/plan-v3.json`)).json()) as {
    $schema: string;
    required: string[];
  };
  expect(schema.$schema).toContain("2020-12");
  expect(schema.required).toContain("wirings");
});

test("nothing was complained of, and nothing was asked of any other machine", () => {
  expect(watched.complaints).toEqual([]);
  expect(
    watched.requested.filter(
      (url) => !url.startsWith(server.url) && !url.startsWith("data:") && !url.startsWith("blob:"),
    ),
  ).toEqual([]);
  expect(watched.requested.length).toBeGreaterThan(5);
});
