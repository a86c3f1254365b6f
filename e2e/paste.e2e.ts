import { walk } from "./harness/visit";

/** A seller's page pasted at Panels: values beside their words, a contradiction doubted, nothing taken before it is pressed. */
const page = `Hedgerow HR-160 solar panel, 160 W
Maximum power (Pmax): 160 W
Open-Circuit Voltage: 18,9 V
Voltage at Pmax (Vmp): 22,6 V
Short circuit current (Isc): 8,95 A
Current at Pmax (Imp): 8,46 A
Temperature coefficient of Voc: -66 mV/K
Shipping size 1600 x 800 x 60 mm, delivered in 3 days`;

walk(
  "text is read as it is pasted, swapped volts are offered the right way round, and the label goes into the plan",
  async ({ open, plan }) => {
    const { page: screen, fields } = await open(`${await plan("Bee-keeper")}/panels`);
    await fields.press("Paste a page");
    const field = await fields.named("Paste what you copied; the numbers are found in it.");
    await field.evaluate((element, text) => {
      // as a paste does it: all at once
      const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value")?.set;
      set?.call(element, text);
      element.dispatchEvent(new Event("input", { bubbles: true }));
    }, page);
    await fields.says("table", /Hedgerow HR-160[^]*Open-Circuit Voltage: 18,9 V/);
    await fields.says("table", /running volts have to lie below open volts/);
    await fields.says("main", /Not understood: 1 line/);
    expect(await screen.$$eval("[aria-label='Panels in this plan'] li", ({ length }) => length)).toBe(1);
    await fields.press("Read it so");
    await fields.press("Put it in the plan");
    await fields.says("[aria-label='Panels in this plan']", /Hedgerow HR-160[^]*160\sW · 22.6\sV · 8.95\sA/);
    await fields.press("Undo");
    await screen.waitForFunction(
      () => !(document.querySelector("[aria-label='Panels in this plan']")?.textContent ?? "").includes("Hedgerow"),
    );
    await fields.saved();
  },
);
