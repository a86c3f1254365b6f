import { ready } from "./harness";
import { e2eTest } from "./harness/visit";

/** The string board by keys and by numbers, on the demo's Lantern. */
const home = "station/high: roof.1-roof.2-roof.3-roof.4";

e2eTest(
  "by keys: moved, split, joined, stowed, shaded and tilted, each said aloud, each undone",
  async ({ open, plan }) => {
    const { page, board, fields, ledger } = await open(`${await plan()}/wiring`);
    await board.focus("roof.1");
    await fields.chord("Alt", "ArrowRight");
    await board.stands("station/high: roof.2-roof.1-roof.3-roof.4");
    await page.waitForSelector("[data-tile='roof.1']:focus");
    await page.keyboard.press("x");
    await board.stands("station/high: roof.2 | roof.1-roof.3-roof.4");
    await board.said(/String split/);
    await board.focus("roof.1");
    await page.keyboard.press("j");
    await board.stands("station/high: roof.2-roof.1-roof.3-roof.4");
    await board.focus("roof.3");
    await fields.chord("Alt", "ArrowDown");
    await board.stands("station/high: roof.2-roof.1-roof.4 | roof.3");
    await page.keyboard.press("s");
    await board.said(/number 3 stowed/);
    await fields.says("[data-tile='roof.3']", /stowed/);
    await ledger.line("mixedStates", /1 stowed of 4 panels/);
    await page.keyboard.press("s");
    await page.keyboard.press("1");
    await board.said(/cell group 1 shaded/);
    await page.keyboard.press("t");
    await board.said(/tilted 15° towards/);
    await page.keyboard.press("d");
    await board.said(/Blocking diode added/);
    await page.keyboard.press("Delete");
    await board.stands("shelf: roof.3");
    await page.keyboard.press("?");
    await fields.says("[role=dialog]", /Keys of the string board.*in parallel with the panel before it/);
    await fields.press("Close");
    for (let k = 0; k < 10; k++) await fields.press("Undo");
    await board.stands(home);
    await board.undone();
  },
);

e2eTest(
  "arrows go from panel to panel; several are selected and moved together by a button",
  async ({ open, plan }) => {
    const { page, board, fields } = await open(`${await plan()}/wiring`);
    await board.focus("roof.1");
    await page.keyboard.press("ArrowRight");
    await page.waitForSelector("[data-tile='roof.2']:focus");
    await page.keyboard.press("Space");
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("Space");
    await fields.says("[aria-label='Selected panels']", /2 panels/);
    await fields.press("Move to the string below");
    await page.waitForFunction(
      () => document.querySelectorAll("[data-port-array='station/high'] [data-string]").length === 2,
    );
    await fields.press("Undo");
    await board.stands(home);
  },
);

e2eTest("any action is found by name, and undo goes on after a reload", async ({ open, plan }) => {
  const { page, board, fields } = await open(`${await plan()}/wiring`);
  await page.click(board.tile("roof.4"));
  const openPalette = async () => {
    await fields.chord("Control", "k");
    await page.waitForSelector("[role=dialog] input");
  };
  await openPalette();
  await page.keyboard.press("Escape");
  await fields.gone("[role=dialog]");
  await board.focus("roof.4");
  await openPalette();
  await (await page.$("[role=dialog] .MuiDialogActions-root button"))?.click();
  await fields.gone("[role=dialog]");
  await board.focus("roof.4");
  await openPalette();
  await page.keyboard.type("to the shelf");
  await page.keyboard.press("Enter");
  await board.stands("shelf: roof.4");
  await fields.saved();
  // a finding, and another stop, from wherever one is
  await openPalette();
  await page.keyboard.type("Max array voltage");
  await page.keyboard.press("Enter");
  await fields.says("section[aria-label=Checks]", /Max array voltage/);
  await page.waitForSelector("section[aria-label=Checks]:focus");
  await page.keyboard.press("Escape");
  await fields.gone("section[aria-label=Checks]");
  await openPalette();
  await page.keyboard.type("Mounting");
  await page.keyboard.press("Enter");
  await page.waitForFunction(() => location.pathname.endsWith("/mounting"));
  await openPalette();
  await page.keyboard.type("Wiring");
  await page.keyboard.press("Enter");
  await page.waitForFunction(() => location.pathname.endsWith("/wiring"));
  await page.reload({ waitUntil: "domcontentloaded" });
  await ready(page);
  await board.stands("shelf: roof.4");
  await fields.press("Undo");
  await board.stands(home);
  await fields.saved();
});

e2eTest(
  "a PV input is filled by number, and panels of another kind are counted on the shelf",
  async ({ open, plan }) => {
    const { board, fields } = await open(`${await plan()}/wiring`);
    await fields.press("Press day");
    await fields.press("Lodestone Long, charge controller: Panel terminals");
    await fields.shows("Strings in parallel", "2");
    await fields.press("One more Thornby TF-160, folding pair");
    await board.stands("shelf: bookbay.3");
    await fields.press("Undo");
    await board.stands("shelf: ");
  },
);

e2eTest(
  "rows that are not alike are not swept away by a press, and a panel joins the end of a row by Move to",
  async (visit) => {
    const { page, board, fields } = await visit.open(`${await visit.plan()}/wiring`);
    await page.click(board.tile("bookbay.1"));
    await (await fields.control("Move to…")).click();
    await (await fields.control("Haybarn Loft, power station: PV 2, high voltage, end of string 1")).click();
    const mixed = "station/high: roof.1-roof.2-roof.3-roof.4-bookbay.1";
    await board.stands(mixed);
    await fields.press("Haybarn Loft, power station: PV 2, high voltage");
    await fields.press("One more: Strings in parallel");
    await fields.says(
      "[aria-label='Strings to add']",
      /1 in series × 2 strings in parallel needs 2 × Mossgate MG-195.*to the shelf/,
    );
    await board.stands(mixed);
    await fields.press("Cancel");
    await fields.press("One more: Strings in parallel");
    await fields.press("Wire these strings");
    await board.stands("station/high: roof.1 | roof.2");
    await fields.press("Undo");
    await board.stands(mixed);
  },
);

e2eTest("more in series than lie on the shelf: they are taken from the other PV input by one press", async (visit) => {
  const { board, fields } = await visit.open(`${await visit.plan()}/wiring`);
  await fields.press("Haybarn Loft, power station: PV 1, low voltage");
  await fields.choose("Panel", "Mossgate MG-195, half-cut");
  await fields.says("[aria-label='Strings to add']", /more than are free/);
  await fields.press("Take 2 from the other PV inputs and wire these strings");
  await board.stands("station/low: roof.3-roof.4");
  await board.stands("station/high: roof.1-roof.2");
  await fields.press("Undo");
  await board.stands(home);
});

e2eTest("a second press that comes before the first is drawn is not lost", async ({ open, plan }) => {
  const { page, board, fields } = await open(`${await plan()}/wiring`);
  const twice = (name: string) =>
    page.$eval(`[aria-label='${name}']`, (button) => {
      for (let k = 0; k < 2; k++) (button as HTMLElement).click();
    });
  await page.click(board.tile("roof.1"));
  await fields.control("Move right in series");
  await twice("Move right in series");
  await board.stands("station/high: roof.2-roof.3-roof.1-roof.4");
  await twice("One fewer: In series");
  await board.stands("station/high: roof.1-roof.2");
  await twice("One more Mossgate MG-195, half-cut");
  await fields.says("[data-port-array=shelf]", /6Mossgate/);
});
