import { goTo, phone } from "./harness";
import { e2eTest } from "./harness/visit";

/** Practice: the mistake is made and told with its numbers, the way out is found, by the same board and meter as the real thing. */

e2eTest(
  "on the board: the third panel in the row is over the ceiling; beside each other they run",
  async ({ open }) => {
    const { page, fields, board } = await open("/practice#thirdInSeries.1.5");
    await fields.press("Plug in");
    await fields.says("[role=status]", /Nothing is wired yet/);
    for (const n of [1, 2, 3]) {
      await board.focus(`p.${n}`);
      await fields.chord("Alt", "ArrowUp");
    }
    await board.stands("i/pv: p.1 | p.2 | p.3");
    // joined to the string above, one after the other
    for (const n of [2, 3]) {
      await board.focus(`p.${n}`);
      await page.keyboard.press("j");
    }
    await board.stands("i/pv: p.1-p.2-p.3");
    await fields.press("Plug in");
    await fields.says("main", /9\d\.\d\sV.*84\sV.*In series volts add/);
    await fields.press("Show a safe wiring");
    await board.stands("i/pv: p.1 | p.2 | p.3");
    await fields.press("Try again");
    await fields.says("main", /first level/);
    for (const n of [1, 2, 3]) {
      await board.focus(`p.${n}`);
      await fields.chord("Alt", "ArrowUp");
    }
    await fields.press("Plug in");
    await fields.says("main", /OK to connect: .*\sW at bright noon/);
    // what was practised stays on this device
    await goTo(page, page.url().split("#")[0] ?? "");
    await fields.says("main", /1 drill of 37 tried/);
    await fields.says("main", /The next panel.*1 of 2/);
  },
);

e2eTest("by one thumb with the meter: the dead plug is found and made anew, a guess is refused", async ({ open }) => {
  const { fields, page } = await open("/practice#deadPlug.1.5", phone);
  await fields.tap("Replace its connector");
  await fields.tap("Panel 2");
  await fields.says("[role=status]", /The meter is off|Measure first/);
  await fields.tap("A DC 10");
  await fields.tap("Panel 1");
  await fields.says("main", /0\.00 A/);
  await fields.tap("Replace its connector");
  await page.$eval("[aria-label^='Replace its connector: which one'] button", (button) =>
    (button as HTMLElement).click(),
  );
  await fields.says("main", /Right: replace its connector/);
  await fields.tap("Next drill");
  await fields.says("main", /The next panel/);
});

e2eTest(
  "by hand and at the box: what comes too early fails, an endless run is the same for its number",
  async ({ open }) => {
    const { fields, page } = await open("/practice#batteryFirst.1.9");
    await fields.press("Check that the controller is on");
    await fields.says("[role=status]", /Not yet: put the battery fuse in/);
    await fields.press("Plug in the panels");
    await fields.says("main", /too early, and it cannot be undone.*battery first/);
    await goTo(page, `${page.url().split("#")[0] ?? ""}?#neverBlows.1.3`);
    await fields.press("15 A");
    await fields.press("Close the combiner box");
    await fields.says("main", /never blow|bright sun alone|series fuse rating/);
    const story = async () => {
      await goTo(page, `${page.url().split(/[?#]/)[0] ?? ""}?${Math.random()}#endless.41.7`);
      return fields.says("main", /Number 8 of endless run 41/);
    };
    expect(await story()).toBe(await story());
  },
);
