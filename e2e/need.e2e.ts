import { writeFileSync, readFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import { type Page } from "puppeteer-core";
import { patienceMs, phone } from "./harness";
import { e2eTest } from "./harness/visit";

/** From what is used, over where, to the year that comes of it; and the files that must be refused. */
const epw = gunzipSync(readFileSync("src/core/fixtures/harvest/north-firth.epw.gz")).toString("utf8");

/** kWh a year as the headline has it, once the year is through. */
async function yearKwh(page: Page): Promise<number> {
  await page.waitForSelector("[data-year=settled]");
  const text = await page.$eval("[data-year]", (view) => view.textContent ?? "");
  return Number(/(\d+)\u00a0kWh a year for your daily use/.exec(text)?.[1]);
}

e2eTest(
  "a day adds itself up from the stock, in the margin by season, and undo takes it back",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan("Bee-keeper")}/need`);
    await fields.says("main", /Nothing yet\. Press an appliance/);
    await fields.press("Compressor cooler");
    await fields.press("Kettle");
    await fields.says("[aria-label=Appliances]", /Compressor cooler[^]*405\sWh[^]*Kettle[^]*270\sWh/);
    // 405 + 270 / 0.88 + an hour of the inverter at 8 W: no battery, nothing always on
    await fields.says("table", /Total, Wh\s*720/);
    await fields.says("main", /Quick rule\s*120\sW/);
    await fields.press("Kettle3");
    await fields.type("Times a day", "1");
    await fields.says("[aria-label=Appliances]", /Kettle[^]*90\sWh/);
    await fields.press("Winter");
    await fields.press("Undo");
    await fields.says("[aria-label=Appliances]", /Kettle[^]*90\sWh/);
    await fields.press("Undo");
    await fields.says("[aria-label=Appliances]", /270\sWh/);
    await fields.saved();
    expect(await page.$$("[data-load]")).toHaveLength(2);
  },
);

e2eTest(
  "a place by its numbers or its name; a kind of climate confirmed brings the record the rules hold",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan("Rooftop tent")}/need#place`);
    await fields.type("Latitude and longitude", "91, 10");
    await fields.says("[role=alert]", /latitude is 91; enter a value between −90 and 90/);
    await fields.type("Latitude and longitude", "57°12′N 3°6′W");
    await fields.says("main", /57\.20° N, 3\.10° W[^]*Time zone Europe\/London/);
    await (await fields.named("Record low")).focus();
    await fields.chord("Control", "a");
    await page.keyboard.press("Backspace");
    await fields.says("main", /assumed/);
    await fields.press("Use this climate");
    await fields.shows("Record low", "-16");
    await fields.says("main", /from the kind of climate/);
    // another town: typed letters, one of the towns that come
    await (await fields.named("or search a town")).focus();
    await page.keyboard.type("zurich");
    await page.waitForFunction(() => /CH/.test(document.querySelector("[role=listbox]")?.textContent ?? ""), {
      timeout: patienceMs,
    });
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("Enter");
    await fields.says("main", /Time zone Europe\/Zurich/);
    // a stay: a day typed key by key passes other days, before it begins, which are none of it
    await fields.press("Add a stay");
    const begins = await fields.valueOf("From");
    await (await fields.named("To")).focus();
    await page.keyboard.type("12252031");
    await page.keyboard.press("Enter");
    await fields.shows("To", "2031-12-25");
    expect(await fields.valueOf("From")).toBe(begins);
    await fields.type("Location", "57.2");
    await fields.says("[role=alert]", /Enter latitude and longitude/);
    await fields.saved();
  },
);

e2eTest("a weather file drives the year; broken and hostile files are refused by line and field", async (visit) => {
  const address = await visit.plan();
  const { page, fields } = await visit.open(`${address}/wiring#year`);
  const before = await yearKwh(page);
  await fields.press("Need");
  await fields.press("Location");
  const write = (name: string, text: string) => {
    const file = path.join(visit.files, name);
    writeFileSync(file, text);
    return file;
  };
  await fields.upload(write("broken.epw", epw.replace(/\n(1987|\d{4}),7,4,13,/, "\n$1,7,x,13,")), "Weather file");
  await fields.says("[role=alert]", /broken\.epw: line \d+, day:/);
  await fields.upload(write("huge.epw", "x".repeat(8_000_001)), "Weather file");
  await fields.says("[role=alert]", /huge\.epw: the file has 8000001 bytes; allowed: at most 8000000/);
  const evil = `<?xml version="1.0"?>\n<!DOCTYPE x [<!ENTITY a "b">]>\n<gpx>&a;</gpx>`;
  await fields.upload(write("evil.gpx", evil), "Track file");
  await fields.says("[role=alert]", /evil\.gpx: line 2, DOCTYPE/);
  await fields.upload(write("north.epw", epw), "Weather file");
  await fields.says("main", /North Firth[^]*Coldest hour[^]*are proposed/);
  await fields.press("Use its hours");
  await fields.says("main", /The year now uses the hours of “North Firth”/);
  await fields.press("Wiring");
  await fields.press("Year");
  await fields.says("main", /Weather file “North Firth”, hour by hour/);
  const after = await yearKwh(page);
  expect([after > 0, after === before]).toEqual([true, false]);
  await fields.saved();
  // another page fetches the file from the server, and makes the same year of it
  const other = await visit.open(`${address}/wiring#year`);
  expect(await yearKwh(other.page)).toBe(after);
});

e2eTest(
  "the year on a phone: table, a month’s day, what would bring more; dirt is taken off at once",
  async ({ open, plan }) => {
    const address = await plan();
    const { page, fields } = await open(`${address}/wiring#year`, phone);
    const clean = await yearKwh(page);
    await fields.tap("Table");
    await fields.says("[aria-label='Year as a table']", /Battery full[^]*December[^]*Year/);
    await fields.tap("Dec");
    await fields.says("main", /Mean day in December/);
    await fields.tap("Try changes");
    await fields.says("[aria-label='What would bring more']", /Do not connect this/);
    await fields.tap("Need");
    await fields.tap("Tilt & direction");
    await fields.type("Dirt", "30");
    await fields.tap("Wiring");
    await fields.tap("Year");
    await page.waitForFunction(
      (was: number) => {
        const kwh = /(\d+)\u00a0kWh a year for/.exec(
          document.querySelector("[data-year=settled]")?.textContent ?? "",
        )?.[1];
        return kwh !== undefined && Number(kwh) < was;
      },
      { timeout: patienceMs },
      clean,
    );
    await fields.saved();
  },
);
