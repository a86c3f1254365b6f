import { spawnSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import path from "node:path";
import { type Page } from "puppeteer-core";
import { demoPlans } from "@/demo";
import { phone, root, temporaryDir } from "./harness";
import { e2eTest } from "./harness/visit";

/** Waits until a search has come to its end: on a busy machine a search goes on for longer than a page takes for anything else. */
async function searched(page: Page): Promise<void> {
  await page.waitForFunction(() => document.querySelector("progress") === null, { timeout: 60_000 });
}

/** The finder: packets by one press, onto the board by another; why not; bad luck; the same from the command line. */
e2eTest("an empty board is told its best wirings, takes one by a press, and gives it back", async ({ open, plan }) => {
  const bare = await plan("The Lantern", (whole) => ({
    ...whole,
    wirings: whole.wirings.slice(0, 1).map((wiring) => ({ ...wiring, portArrays: [] })),
  }));
  const { page, fields } = await open(`${bare}/wiring`);
  await fields.says("main", /Nothing is wired yet/);
  await fields.press("Find best wirings");
  await fields.says("[aria-label='Best of each kind']", /Most energy/);
  await fields.says("main", /wirings? tried/);
  await searched(page);
  const offers = await page.$$eval("[aria-label='Best of each kind'] > li button", (all) =>
    all.map((each) => each.getAttribute("aria-label") ?? ""),
  );
  expect(offers.length).toBeGreaterThan(2);
  await fields.press(offers[1] ?? "");
  await fields.says("[aria-label='Best of each kind']", /On the board now/);
  await fields.press("Undo");
  await page.waitForFunction(() => !document.body.innerText.includes("On the board now"));
  await fields.press(offers[1] ?? "");
  await fields.press("Board");
  await fields.says("#wire-board", /volts add/);
  await fields.saved();
});

e2eTest("the field by keys, why not, and bad luck; pause, go on and stop", async ({ open, plan }) => {
  const { page, fields } = await open(`${await plan()}/wiring#finder`);
  await fields.pressAtOnce("Pause");
  await fields.pressAtOnce("Continue");
  await fields.says("[aria-label='Best of each kind']", /Most energy[^]*kWh a year/);
  // why not the one on the board: a number, and where it stays
  await fields.says("[aria-label='For and against it']", /It harvests \d+\skWh a year; the best harvests \d+\skWh/);
  const field = await page.waitForSelector("[role=listbox]");
  await field?.focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  // what is chosen while the search goes on stays chosen to its end
  await searched(page);
  const chosen = () => page.$$eval("[role=option][aria-selected=true]", (all) => all.map(({ id }) => id));
  const [first] = await chosen();
  // and the next one down is another, however alike the two are
  await field?.focus();
  await page.keyboard.press("ArrowDown");
  await page.waitForFunction((id) => document.querySelector("[aria-selected=true]")?.id !== id, {}, first);
  expect(await chosen()).toHaveLength(1);
  await fields.press("Use this wiring");
  await fields.says("main", /is on the board\. Undo reverts it/);
  await fields.press("Stress test");
  await fields.says("table", /A colder record low: [−\d.]+\s°C[^]*Parked with the front to \d+°/);
  await fields.says("tfoot", /In all of these\s*safe in all, first in/);
  // another goal begins anew, and can be called off
  await fields.press("Search again");
  await fields.pressAtOnce("Cancel");
  await searched(page);
});

e2eTest("on a phone the packets stand one under another, as wide as the screen", async ({ open, plan }) => {
  const { page, fields } = await open(`${await plan("Narrowboat")}/wiring#finder`, phone);
  await fields.says("main", /Most energy/);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(phone.width);
});

e2eTest("shopping: within money and room, into the plan by a press, taken back by another", async ({ open, plan }) => {
  const { page, fields } = await open(`${await plan("Bee-keeper")}/wiring#buy`);
  await fields.type("Budget", "nonsense");
  await fields.says("main", /Budget/);
  await fields.type("Budget", "400");
  await fields.type("Max weight", "20");
  await fields.press("Find what to buy");
  await fields.says("[aria-label='What to buy']", /Harvest in a year/);
  await searched(page);
  await fields.says("main", /PWM/);
  const paid = await page.$$eval("[aria-label='What to buy'] dd", (all) =>
    all.map((each) => each.textContent ?? "").filter((words) => words.includes("made")),
  );
  expect(paid.length).toBeGreaterThan(0);
  await fields.press("Add to the plan");
  await fields.says("main", /added to the plan and to the board/);
  await fields.says("main", /The plan has changed since/);
  // what was found for the plan before cannot be put into this one
  expect(await page.$$eval("[aria-label='What to buy'] button:not([disabled])", ({ length }) => length)).toBe(0);
  await fields.press("Board");
  await page.waitForSelector("#wire-board [data-tile]");
  const tiles = await page.$$eval("#wire-board [data-tile]", ({ length }) => length);
  await fields.press("Undo");
  await page.waitForFunction(
    (many: number) => document.querySelectorAll("#wire-board [data-tile]").length < many,
    {},
    tiles,
  );
  await fields.saved();
});

describe("from the command line", () => {
  const temporary = temporaryDir();
  afterAll(temporary.remove);
  const find = (args: readonly string[]) =>
    spawnSync("npm", ["run", "-s", "find", "--", ...args], { cwd: root, encoding: "utf8" });

  test("a plan is answered in lines or as JSON; what is wrong is said with the field", () => {
    const file = path.join(temporary.dir, "plan.json");
    writeFileSync(file, JSON.stringify(demoPlans().find(({ name }) => name.startsWith("Rooftop"))));
    const told = find([file, "--by", "noon"]);
    expect([told.status, told.stderr]).toEqual([0, ""]);
    expect(told.stdout).toMatch(
      /no other wiring brings more at bright noon[^]*Most energy.*: [\d.]+\sW at bright noon/,
    );
    const { offers } = JSON.parse(find([file, "--by", "noon", "--json"]).stdout) as {
      offers: { facts: { noonW: number } }[];
    };
    expect(told.stdout).toContain(`${offers[0]?.facts.noonW.toFixed(0)}\u00a0W at bright noon`);
    const refused = find([file, "--by", "13"]);
    expect([refused.status, refused.stderr]).toEqual([2, '--by: "13"; allowed: year, noon, or a month from 1 to 12\n']);
  });
});
