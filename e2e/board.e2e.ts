import { type Browser, type ElementHandle, type Page } from "puppeteer-core";
import { field, launchBrowser, openPage, press, saved, says, shows, type, type WatchedPage } from "./browser";
import { type RunningServer, startServer, temporaryDir } from "./server";

/** The string board by mouse, by keys and by touch, on the demo's Lantern. */
const temporary = temporaryDir();
let server: RunningServer;
let browser: Browser;
let watched: WatchedPage;
let wire = "";

beforeAll(async () => {
  server = await startServer(temporary.dir, ["--demo"]);
  browser = await launchBrowser();
  const plans = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string }[];
  wire = `${server.url}/plan/${plans.find(({ name }) => name.startsWith("The Lantern"))?.id ?? ""}/wire`;
  watched = await openPage(browser, wire);
});
afterAll(async () => {
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
});

/** What stands where, as the board shows it: lanes with their rows of panels. */
const layout = (page: Page) =>
  page.$$eval("[data-lane]", (lanes) =>
    lanes.map(
      (lane) =>
        `${lane.getAttribute("data-lane") ?? ""}: ${[...lane.querySelectorAll("[data-row]")].map((row) => [...row.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile")).join("-")).join(" | ") || [...lane.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile")).join(" ")}`,
    ),
  );

async function waitForLayout(page: Page, part: string): Promise<void> {
  await page.waitForFunction(
    (text: string) =>
      [...document.querySelectorAll("[data-lane]")].some(
        (lane) =>
          `${lane.getAttribute("data-lane") ?? ""}: ${[...lane.querySelectorAll("[data-row]")].map((row) => [...row.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile")).join("-")).join(" | ") || [...lane.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile")).join(" ")}` ===
          text,
      ),
    { timeout: 10_000 },
    part,
  );
}

async function middle(page: Page, selector: string): Promise<{ x: number; y: number }> {
  const found = (await page.waitForSelector(selector)) as ElementHandle<Element>;
  await found.evaluate((element) => element.scrollIntoView({ block: "center" }));
  const box = await found.boundingBox();
  if (box === null) throw new Error(`${selector} is not on the screen`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

async function drag(page: Page, from: string, to: string): Promise<void> {
  const start = await middle(page, from);
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  await page.mouse.move(start.x + 12, start.y + 4, { steps: 3 });
  // measured after the start: the page may have scrolled to show what is dragged
  const box = await (await page.$(to))?.boundingBox();
  if (box === undefined || box === null) throw new Error(`${to} is not on the screen`);
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
}

test("a panel dragged into another row adds its volts there, and the verdict follows", async () => {
  const { page } = watched;
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
  await drag(page, "[data-tile='roof.4']", "[data-zone='row:station/low:0:end']");
  await waitForLayout(page, "station/low: bookbay.1-bookbay.2-roof.4");
  await says(page, "[data-testid=board-said]", /number 4 put in row 1 of .*Port 1.*volts add/);
  await says(page, "[data-testid=verdict]", /Do not connect.*over the input’s 60\sV/);
});

test("dropped on a panel it stands in parallel with it, dropped on the shelf it is not wired; undo goes back over both", async () => {
  const { page } = watched;
  await drag(page, "[data-tile='roof.4']", "[data-tile='roof.2']");
  await page.waitForFunction(
    () => document.querySelector("[data-lane='station/high'] ul ul [data-tile='roof.4']") !== null,
  );
  await says(page, "[data-lane='station/high']", /amps add|volts add/);
  await drag(page, "[data-tile='roof.4']", "[data-zone='shelf']");
  await waitForLayout(page, "shelf: roof.4");
  await press(page, "Undo");
  await page.waitForFunction(
    () => document.querySelector("[data-lane='station/high'] ul ul [data-tile='roof.4']") !== null,
  );
  await press(page, "Undo");
  await press(page, "Undo");
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
});

test("by keys: moved along, split, copied, stowed, shaded and tilted, each said aloud, each undone", async () => {
  const { page } = watched;
  const focus = (key: string) => page.focus(`[data-tile='${key}']`);
  const say = (pattern: RegExp) => says(page, "[data-testid=board-said]", pattern);
  const withAlt = async (key: "ArrowRight" | "ArrowDown" | "ArrowUp") => {
    await page.keyboard.down("Alt");
    await page.keyboard.press(key);
    await page.keyboard.up("Alt");
  };
  await focus("roof.1");
  await withAlt("ArrowRight");
  await waitForLayout(page, "station/high: roof.2-roof.1-roof.3-roof.4");
  await page.waitForFunction(() => document.activeElement?.getAttribute("data-tile") === "roof.1");
  await page.keyboard.press("x");
  await waitForLayout(page, "station/high: roof.2 | roof.1-roof.3-roof.4");
  await say(/Row split/);
  await focus("roof.1");
  await page.keyboard.press("j");
  await waitForLayout(page, "station/high: roof.2-roof.1-roof.3-roof.4");
  await focus("roof.3");
  await withAlt("ArrowDown");
  await waitForLayout(page, "station/high: roof.2-roof.1-roof.4 | roof.3");
  await page.keyboard.press("s");
  await say(/number 3 stowed/);
  await says(page, "[data-tile='roof.3']", /stowed/);
  await says(page, "[data-rule=mixedStates]", /1 stowed of 4 panels/);
  await page.keyboard.press("s");
  await page.keyboard.press("1");
  await say(/substring 1 shaded/);
  await page.keyboard.press("t");
  await say(/tilted 15° towards/);
  await page.keyboard.press("d");
  await say(/Blocking diode put in/);
  await page.keyboard.press("Delete");
  await waitForLayout(page, "shelf: roof.3");
  await page.keyboard.press("?");
  await says(page, "[role=dialog]", /Keys of the string board.*in parallel with the panel before it/);
  await press(page, "Close");
  for (let k = 0; k < 10; k++) await press(page, "Undo");
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
});

test("arrows go from panel to panel; several are selected and moved together, and the buttons do the same", async () => {
  const { page } = watched;
  await page.focus("[data-tile='roof.1']");
  await page.keyboard.press("ArrowRight");
  expect(await page.evaluate(() => document.activeElement?.getAttribute("data-tile"))).toBe("roof.2");
  await page.keyboard.press("Space");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Space");
  await says(page, "[aria-label='Selected panels']", /2 panels/);
  await press(page, "Move to the row below");
  await page.waitForFunction(() => document.querySelectorAll("[data-lane='station/high'] [data-row]").length === 2);
  await press(page, "Undo");
  await press(page, "Deselect");
});

test("any action is found by name, and undo goes on after a reload", async () => {
  const { page } = watched;
  await page.click("[data-tile='roof.4']");
  await page.keyboard.down("Control");
  await page.keyboard.press("KeyK");
  await page.keyboard.up("Control");
  await page.waitForSelector("[role=dialog] input");
  await page.keyboard.type("to the shelf");
  await page.keyboard.press("Enter");
  await waitForLayout(page, "shelf: roof.4");
  await saved(page);
  await page.reload({ waitUntil: "networkidle0" });
  await waitForLayout(page, "shelf: roof.4");
  await press(page, "Undo");
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
  await saved(page);
});

test("a finding lights the panels it speaks of, and a panel shows what it does", async () => {
  const { page } = watched;
  // rules that pass are folded in a ledger of several ports
  await press(page, "Show the");
  await (await page.waitForSelector("[data-rule=coldVoc]"))?.hover();
  await page.waitForSelector("[data-tile='bookbay.1'][data-lit=true], [data-tile='roof.1'][data-lit=true]");
  await page.waitForSelector("[data-testid=window-chart] [data-lit-edge=ceiling]");
  await (await page.waitForSelector("[data-tile='roof.1']"))?.hover();
  const noon = await says(
    page,
    "[data-testid=board-reading]",
    /number 1.*Bright noon: \d+\.\d\sV, \d+\.\d\d\sA, \d+\sW, none bypassed/,
  );
  // volts add from plug to plug, up to the row's own
  const sums = await page.$$eval(
    "[data-lane='station/high'] [data-zone^='row:'], [data-lane='station/high'] strong",
    (all) => all.map((each) => Number(/([\d.]+)\sV/.exec(each.textContent ?? "")?.[1])).filter((v) => v > 0),
  );
  const one = Number(/: ([\d.]+)\sV/.exec(noon)?.[1]);
  expect(sums.length).toBeGreaterThanOrEqual(4);
  sums.slice(0, 4).forEach((sum, k) => expect(Math.abs(sum - one * (k + 1))).toBeLessThan(0.25));
  await page.click("[data-tile='roof.1'] [data-substring='2']");
  await says(page, "[data-testid=board-reading]", /1 substring shaded.*1 of 2 bypassed/);
  await press(page, "Undo");
});

test("a press on a sky moves panels, totals and chart to it; by night nothing is taken, and it says what it assumes", async () => {
  const { page } = watched;
  const watts = async () => Number(/(\d+)\sW/.exec(await says(page, "[data-testid=running]", /\d\sW/))?.[1]);
  const noonW = await watts();
  await press(page, "Haze");
  await says(page, "[data-testid=running]", /Haze:/);
  expect((await watts()) / noonW).toBeLessThan(0.35);
  await says(page, "[aria-label='Sky'] + div", /bright overcast.*250/);
  await press(page, "Now");
  await says(page, "[data-testid=running]", /Now:/);
  await says(page, "[aria-label='Sky'] + div", /your clock’s time zone and this latitude/);
  expect(
    await page.$$eval("[data-testid=window-chart] path[data-sky]", (paths) =>
      paths.map((each) => each.getAttribute("data-sky")),
    ),
  ).toEqual(["coldDawn", "brightNoon", "hotRoof", "now"]);
  await press(page, "Bright noon");
  await says(page, "[data-testid=running]", /Bright noon:/);
});

test("keys of the whole stop: wirings, sky, compare, ledger, a mend that undo takes back; and the list of plans’ keys finds them by name", async () => {
  const { page } = watched;
  const alt = async (key: string, shift = false) => {
    await page.keyboard.down("Alt");
    if (shift) await page.keyboard.down("Shift");
    await page.keyboard.press(key as "KeyW");
    if (shift) await page.keyboard.up("Shift");
    await page.keyboard.up("Alt");
  };
  const wiringNow = (name: string) =>
    page.waitForFunction(
      (text: string) =>
        document.querySelector("[aria-label='Wirings of these panels'] [aria-pressed=true]")?.textContent === text,
      {},
      name,
    );
  await alt("KeyW");
  await wiringNow("Under way");
  await alt("KeyW", true);
  await wiringNow("Parked");
  await alt("KeyS");
  await says(page, "[data-testid=running]", /Hot roof:/);
  for (let k = 0; k < 4; k++) await alt("KeyS");
  await says(page, "[data-testid=running]", /Bright noon:/);
  await alt("KeyL");
  await page.waitForSelector("[role=dialog][aria-label=Ledger]");
  await press(page, "Close the ledger");
  await page.waitForFunction(() => document.querySelector("[role=dialog]") === null);
  await alt("KeyC");
  await page.waitForSelector("[data-wiring]");
  await alt("KeyC");
  await page.waitForFunction(() => document.querySelector("[data-wiring]") === null);
  await page.focus("[data-tile='roof.4']");
  await alt("ArrowUp", true);
  await says(page, "[data-testid=verdict]", /Do not connect|Connect/);
  await page.waitForFunction(
    () => [...document.querySelectorAll("button")].some((button) => button.textContent?.includes("Mend:")),
    { timeout: 20_000 },
  );
  await alt("KeyM");
  await says(page, "[data-testid=board-said]", /Mended; undo takes it back/);
  await press(page, "Undo");
  await press(page, "Undo");
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
  await page.focus("[data-tile='roof.1']");
  await page.keyboard.press("+");
  await says(page, "[data-testid=board-said]", /5 × Mossgate MG-195/);
  await page.keyboard.press("-");
  await says(page, "[data-testid=board-said]", /4 × Mossgate MG-195/);
  await page.keyboard.press("f");
  await page.waitForFunction(() => document.activeElement?.matches("[role=group][aria-label^='Fill'] input"));
  // in a field Alt may write a letter: no key of the stop runs there
  await alt("KeyC");
  await alt("KeyW");
  expect(await page.$("[data-wiring]")).toBeNull();
  await wiringNow("Parked");
});

test("another wiring of the same panels is a press away, is judged by itself, and a copy of it leaves the first alone", async () => {
  const { page } = watched;
  await press(page, "Press day");
  await waitForLayout(page, "press/pv: roof.1-roof.2 | roof.3-roof.4");
  await press(page, "Copy this wiring");
  await page.focus("[data-tile='roof.4']");
  await page.keyboard.press("Delete");
  await waitForLayout(page, "press/pv: roof.1-roof.2 | roof.3");
  await press(page, "Press day");
  await waitForLayout(page, "press/pv: roof.1-roof.2 | roof.3-roof.4");
  await saved(page);
  await press(page, "Parked");
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
});

test("wirings are compared side by side, with what moves from one to another and what to beware of", async () => {
  const { page } = watched;
  await press(page, "Compare");
  await page.waitForFunction(
    () =>
      [...document.querySelectorAll("[data-wiring]")].length === 4 &&
      [...document.querySelectorAll("[data-wiring]")].every((row) => /connect/.test(row.textContent ?? "")),
  );
  await page.$$eval("details", (all) => all.forEach((each) => (each.open = true)));
  await says(page, "[data-wiring=parked]", /nothing to buy/);
  await says(page, "[data-wiring=pressday]", /1 pair of branch connectors/);
  const change = await says(page, "details", /From “Parked” to “Press day”/);
  expect(change).toMatch(/Cover the panels, then unplug at .*Port 2.*Mossgate MG-195 1.*Plug in at .*Lodestone/);
  expect(change).toMatch(/120\.1\sV: a shock hazard/);
  // what no rule of either wiring would say: the way between them has its own dangers
  await press(page, "Press day");
  await page.$$eval("details", (all) => all.forEach((each) => (each.open = true)));
  await says(
    page,
    "details",
    /What is meant for .*Port 2.* must not be plugged in at Lodestone.*over the input’s 100\sV/,
  );
  await press(page, "Parked");
  await press(page, "Compare");
});

test("by touch: held and dragged to the shelf, on a phone", async () => {
  const phone = await openPage(browser, wire, { width: 390, height: 844 });
  const { page } = phone;
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
  const from = await middle(page, "[data-tile='roof.1']");
  const finger = await page.touchscreen.touchStart(from.x, from.y);
  await new Promise((resolve) => setTimeout(resolve, 320));
  await finger.move(from.x + 6, from.y + 6);
  const zone = await (await page.$("[data-zone='new:press/pv']"))?.boundingBox();
  if (zone === undefined || zone === null) throw new Error("the next lane is not on the screen");
  for (let k = 1; k <= 6; k++)
    await finger.move(
      from.x + ((zone.x + 60 - from.x) * k) / 6,
      from.y + ((zone.y + zone.height / 2 - from.y) * k) / 6,
    );
  await finger.end();
  await waitForLayout(page, "press/pv: roof.1");
  await press(page, "Undo");
  await waitForLayout(page, "station/high: roof.1-roof.2-roof.3-roof.4");
  await saved(page);
  expect(phone.complaints).toEqual([]);
  await page.close();
});

test("on a phone what one needs lies in the lower third: parts of the stop, undo, and what can be done with a panel; the panel stays in sight", async () => {
  const { page, complaints } = await openPage(browser, wire, { width: 390, height: 844 });
  const tap = async (part: string) =>
    (
      await page.waitForSelector(`xpath///nav[@aria-label="Parts of this stop"]//button[normalize-space()="${part}"]`)
    )?.tap();
  const placeOf = (selector: string) =>
    page.$eval(selector, (element) => {
      const { top, bottom, left, right } = element.getBoundingClientRect();
      return { top, bottom, left, right };
    });
  for (const [part, selector] of [
    ["Window", "[data-testid=window-chart] svg"],
    ["Ledger", "[aria-label='Ledger of rules']"],
    ["Board", "[data-lane='station/low']"],
  ] as const) {
    await tap(part);
    await page.waitForFunction(
      (of: string) => {
        const { top, bottom } = document.querySelector(of)?.getBoundingClientRect() ?? { top: 0, bottom: 0 };
        return top > 100 && top < 600 && bottom > 0;
      },
      {},
      selector,
    );
  }
  const target = await middle(page, "[data-tile='roof.2'] > :last-child");
  await page.touchscreen.tap(target.x, target.y);
  await page.waitForSelector("[aria-label='Selected panels']");
  const dock = await placeOf("[data-dock]");
  const tile = await placeOf("[data-tile='roof.2']");
  expect(dock.top).toBeGreaterThan(844 * 0.6);
  expect(tile.bottom).toBeLessThanOrEqual(dock.top + 1);
  // the keys go on to the side, under the thumb
  const stowed = (await page.waitForSelector(
    "xpath///*[@aria-label='Selected panels']//button[normalize-space()='Stowed']",
  )) as ElementHandle<Element>;
  await stowed.tap();
  await says(page, "[data-testid=board-said]", /number 2 stowed/);
  await tap("Undo");
  await says(page, "[data-testid=board-reading]", /number 2 · Bright noon: \d/);
  await saved(page);
  expect(complaints).toEqual([]);
  await page.close();
});

test("a lane is filled by number, and panels of another kind are counted on the shelf", async () => {
  const { page } = watched;
  await press(page, "Lodestone C24-30, charge controller: Panel terminals");
  await shows(page, "Strings", "1");
  await press(page, "One more Thornby TF-160, folding pair");
  await waitForLayout(page, "shelf: bookbay.3");
  await press(page, "Undo");
  expect((await layout(page)).at(-1)).toBe("shelf: ");
  expect(watched.complaints).toEqual([]);
});

test("measured points take the label's place, are refused at their line when they are no points, and can be dropped again", async () => {
  const { page } = watched;
  await page.click("nav a[href$='/panels']");
  const points = await field(page, "Points: volts, amps");
  await points.focus();
  await page.keyboard.type("0, 8.6\n10, 8.55\n18, 8.4\n22, 7.9\n24, 6.6\n26, 3.4\nmany");
  await says(page, "[role=alert]", /Line 7: “many” is not volts and amps/);
  for (let k = 0; k < 4; k++) await page.keyboard.press("Backspace");
  await says(page, "[role=status]", /A diode’s curve runs through the points/);
  await press(page, "Go back to the label");
  await page.waitForFunction(() => !/runs through the points/.test(document.body.textContent ?? ""));
});

test("a limit that ports share is typed in, and judged over all of them", async () => {
  const { page } = watched;
  await page.click("nav a[href$='/input']");
  await type(page, "Watts together", "600");
  await press(page, "Ledger");
  await says(page, "[data-rule=shared]", /At noon Port 1.*and Port 2.*together they draw up to 600\sW/);
  await press(page, "Close the ledger");
  await saved(page);
  expect(watched.complaints).toEqual([]);
});

test("plans are found by name, duplicated, and deleted with a way back", async () => {
  const { page } = watched;
  await page.goto(server.url, { waitUntil: "networkidle0" });
  const names = () => page.$$eval("[aria-label='Plans'] strong", (all) => all.map((each) => each.textContent ?? ""));
  await press(page, "Duplicate Narrowboat");
  await says(page, "[aria-label='Plans']", /Narrowboat with tilting panels, copy/);
  await press(page, "Delete Narrowboat with tilting panels, copy");
  await says(page, "[role=alert], .MuiSnackbarContent-message", /copy” is deleted/);
  await page.waitForFunction(
    () => !/panels, copy/.test(document.querySelector("[aria-label='Plans']")?.textContent ?? ""),
  );
  await press(page, "Undo");
  await says(page, "[aria-label='Plans']", /Narrowboat with tilting panels, copy/);
  await page.type("input[type=search]", "shed");
  await page.waitForFunction(() => document.querySelectorAll("[aria-label='Plans'] li").length === 1);
  expect(await names()).toEqual(["Bee-keeper’s shed, long cable"]);
  expect(watched.complaints).toEqual([]);
});
