import { e2eTest } from "./harness/visit";

/** What stands around the board: readings, skies, keys of the step, wirings side by side, and the steps before it. */
const home = "station/high: roof.1-roof.2-roof.3-roof.4";

e2eTest("a finding lights the panels it speaks of, and a panel shows what it does", async ({ open, plan }) => {
  const { page, board, fields } = await open(`${await plan()}/wiring`);
  // rules that pass are folded in a ledger of several ports
  await fields.press("Show");
  await (await page.waitForSelector("[data-rule=coldVoc]"))?.hover();
  await page.waitForSelector("[data-tile='bookbay.1'][data-lit=true], [data-tile='roof.1'][data-lit=true]");
  await page.waitForSelector("[data-testid=window-chart] [data-lit-edge=ceiling]");
  await (await page.waitForSelector(board.tile("roof.1")))?.hover();
  const noon = await fields.says(
    "[data-testid=board-reading]",
    /number 1.*Bright noon: \d+\.\d\sV, \d+\.\d\d\sA, \d+\sW, none bypassed/,
  );
  // volts add from plug to plug, up to the string's own
  const sums = await page.$$eval(
    "[data-port-array='station/high'] [data-zone^='string:'], [data-port-array='station/high'] strong",
    (all) => all.map((each) => Number(/([\d.]+)\sV/.exec(each.textContent ?? "")?.[1])).filter((v) => v > 0),
  );
  const one = Number(/: ([\d.]+)\sV/.exec(noon)?.[1]);
  expect(sums.length).toBeGreaterThanOrEqual(4);
  sums.slice(0, 4).forEach((sum, k) => expect(Math.abs(sum - one * (k + 1))).toBeLessThan(0.25));
  // a press in the middle of a panel selects it and shades nothing; the button of the cell group shades
  await page.click("[data-tile='roof.1'] [data-substring='2']");
  await page.waitForSelector("[data-tile='roof.1'][aria-pressed=true]");
  await fields.press("Shade cell group 2");
  await fields.says(
    "[data-testid=board-reading]",
    /1 cell group shaded.*1 of 2 cell groups bypassed.*The shade costs \d+\sW of \d+\sW/,
  );
});

e2eTest(
  "a press on a sky moves panels, totals and chart to it, and it says what it assumes",
  async ({ open, plan }) => {
    const { page, fields, ledger } = await open(`${await plan()}/wiring`);
    await fields.says("[data-testid=running]", /Bright noon:/);
    const noonW = await ledger.runningW();
    await fields.press("Haze");
    await fields.says("[data-testid=running]", /Haze:/);
    expect((await ledger.runningW()) / noonW).toBeLessThan(0.35);
    await fields.says("[aria-label=Conditions] + div", /bright overcast.*250/);
    await fields.press("Now");
    await fields.says("[data-testid=running]", /Now:/);
    await fields.says("[aria-label=Conditions] + div", /at this latitude in your clock’s time zone/);
    const curves = await page.$$eval("[data-testid=window-chart] path[data-sky]", (paths) =>
      paths.map((each) => each.getAttribute("data-sky")),
    );
    expect(curves).toEqual(["coldDawn", "brightNoon", "hotRoof", "now"]);
    await fields.press("Bright noon");
    await fields.says("[data-testid=running]", /Bright noon:/);
  },
);

e2eTest("keys of the step: wirings, sky, compare, ledger, and a mend that undo takes back", async ({ open, plan }) => {
  const { page, board, fields } = await open(`${await plan()}/wiring`);
  const wiringNow = (name: string) =>
    fields.says("[aria-label='Wirings of these panels'] [aria-pressed=true]", new RegExp(`^${name}$`));
  await fields.chord("Alt", "w");
  await wiringNow("Press day");
  await fields.chord("Alt", "Shift", "w");
  await wiringNow("Every day");
  await fields.chord("Alt", "p");
  await fields.says("[aria-labelledby=position-tabs] [aria-pressed=true]", /^Under way$/);
  await fields.says("[data-tile='bookbay.1']", /stowed/);
  await fields.chord("Alt", "p");
  await fields.says("[aria-labelledby=position-tabs] [aria-pressed=true]", /^Parked$/);
  await fields.chord("Alt", "s");
  await fields.says("[data-testid=running]", /Hot roof:/);
  for (let k = 0; k < 4; k++) await fields.chord("Alt", "s");
  await fields.says("[data-testid=running]", /Bright noon:/);
  await fields.chord("Alt", "l");
  await page.waitForSelector("section[aria-label=Checks]");
  await fields.press("Close checks");
  await fields.gone("section[aria-label=Checks]");
  await fields.chord("Alt", "c");
  await page.waitForSelector("[data-wiring]");
  await fields.chord("Alt", "c");
  await fields.gone("[data-wiring]");
  await board.focus("roof.4");
  await fields.chord("Alt", "Shift", "ArrowUp");
  await board.stands("station/low: bookbay.1-bookbay.2 | roof.4");
  await fields.says("button", /Fix:/);
  await fields.chord("Alt", "m");
  await board.said(/Fix applied/);
  await fields.press("Undo");
  await fields.press("Undo");
  await board.stands(home);
});

e2eTest(
  "one more, one fewer and filling have keys, and no key of the step runs in a text field",
  async ({ open, plan }) => {
    const { page, board, fields } = await open(`${await plan()}/wiring`);
    await board.focus("roof.1");
    await page.keyboard.press("+");
    await board.said(/5 × Mossgate MG-195/);
    await page.keyboard.press("-");
    await board.said(/4 × Mossgate MG-195/);
    await page.keyboard.press("f");
    await page.waitForSelector("[role=group][aria-label^='Fill'] input:focus");
    // in a field Alt may write a letter
    await fields.chord("Alt", "c");
    await fields.chord("Alt", "w");
    expect(await page.$("[data-wiring]")).toBeNull();
    await fields.says("[aria-label='Wirings of these panels'] [aria-pressed=true]", /^Every day$/);
  },
);

e2eTest("another wiring of the same panels is a press away, and a copy of it leaves the first alone", async (visit) => {
  const { page, board, fields } = await visit.open(`${await visit.plan()}/wiring`);
  await fields.press("Press day");
  await board.stands("press/pv: roof.1-roof.2 | roof.3-roof.4");
  await fields.pick("Commands for this wiring", "Copy this wiring");
  await board.focus("roof.4");
  await page.keyboard.press("Delete");
  await board.stands("press/pv: roof.1-roof.2 | roof.3");
  await fields.press("Press day");
  await board.stands("press/pv: roof.1-roof.2 | roof.3-roof.4");
  await fields.saved();
  await fields.press("Every day");
  await board.stands(home);
});

e2eTest(
  "wirings are compared side by side, with what moves between them and what to beware of",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan()}/wiring`);
    const card = "[data-testid=changeover]";
    await fields.pick("Commands for this wiring", "Compare the wirings");
    await page.waitForFunction(() => {
      const strings = [...document.querySelectorAll("[data-wiring]")];
      return strings.length === 3 && strings.every((string) => /connect/.test(string.textContent ?? ""));
    });
    await fields.says("[data-wiring=everyday]", /nothing to buy/);
    await fields.says("[data-wiring=pressday]", /1 pair of branch connectors/);
    // against the board: watts under each sky, and kWh of the year once both are through
    await fields.says("[data-wiring=pressday]", /97\d\sW\s*−\d+\sW[^]*kWh harvest\s*\+\d+\skWh/);
    const change = await fields.says(card, /From “Every day, Parked” to[^]*The cables you handle/);
    expect(change).toMatch(
      /Switch off the PV isolator at .*Disconnect at .*PV 2.*Mossgate MG-195 1.*connect at .*Lodestone.*measure/,
    );
    expect(change).toMatch(/120\.3\sV DC: a shock hazard/);
    // what no rule of either wiring would say: the way between them has its own dangers
    await fields.press("Press day");
    await fields.says(
      card,
      /What is meant for .*PV 2.* must not be plugged in at Lodestone.*above the max PV voltage of 94\sV/,
    );
  },
);

e2eTest(
  "measured points take the label's place, are refused at their line, and can be dropped again",
  async (visit) => {
    const { page, fields } = await visit.open(`${await visit.plan()}/panels`);
    await (await fields.named("Points: volts, amps")).focus();
    await page.keyboard.type("0, 8.6\n10, 8.55\n18, 8.4\n22, 7.9\n24, 6.6\n26, 3.4\nmany");
    await fields.says("[role=alert]", /Line 7: “many” is not a pair of volts and amps/);
    for (let k = 0; k < 4; k++) await page.keyboard.press("Backspace");
    await fields.says("[role=status]", /A diode curve fits the points/);
    await fields.press("Use the label instead");
    await page.waitForFunction(() => !/fits the points/.test(document.body.textContent ?? ""));
  },
);

e2eTest("a limit that ports share is typed in, and judged over all of them", async ({ open, plan }) => {
  const { fields, ledger } = await open(`${await plan()}/controller`);
  await fields.type("Max power together", "600");
  await fields.press("Checks");
  await ledger.line("shared", /At noon PV 1.*and PV 2.*together they use at most 600\sW/);
  await fields.press("Close checks");
  await fields.saved();
});

e2eTest(
  "amps of which the sheet does not say what passes them are asked about, and the answer is one press",
  async ({ open, plan }) => {
    const { fields, ledger } = await open(`${await plan("Bee-keeper")}/controller`);
    await ledger.is("care");
    await fields.choose("Kind of limit", "not stated");
    await ledger.is("open");
    await ledger.verdict(/Isc × 1.25 is 31.57\sA, above the max PV current of 13.5\sA. Does the controller limit/);
    await fields.press("Never exceed");
    await ledger.is("stop");
    await ledger.verdict(/above the absolute maximum of 13.5\sA/);
    await fields.press("Undo");
    await ledger.is("open");
    await fields.press("It limits itself");
    await ledger.is("care");
    await fields.saved();
  },
);

e2eTest(
  "a word of the trade is explained, by its question mark and by the search for anything",
  async ({ open, plan }) => {
    const { page, fields } = await open(`${await plan()}/wiring`);
    await fields.press("What is “Window”?");
    await fields.says(
      "[role=dialog][aria-label=Glossary] [data-term=window]",
      /volts and amps that a PV input can use/,
    );
    await fields.type("Search the glossary", "nothing connected");
    await fields.says("[role=dialog][aria-label=Glossary] [data-term=voc]", /Open-circuit voltage/);
    await fields.press("Close the glossary");
    await fields.chord("Control", "k");
    await page.waitForSelector("[role=listbox]");
    await page.keyboard.type("2S2P");
    await page.waitForFunction(() => document.querySelectorAll("[role=option]").length === 1);
    await page.keyboard.press("Enter");
    await fields.says("[role=dialog][aria-label=Glossary]", /two strings in parallel: four panels/);
  },
);
