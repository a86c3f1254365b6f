import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { type ElementHandle, type Page } from "puppeteer-core";
import { type MeasuredRecord } from "@/core/measurements";
import { homeSchema } from "@/core/phone-sheet";
import { launchBrowser, phone } from "./harness";
import { eventually, getJson, isolatedE2eTest } from "./harness/visit";

/** The sheet for the roof: made, opened from a file with the network off, and what was ticked and read there brought home. */

const maxBytes = 1_500_000;

async function lantern(url: string) {
  const plans = await getJson<{ id: string; name: string }[]>(`${url}/api/plans`);
  return plans.find(({ name }) => name.startsWith("The Lantern"))?.id ?? "";
}
const setText = (page: Page, selector: string, value: string) =>
  page.$eval(
    selector,
    (field, text) => {
      (field as HTMLInputElement).value = text;
      field.dispatchEvent(new Event("change", { bubbles: true }));
    },
    value,
  );

isolatedE2eTest(
  "ticks and readings of a sheet without a network come home, and twice is once",
  async ({ open, server, files }) => {
    const id = await lantern(server.url);
    const { page, fields } = await open(`/plan/${id}/log#roof`);
    await fields.press("Make the phone sheet");
    const made = () => readdirSync(files).find((name) => name.endsWith("roof-sheet.html"));
    await eventually(() => Promise.resolve(made() !== undefined));
    const sheet = path.join(files, made() ?? "");
    expect(statSync(sheet).size).toBeLessThan(maxBytes);

    const roof = await launchBrowser();
    try {
      const there = await roof.newPage();
      const asked: string[] = [];
      const complaints: string[] = [];
      there.on("request", (request) => asked.push(request.url()));
      there.on("console", (message) => message.type() === "error" && complaints.push(message.text()));
      there.on("pageerror", (error) => complaints.push(String(error)));
      await there.setOfflineMode(true);
      await there.setViewport({ ...phone, isMobile: true, hasTouch: true });
      await there.goto(`file://${sheet}`);
      await there.waitForSelector("body[data-live=true]");
      expect(await there.$$eval("img", (all) => all.every((each) => (each as HTMLImageElement).naturalWidth > 0))).toBe(
        true,
      );
      expect(await there.$eval("#not-kept", (each) => (each as HTMLElement).hidden)).toBe(true);
      // one step of mounting, one of connecting
      for (const list of ["mount:", "Connecting"])
        await there.$eval(`input[data-list^='${list}']:not(:checked)`, (box) => (box as HTMLInputElement).click());
      await setText(there, "input[data-read*='panel:'][data-read$='openV']", "24,1");
      await setText(there, "input[data-read$='runA']", "4x");
      expect(await there.$eval("#wrong", (each) => each.textContent)).toMatch(/“4x” is not saved/);
      await setText(there, "input[data-read$='runA']", "");
      await there.type("#log-watts", "212");
      await there.select("#log-sky", "clear");
      await there.click("#log-write");
      await there.reload();
      await there.waitForSelector("body[data-live=true]");
      expect(await there.$eval("#counted", (each) => each.textContent)).toBe(
        "2 ticked, 1 measured, 1 entered in the log.",
      );
      expect(await there.$eval("#log-list", (each) => each.textContent)).toMatch(/212 W, clear/);
      const text = await there.$eval("#as-text", (each) => (each as HTMLTextAreaElement).value);
      const home = homeSchema.parse(JSON.parse(text));
      expect(home.reads[0]?.[1]).toBe(24.1);
      await there.click("#show-codes");
      const code = await there.waitForSelector("#codes svg[role=img]");
      const picture = path.join(files, "code.png");
      await code?.screenshot({ path: picture as `${string}.png` });
      expect(asked.filter((url) => !url.startsWith("data:") && !url.startsWith("file:"))).toEqual([]);
      expect(complaints).toEqual([]);

      const bring = async (file: string) => {
        const input = await page.waitForSelector("input[aria-label='Phone sheet to import']");
        await (input as ElementHandle<HTMLInputElement>).uploadFile(file);
      };
      const records = () =>
        getJson<{ records: MeasuredRecord[] }>(`${server.url}/api/plans/${id}/readings`).then(
          ({ records: all }) => all,
        );
      const before = (await records()).length;
      const file = path.join(files, "home.json");
      writeFileSync(file, text);
      await bring(file);
      await fields.says("[role=status]", /Imported: 2 checkmarks, 0 measurements, 2 readings\./);
      await eventually(async () => (await records()).length === before + 3);
      // what was read is held against what was due in its own moment
      const read = (await records()).find(({ id: of }) => of.startsWith("sheet-r-"));
      if (read?.kind !== "prove") throw new Error("a reading came home");
      expect(read.due === null ? null : read.due.low < read.due.high).toBe(true);
      expect(read.sky.cloud).toBe("clear");
      await fields.saved();
      // the same by its code
      await bring(picture);
      await fields.says("[role=status]", /Imported: 0 checkmarks.*Left out: 4/);
      expect((await records()).length).toBe(before + 3);
      const { plan } = await getJson<{ plan: { fixings: { list: { ticks: unknown[] }[] } } }>(
        `${server.url}/api/plans/${id}`,
      );
      expect(plan.fixings.list.some(({ ticks }) => ticks.length > 0)).toBe(true);
      // of another plan, or damaged, nothing is taken
      writeFileSync(file, JSON.stringify({ ...home, plan: "another" }));
      await bring(file);
      await fields.says("[role=alert]", /belongs to another plan/);
      writeFileSync(file, JSON.stringify({ ...home, log: [["many", null, null, home.ticks[0]?.[2]]] }));
      await bring(file);
      await fields.says("[role=alert]", /log\.0\.0/);
    } finally {
      await roof.close();
    }
  },
);

isolatedE2eTest(
  "with scripts or storage shut off the sheet can be read, and says that nothing is kept",
  async ({ open, server, files }) => {
    const { fields } = await open(`/plan/${await lantern(server.url)}/log#roof`);
    await fields.press("Make the phone sheet");
    const made = () => readdirSync(files).find((name) => name.endsWith("roof-sheet.html"));
    await eventually(() => Promise.resolve(made() !== undefined));
    const roof = await launchBrowser();
    try {
      const bare = await roof.newPage();
      await bare.setJavaScriptEnabled(false);
      await bare.goto(`file://${path.join(files, made() ?? "")}`);
      const text = await bare.$eval("body", (body) => (body as HTMLElement).innerText);
      expect(text).toMatch(/Scripts are off here/);
      expect(text).toMatch(/Order of work[^]*Expected about/);

      const shut = await roof.newPage();
      await shut.evaluateOnNewDocument(() => {
        Object.defineProperty(window, "localStorage", {
          get: () => {
            throw new Error("shut off");
          },
        });
      });
      await shut.goto(`file://${path.join(files, made() ?? "")}`);
      await shut.waitForSelector("body[data-live=true]");
      expect(await shut.$eval("#not-kept", (each) => (each as HTMLElement).hidden)).toBe(false);
      // more than one code holds: it is split, and put together from pictures in any order
      await shut.evaluate(() => {
        for (const box of document.querySelectorAll<HTMLInputElement>("input[data-step]:not(:checked)")) box.click();
      });
      await shut.click("#show-codes");
      await shut.waitForSelector("#codes figure:nth-of-type(2)");
      expect(readFileSync(path.join(files, made() ?? ""), "utf8")).not.toMatch(/src="http|href="http/);
    } finally {
      await roof.close();
    }
  },
);
