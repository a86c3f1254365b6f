import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { type Browser, type Page } from "puppeteer-core";
import { type ReadingRecord } from "@/core/measurements";
import { goTo, launchBrowser, openPage, phone, reload, startServer, temporaryDir } from "./harness";
import { eventually, getJson, e2eTest } from "./harness/visit";
import { Screen } from "./screen";

/** Believing the meter: readings by thumb, judged at once, kept whatever dies; faults found on a simulated bench. */

const readingsOf = (address: string, url: string) =>
  getJson<{ records: ReadingRecord[] }>(`${url}/api${address.replace("/plan/", "/plans/")}/readings`).then(
    ({ records }) => records,
  );

/** Types figures by the large keys and keeps them. */
async function keyIn({ page, fields }: Screen, figures: string): Promise<void> {
  await page.waitForSelector("[aria-label='Keys']");
  for (const figure of figures)
    await fields.tap(figure === "." ? "Decimal point" : figure === "-" ? "Change sign" : figure);
  await fields.tap("Save reading");
}

const told = (page: Page) => page.$$eval("[data-level][role=status]", ([told]) => told?.textContent ?? "");

e2eTest(
  "by one thumb, under a sky that is said: fine, a minus sign, millivolts, over the ceiling",
  async ({ open, plan, server }) => {
    const address = await plan("Narrowboat");
    const screen = await open(`${address}/test`, phone);
    const { page, fields } = screen;
    await fields.type("Light meter", "700");
    await fields.type("Air temperature", "15");
    await fields.type("Measured by", "Tam");
    // 46.6 V at 25 °C and 1000 W/m²: about 45 at 700 W/m² and warm cells
    await page.waitForFunction(() =>
      /700\sW\/m² from your light meter/.test(document.querySelector("main")?.textContent ?? ""),
    );
    const due = await page.$eval("svg[role=img]", (face) => face.getAttribute("aria-label") ?? "");
    const [, low = "0", high = "0"] = /Expected ([\d.]+)\sV to ([\d.]+)\sV/.exec(due) ?? [];
    const middle = ((Number(low) + Number(high)) / 2).toFixed(1);
    await keyIn(screen, middle);
    await eventually(async () => /as expected/.test(await told(page)));
    await keyIn(screen, `-${middle}`);
    await eventually(async () => /a minus sign/.test(await told(page)));
    // it bars from being plugged in, here, in the verdict and on the list, until it is read again
    await fields.says("[role=alert]", /Do not plug in\. .*reversed polarity until it is read again/);
    await fields.says("[data-testid=verdict]", /Do not connect.*Test: Do not plug in/);
    expect(
      await page.$$eval(
        "section[aria-label='Plugged in, after half a minute'] button",
        (all) => all.filter((each) => !each.disabled).length,
      ),
    ).toBe(0);
    await fields.says("main", /Reversed polarity/);
    await fields.tap("Read again");
    await keyIn(screen, (Number(middle) * 1000).toFixed(0));
    await eventually(async () => /a thousand times too much/.test(await told(page)));
    await fields.tap("Read again");
    await keyIn(screen, middle);
    await eventually(async () => /as expected/.test(await told(page)));
    // two in series stand over what the controller bears: it is not to be plugged in
    await keyIn(screen, (2 * Number(middle)).toFixed(1));
    await eventually(async () => /Do not plug in/.test(await told(page)));
    await fields.says("[role=alert]", /above the max PV voltage of/);
    // all of it is the server's, with its sky and who read it
    await eventually(async () => (await readingsOf(address, server.url)).length === 5);
    const [first] = await readingsOf(address, server.url);
    expect(first).toMatchObject({ by: "Tam", source: "typed", sky: { meterWm2: 700, airC: 15 }, quantity: "openV" });
    await reload(page);
    await page.$eval("#test-tab-report", (tab) => (tab as HTMLElement).click());
    await fields.says("main", /2 of \d+ readings as expected, 1 not as expected/);
  },
);

e2eTest(
  "on the stand-in a fault that was put in is found by what the meters show, and proves nothing",
  async ({ open, plan, server }) => {
    const address = await plan("Bee-keeper");
    const { page, fields } = await open(`${address}/test#standin`);
    await fields.choose("Fault", "cell groups bypassed");
    await fields.choose("Place of the fault", "panel or string 2");
    await fields.press("Open the simulator");
    for (let k = 0; k < 3; k++) {
      await fields.press("Read from the simulator");
      await page.waitForFunction(
        (count: number) => document.querySelectorAll("ol button [role=img], ol button svg").length >= count,
        {},
        k + 1,
      );
    }
    await fields.says("main", /Cell groups bypassed, Dunlow DL-240, poly 2: almost sure/);
    await fields.press("Back to real readings");
    await page.$eval("#test-tab-report", (tab) => (tab as HTMLElement).click());
    await fields.says("main", /0 of \d+ readings as expected/);
    await eventually(async () => (await readingsOf(address, server.url)).every(({ source }) => source === "standIn"));
  },
);

e2eTest("two panels side by side need no sky; what is typed wrong is refused", async ({ open, plan }) => {
  const { fields } = await open(`${await plan("Bee-keeper")}/test#pair`);
  await fields.type("First panel: Voc", "36.1");
  await fields.type("Second panel: Voc", "35.8");
  await fields.says("main", /Alike: open-circuit voltage/);
  await fields.type("Second panel: Voc", "23.9");
  await fields.says("main", /poly 2: open-circuit voltage is 33\.\d\s% too low: as much as one cell group/);
  await fields.type("Second panel: Voc", "4000");
  await fields.says("[role=alert]", /4000\sV is outside the range/);
});

/** Kills a browser with all of its processes, and waits until they are gone. */
async function killed(browser: Browser): Promise<void> {
  const child = browser.process();
  if (child?.pid === undefined) throw new Error("it has a process");
  const gone = new Promise((resolve) => child.once("exit", resolve));
  process.kill(-child.pid, "SIGKILL");
  await gone;
}

test("a reading survives the server's death and the browser's", async () => {
  const temporary = temporaryDir();
  const profile = mkdtempSync(path.join(os.tmpdir(), "golden-array-profile-"));
  let server = await startServer(temporary.dir, ["--demo"]);
  const { port } = server;
  const plans = await getJson<{ id: string; name: string }[]>(`${server.url}/api/plans`);
  const address = `/plan/${plans.find(({ name }) => name.startsWith("Bee-keeper"))?.id ?? ""}`;
  const first = await launchBrowser(profile);
  try {
    const { page } = await openPage(first, `${server.url}${address}/test`, phone);
    const screen = new Screen(page, temporary.dir);
    await page.waitForSelector("[aria-label='Keys']");
    await server.end("SIGKILL");
    await keyIn(screen, "34.8");
    await page.waitForFunction(() => /1 reading saved on this device only/.test(document.body.textContent ?? ""));
    await killed(first);
    server = await startServer(temporary.dir, ["--demo"], port);
    expect(await readingsOf(address, server.url)).toEqual([]);
    const second = await launchBrowser(profile);
    const again = await second.newPage();
    // any stop of the plan sends what waited
    await goTo(again, `${server.url}${address}/wiring`);
    await eventually(async () => (await readingsOf(address, server.url)).some(({ value }) => value === 34.8));
    await second.close();
  } finally {
    await first.close().catch(() => undefined);
    await server.end("SIGKILL");
    temporary.remove();
    rmSync(profile, { recursive: true, force: true });
  }
});
