import { phone } from "./harness";
import { e2eTest } from "./harness/visit";

/** Panels dragged about by mouse and by finger, on the demo's Lantern. */
const home = "station/high: roof.1-roof.2-roof.3-roof.4";
const besideInHighPortArray = "[data-port-array='station/high'] ul ul [data-tile='roof.4']";

e2eTest("a panel dragged into another row adds its volts there, and the verdict follows", async ({ open, plan }) => {
  const { board, ledger, fields } = await open(`${await plan()}/wiring`);
  await board.stands(home);
  await board.drag(board.tile("roof.4"), "[data-zone='string:station/low:0:end']");
  await board.stands("station/low: bookbay.1-bookbay.2-roof.4");
  await board.said(/number 4 put in string 1 of .*PV 1.*volts add/);
  await ledger.verdict(/Do not connect.*above the max PV voltage of 57\sV/);
  await fields.saved();
});

e2eTest(
  "dropped on a panel it stands in parallel with it, on the shelf it is not wired; undo goes over both",
  async (visit) => {
    const { page, board, fields } = await visit.open(`${await visit.plan()}/wiring`);
    await board.stands(home);
    await board.drag(board.tile("roof.4"), board.tile("roof.2"));
    await page.waitForSelector(besideInHighPortArray);
    await fields.says("[data-port-array='station/high']", /amps add|volts add/);
    await board.drag(board.tile("roof.4"), "[data-zone='shelf']");
    await board.stands("shelf: roof.4");
    await fields.press("Undo");
    await page.waitForSelector(besideInHighPortArray);
    await fields.press("Undo");
    await board.stands(home);
  },
);

e2eTest("by touch: held and dragged to another PV input, on a phone", async ({ open, plan }) => {
  const { page, board, fields } = await open(`${await plan()}/wiring`, phone);
  await board.stands(home);
  const from = await board.place(board.tile("roof.1"));
  const finger = await page.touchscreen.touchStart(from.x, from.y);
  await page.waitForSelector("[data-tile='roof.1'][data-dragging]");
  await finger.move(from.x + 6, from.y + 6);
  const zone = await (await page.$("[data-zone='new:press/pv']"))?.boundingBox();
  if (zone === undefined || zone === null) throw new Error("the next PV input is not on the screen");
  for (let k = 1; k <= 6; k++) {
    const share = k / 6;
    await finger.move(from.x + (zone.x + 60 - from.x) * share, from.y + (zone.y + zone.height / 2 - from.y) * share);
  }
  await page.waitForSelector("[data-over]");
  await finger.end();
  await board.stands("press/pv: roof.1");
  await fields.press("Undo");
  await board.stands(home);
  await fields.saved();
});

e2eTest(
  "on a phone the keys lie in the lower third, and the panel they speak of stays in sight",
  async ({ open, plan }) => {
    const { page, board, fields } = await open(`${await plan()}/wiring`, phone);
    const tap = async (part: string) => {
      const key = `xpath///nav[@aria-label="Parts of this step"]//button[normalize-space()="${part}"]`;
      await (await page.waitForSelector(key))?.tap();
    };
    const placeOf = (selector: string) =>
      page.$eval(selector, (element) => {
        const { top, bottom } = element.getBoundingClientRect();
        return { top, bottom };
      });
    for (const [part, selector] of [
      ["Window", "[data-testid=window-chart] svg"],
      ["Checks", "ol[aria-label=Checks]"],
      ["Board", "[data-port-array='station/low']"],
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
    const target = await board.place("[data-tile='roof.2'] > :last-child");
    await page.touchscreen.tap(target.x, target.y);
    await page.waitForSelector("[aria-label='Selected panels']");
    const dock = await placeOf("[data-dock]");
    const tile = await placeOf(board.tile("roof.2"));
    expect(dock.top).toBeGreaterThan(844 * 0.6);
    expect(tile.bottom).toBeLessThanOrEqual(dock.top + 1);
    // the keys go on to the side, under the thumb
    const stowed = "xpath///*[@aria-label='Selected panels']//button[normalize-space()='Stowed']";
    await (await page.waitForSelector(stowed))?.tap();
    await board.said(/number 2 stowed/);
    await tap("Undo");
    await fields.says("[data-testid=board-reading]", /number 2 · Bright noon: \d/);
    await fields.saved();
  },
);
