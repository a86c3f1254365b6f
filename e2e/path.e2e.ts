import { readdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { setTimeout } from "node:timers/promises";
import { desktop, goTo, type RunningServer, startServer, temporaryDir } from "./harness";
import { getJson, e2eTest, isolatedE2eTest } from "./harness/visit";
import { type Screen } from "./screen";

/** One person's way through the application: from an empty start to a fixed plan, kept, and carried elsewhere. */
isolatedE2eTest(
  "from an empty start to a verdict, a reason, a mend, and back",
  (visit) => visit.open("/").then(fromTheStart),
  [],
);

async function fromTheStart(screen: Screen): Promise<void> {
  await startPlan(screen);
  await typeLabel(screen);
  await typeInput(screen);
  await fourInSeriesIsAStop(screen);
  await whyAndFix(screen);
  await chartFollowsTheSky(screen);
  await undoAndRedo(screen);
}

/** An empty start says what to do, and a new plan asks nothing but a name. */
async function startPlan({ page, fields, ledger }: Screen): Promise<void> {
  await fields.says("main", /No plans yet/);
  await fields.press("Create plan");
  await fields.says("[role=alert]", /Name: nothing typed; allowed: 1 to 80/);
  await fields.type("New plan", "Test van");
  await page.keyboard.press("Enter");
  await page.waitForFunction(() => location.pathname.endsWith("/wiring"));
  await ledger.verdict(/Not enough information.*Choose a panel/);
  await fields.says(
    "[aria-label='Ways to begin']",
    /I have panels and a controller.*I know my daily use.*Show me an example/,
  );
}

/** A label is refused where it is wrong, doubted where it is odd, converted where it may be. */
async function typeLabel({ page, fields }: Screen): Promise<void> {
  await fields.press("Enter a panel’s label");
  await page.waitForFunction(() => location.pathname.endsWith("/panels"));
  await fields.type("Name", "Roof panel");
  await fields.type("Pmax", "104.4");
  await fields.type("Voc", "abc");
  await fields.says("[role=alert]", /Voc: “abc” is not a number; enter 0.5 to 400\sV/);
  expect(await fields.valueOf("Voc")).toBe("abc");
  await fields.type("Voc", "22,6 V");
  await fields.type("Isc", "6.04");
  await fields.type("Vmp", "25");
  await fields.says("[aria-label='Label check']", /Vmp \(25\sV\) is not below Voc \(22.6\sV\)/);
  await fields.type("Vmp", "18.55");
  await fields.type("Imp", "5.63");
  await fields.type("Voc coefficient", "−91.76 mV/K");
  expect(Number(await fields.valueOf("Voc coefficient"))).toBeCloseTo(-0.406, 3);
  await fields.says("[aria-label='Label check']", /agree with each other/);
  await page.waitForSelector(".apexcharts-series path");
}

/** An input's window is drawn as one types. */
async function typeInput({ page, fields }: Screen): Promise<void> {
  // in a text field Alt may write a letter: there no stop is gone to
  await (await fields.named("Pmax")).focus();
  await fields.chord("Alt", "4");
  await fields.shows("Pmax", "104.4");
  await page.focus("main");
  await fields.chord("Alt", "4");
  await fields.press("Enter a data sheet");
  await fields.type("Max PV voltage", "60");
  await fields.type("Min operating voltage", "12");
  await fields.press("Add a current tier");
  await fields.type("Max current", "10");
  await fields.type("Up to voltage", "30");
  await fields.press("Add a current tier");
  await fields.type("Max current", "12", 1);
  await fields.type("Max PV power", "400");
  const words = await fields.says("[data-testid=window-chart]", /above max PV voltage 60\sV/);
  expect(words).toMatch(/10\sA/);
  expect(words).toMatch(/12\sA/);
}

/** Four in series on a frosty site is a Stop, with the number a hand calculation gives. */
async function fourInSeriesIsAStop({ page, fields, ledger }: Screen): Promise<void> {
  await page.click("nav a[href$='/wiring']");
  await fields.type("Record low", "-14");
  await fields.type("Record high", "31");
  await (await fields.named("In series")).focus();
  for (let k = 0; k < 3; k++) await page.keyboard.press("ArrowUp");
  await fields.says(
    "[aria-label='Strings to add']",
    /4 in series × 1 string in parallel needs 4 × .*3 more than are free/,
  );
  await fields.press("Add 3 more to the plan and wire these strings");
  await ledger.is("stop");
  const sentence = await ledger.verdict(/Do not connect/);
  const shownV = Number(/Voc of this array is ([\d.]+)\sV/.exec(sentence)?.[1]);
  const byHandV = 4 * 22.6 * (1 - 0.00406 * (-14 - 25));
  expect(Math.abs(shownV / byHandV - 1)).toBeLessThan(0.005);
  await fields.says("ol[aria-label=Checks]", /Max array voltage[^]*Assumed:/);
}

/** “Why” shows the formula with the plan's numbers, and “fix” applies a wiring that passes. */
async function whyAndFix({ page, fields, ledger }: Screen): Promise<void> {
  await fields.press("Why?: Max array voltage");
  await ledger.line("coldVoc", /4 × 22.6\sV × 1\.16 = 104\.9\sV/);
  await fields.press("Fix: Wire 2 in series × 2 strings");
  await page.waitForSelector("[data-rule=coldVoc][data-level=good]");
  await page.waitForSelector("[data-testid=verdict]:not([data-level=stop])");
}

async function chartFollowsTheSky({ page, fields }: Screen): Promise<void> {
  expect((await page.$$("[data-testid=window-chart] path[data-sky]")).length).toBe(3);
  await fields.says("[data-testid=running]", /Bright noon: Operates at/);
  await fields.press("Coldest dawn");
  await fields.says("[data-testid=running]", /Coldest dawn: Operates at/);
  await fields.press("Table");
  await fields.says("[aria-label='Window chart as a table']", /Hot roof/);
  await fields.press("Drawing");
  await page.waitForSelector("[aria-label='Export the array as a SPICE netlist']");
}

/** Undo and redo go back and forth over whole gestures, by button and by key. */
async function undoAndRedo({ fields, ledger }: Screen): Promise<void> {
  await fields.press("Undo");
  await fields.shows("In series", "4");
  await ledger.is("stop");
  await fields.chord("Control", "z");
  await fields.shows("In series", "1");
  await fields.chord("Control", "y");
  await fields.chord("Control", "y");
  await fields.shows("In series", "2");
}

isolatedE2eTest(
  "the worked example gives a verdict at once, and one undo takes it away; a panel and an input picked give one too",
  async ({ open }) => {
    const { page, fields, ledger } = await open("/");
    await fields.type("New plan", "Shown");
    await page.keyboard.press("Enter");
    await fields.press("Show a worked example");
    await ledger.verdict(/OK to connect.*max 142\sV/);
    await fields.press("Undo");
    await ledger.verdict(/Not enough information/);
    await fields.press("Panel");
    await fields.press("Mossgate MG-195");
    await fields.press("Controller");
    await fields.press("Haybarn Loft");
    await ledger.verdict(/connect/i);
    await fields.gone("[aria-label='Ways to begin']");
    await fields.saved();
    await goTo(page, new URL("/", page.url()).href);
    await page.waitForSelector("[data-glance]");
    await fields.says("[aria-label='Plans']", /Shown.*at noon/);
  },
);

e2eTest("what was typed is there after the page is closed and opened again", async ({ open, plan }) => {
  const address = `${await plan("Bee-keeper")}/wiring`;
  const first = await open(address);
  await first.fields.type("Record high", "37");
  await first.fields.saved();
  await first.page.close();
  const again = await open(address);
  await again.fields.shows("Record high", "37");
});

e2eTest("a change made just before the page closes is not lost", async ({ open, plan }) => {
  const address = `${await plan("Bee-keeper")}/wiring`;
  const first = await open(address);
  await first.fields.type("Latitude", "58");
  await first.page.close();
  const again = await open(address);
  await again.fields.shows("Latitude", "58");
  await again.fields.saved();
});

e2eTest("an exported file, read on another copy, is the same plan with the same verdict", async (visit) => {
  const address = await visit.plan();
  const desk = await visit.open(`${address}/wiring`);
  const here = await desk.ledger.verdict(/./);
  await desk.fields.press("Export this plan as a bundle");
  const exported = await (await fetch(`${visit.server.url}/api/plans/${address.split("/").pop() ?? ""}/export`)).text();
  const file = path.join(visit.files, "exported.json");
  writeFileSync(file, exported);
  await onAnotherCopy(async (other) => {
    const { page, fields, ledger, settled } = await visit.open("/", desktop, other);
    await fields.upload(file);
    await page.waitForFunction(() => location.pathname.endsWith("/wiring"));
    await settled();
    expect(await ledger.verdict(/./)).toBe(here);
    const [summary] = await getJson<{ id: string }[]>(`${other.url}/api/plans`);
    expect(await (await fetch(`${other.url}/api/plans/${summary?.id ?? ""}/export`)).text()).toBe(exported);
    // and the bundle is the same plan again
    await page.goto(other.url, { waitUntil: "networkidle0" });
    await fields.upload(await downloaded(visit.files, ".zip"));
    await page.waitForFunction(() => location.pathname.endsWith("/wiring"));
    await settled();
    expect(await ledger.verdict(/./)).toBe(here);
    const both = await getJson<{ id: string }[]>(`${other.url}/api/plans`);
    expect(both.length).toBe(2);
    for (const { id } of both) expect(await (await fetch(`${other.url}/api/plans/${id}/export`)).text()).toBe(exported);
  });
});

/** A file the browser has saved whole. */
async function downloaded(dir: string, ending: string): Promise<string> {
  for (let k = 0; k < 100; k++) {
    const found = readdirSync(dir).find((name) => name.endsWith(ending));
    if (found !== undefined) return path.join(dir, found);
    await setTimeout(50);
  }
  throw new Error(`no ${ending} was saved`);
}

async function onAnotherCopy(body: (other: RunningServer) => Promise<void>): Promise<void> {
  const elsewhere = temporaryDir();
  const other = await startServer(elsewhere.dir);
  await body(other).finally(async () => {
    await other.end("SIGTERM");
    elsewhere.remove();
  });
}

e2eTest("the schema of the format is served", async ({ server }) => {
  const schema = await getJson<{ $schema: string; required: string[] }>(`${server.url}/schema/plan-v6.json`);
  expect(schema.$schema).toContain("2020-12");
  expect(schema.required).toContain("wirings");
});
