import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { type ElementHandle } from "puppeteer-core";
import { type MeasuredRecord } from "@/core/measurements";
import { phone, reload } from "./harness";
import { eventually, getJson, e2eTest, isolatedE2eTest } from "./harness/visit";

/** Living with it: an entry by thumb in a few presses, what was due, what a year of them shows. */

const recordsOf = (address: string, url: string) =>
  getJson<{ records: MeasuredRecord[] }>(`${url}/api${address.replace("/plan/", "/plans/")}/readings`).then(
    ({ records }) => records,
  );

e2eTest(
  "by one thumb: sky, watts, written down; marked in the margin; taken out again",
  async ({ open, plan, server }) => {
    const address = await plan("Bee-keeper");
    const { page, fields } = await open(`${address}/log`, phone);
    await fields.says("main", /No entries yet/);
    await fields.tap("broken cloud");
    for (const figure of "41") await fields.tap(figure);
    await fields.tap("Save entry");
    await fields.says("main", /41\sW, /);
    await fields.tap("cleaned");
    await fields.says("main", /cleaned: added to the log/);
    await eventually(async () => (await recordsOf(address, server.url)).length === 2);
    expect(await recordsOf(address, server.url)).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ kind: "log", watts: 41, cloud: "broken", source: "typed" }),
        expect.objectContaining({ kind: "event", what: "cleaned" }),
      ]),
    );
    // what is no number is refused, and what was typed stays
    await page.$eval("input[inputmode=none]", (line) => (line as HTMLInputElement).focus());
    await page.keyboard.type("4x");
    await fields.says("[role=alert]", /“4x” is not a number of watts/);
    await reload(page);
    await fields.says("main", /Entries: 1/);
    for (const left of [1, 0]) {
      // from the keys: the list may still be moving under a thumb
      await page.$eval("button[aria-label^='Delete']", (button) => (button as HTMLButtonElement).focus());
      await page.keyboard.press("Enter");
      await page.waitForFunction(
        (count: number) =>
          [...document.querySelectorAll("button")].filter(({ textContent }) => textContent === "Delete").length ===
          count,
        {},
        left,
      );
    }
    await fields.says("main", /Entries: 0/);
    await eventually(async () => (await recordsOf(address, server.url)).length === 0);
  },
);

isolatedE2eTest(
  "a year of the Lantern shows its dirt and its fault, and goes out as a table",
  async ({ open, server, files }) => {
    const plans = await getJson<{ id: string; name: string }[]>(`${server.url}/api/plans`);
    const id = plans.find(({ name }) => name.startsWith("The Lantern"))?.id ?? "";
    const { page, fields } = await open(`/plan/${id}/log`);
    await fields.says("main", /Dirt from about .* to 20 Jun 2026/);
    await fields.says("main", /A fault since 12 Aug 2026: 1\d\.\d\s% less/);
    expect(await page.$$eval("svg[role=img] circle", (marks) => marks.length)).toBeGreaterThan(200);
    await fields.press("CSV");
    const found = () => readdirSync(files).find((name) => name.endsWith(".csv"));
    await eventually(() => Promise.resolve(found() !== undefined));
    expect(readFileSync(path.join(files, found() ?? ""), "utf8")).toMatch(/^atUtc,what,watts[^]*cleaned/);
    await fields.says("main", /Compared with the same hour last month\./);
    // what is due is told, done with one press, and goes out as a calendar
    await fields.says("main", /Due: .*Wash the panels/);
    await fields.press("Jobs");
    await fields.press("Mark as done today: Wash the panels");
    await fields.says("[aria-label=Jobs]", /Wash the panels: next .*, done /);
    await fields.press("iCalendar");
    await eventually(() => Promise.resolve(readdirSync(files).includes("jobs.ics")));
    const calendar = readFileSync(path.join(files, "jobs.ics"), "utf8");
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(3);
    expect(calendar).toMatch(/RRULE:FREQ=DAILY;INTERVAL=56/);
    await page.$eval("#log-tab-month", (tab) => (tab as HTMLElement).click());
    await fields.choose("Month to show", "September 2026");
    await fields.says("main", /with entries: about .* of .*\skWh expected.*A fault since 12 Aug 2026/);
    // the suspicion goes along, and the walk begins where it tells most
    await page.$eval("#log-tab-log", (tab) => (tab as HTMLElement).click());
    await fields.press("Test it");
    await page.waitForSelector("[aria-label='Keys']");
    await fields.says("main", /The log says: 1\d\.\d\s% less than expected since 12 Aug 2026/);
    await fields.says("main", /Likely causes.*(Check next|Read)/);
  },
);

e2eTest("a job of one’s own; what the stand-in station shows is kept apart", async ({ open, plan, server }) => {
  const address = await plan("Bee-keeper");
  const { page, fields } = await open(`${address}/log#jobs`);
  await fields.press("Other");
  await fields.press("Add this job");
  await fields.says("[role=status]", /Describe the job/);
  await fields.type("Description", "grease the hinges");
  await fields.press("Add this job");
  await fields.says("[aria-label=Jobs]", /grease the hinges/);
  await page.$eval("#log-tab-log", (tab) => (tab as HTMLElement).click());
  await fields.press("Read from the simulated station");
  await fields.says("[role=status]", /From the simulator/);
  await fields.press("Save entry");
  await fields.says("main", /from the simulator/);
  await eventually(async () =>
    (await recordsOf(address, server.url)).some((each) => each.kind === "log" && each.source === "standIn"),
  );
});

e2eTest(
  "a table of readings is read column by column, taken at once, and twice is once",
  async ({ open, plan, server, files }) => {
    const address = await plan("Bee-keeper");
    const { page, fields } = await open(`${address}/log`);
    const file = path.join(files, "station.csv");
    writeFileSync(
      file,
      "Date;PV power (W);Sky;Serial\n2026-05-01 12:30;412,5;sunny;x7\n2026-05-02 12:40;many;sunny;x7\n2026-05-03 12:40;398;haze;x7\n",
    );
    for (let k = 0; k < 2; k++) {
      const input = await page.waitForSelector("input[aria-label='Table of readings']");
      await (input as ElementHandle<HTMLInputElement>).uploadFile(file);
      await fields.says("main", /“PV power \(W\)”: watts.*“Serial”: left out/);
      await fields.says("main", /Line 3, PV power \(W\): “many” is no number/);
      await fields.press("Import 2 readings");
      await fields.says("main", /2 readings imported/);
    }
    await fields.says("main", /Entries: 2/);
    expect(
      (await recordsOf(address, server.url)).map((each) => each.kind === "log" && [each.watts, each.source]),
    ).toEqual([
      [412.5, "csv"],
      [398, "csv"],
    ]);
  },
);
