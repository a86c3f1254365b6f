import { type ElementHandle, type KeyInput, type Page } from "puppeteer-core";
import { patienceMs } from "../harness/patience";

/**
 * Brings something to the middle of the screen, and waits until it stands still and nothing lies over it: a person presses
 * what has come to rest.
 */
export async function steady<E extends ElementHandle<Element>>(found: E): Promise<E> {
  await found.evaluate(async (element) => {
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
    const placeNow = () => {
      const { left, top, width, height } = element.getBoundingClientRect();
      return { left, top, x: left + width / 2, y: top + height / 2 };
    };
    element.scrollIntoView({ block: "center", inline: "nearest", behavior: "instant" });
    let before = placeNow();
    for (let still = 0, tries = 0; still < 2 && tries < 300; tries++) {
      await frame();
      const now = placeNow();
      const onTop = document.elementFromPoint(now.x, now.y);
      still =
        now.left === before.left && now.top === before.top && onTop !== null && element.contains(onTop) ? still + 1 : 0;
      before = now;
    }
  });
  return found;
}

/** What a person does with labelled fields, named buttons and words on any page. */
export class Fields {
  constructor(private readonly page: Page) {}

  /** The control that a visible label stands for, as a person finds it. */
  async named(label: string, nth = 0): Promise<ElementHandle<HTMLInputElement>> {
    const handle = await this.page.waitForSelector(`xpath/(//label[normalize-space()="${label}"])[${nth + 1}]`);
    const id = await handle?.evaluate((element) => element.getAttribute("for"));
    const control = await this.page.$(`[id="${id ?? ""}"]`);
    if (control === null) throw new Error(`no control is labelled "${label}"`);
    return control as ElementHandle<HTMLInputElement>;
  }

  async valueOf(label: string): Promise<string> {
    return (await this.named(label)).evaluate((input) => input.value);
  }

  /** Chooses one of a few by its words' beginning, at the choice under a label. */
  async choose(label: string, option: string): Promise<void> {
    const found = await this.page.waitForSelector(
      `xpath///label[normalize-space()='${label}']/..//*[@role='combobox']`,
    );
    if (found === null) throw new Error(`nothing is chosen at "${label}"`);
    await (await steady(found as ElementHandle<Element>)).click();
    const picked = await this.page.waitForSelector(
      `xpath///*[@role='option'][starts-with(normalize-space(), "${option}")]`,
    );
    if (picked === null) throw new Error(`"${option}" is not offered`);
    await (await steady(picked as ElementHandle<Element>)).click();
    await this.page.waitForSelector("[role=option]", { hidden: true });
  }

  /** Types into a field from the keyboard, over whatever stood there. */
  async type(label: string, text: string, nth = 0): Promise<void> {
    await (await this.named(label, nth)).focus();
    await this.chord("Control", "a");
    await this.page.keyboard.type(text);
    await this.page.keyboard.press("Tab");
  }

  /** Waits until the control that a label stands for shows a value. */
  async shows(label: string, value: string): Promise<void> {
    await this.named(label);
    await this.page.waitForFunction(
      (name: string, wanted: string) =>
        [...document.querySelectorAll("label")].some(
          (each) =>
            each.textContent === name &&
            document.querySelector<HTMLInputElement>(`[id="${each.htmlFor}"]`)?.value === wanted,
        ),
      { timeout: patienceMs },
      label,
      value,
    );
  }

  /** A button, link, option or box by the beginning of its name, once it can be pressed. */
  async control(name: string): Promise<ElementHandle<HTMLElement>> {
    const found = await this.page.waitForFunction(
      (wanted: string) => {
        // icons leave zero-width spaces in a button's text
        const nameOf = (element: Element) =>
          (element.getAttribute("aria-label") ?? element.textContent ?? "")
            .replace(/\u200b/g, "")
            .replace(/\s+/g, " ")
            .trim();
        return [
          ...document.querySelectorAll<HTMLElement>(
            "button, a, summary, [role=option], [role=combobox], [role=menuitem]",
          ),
        ].find(
          (element) =>
            nameOf(element).startsWith(wanted) &&
            element.getBoundingClientRect().width > 0 &&
            element.checkVisibility() &&
            !element.hasAttribute("disabled"),
        );
      },
      { timeout: patienceMs },
      name,
    );
    const element = found.asElement() as ElementHandle<HTMLElement> | null;
    if (element === null) throw new Error(`no control is named "${name}"`);
    return element;
  }

  async press(name: string): Promise<void> {
    await this.hit(name, (control) => control.click());
  }

  /** A command of a menu. */
  async pick(menu: string, command: string): Promise<void> {
    await this.press(menu);
    await this.press(command);
    await this.page.waitForFunction(() => document.querySelector("[role=menu]") === null);
  }

  /** Presses a button the moment it is there, in the page itself: what it stops may be over while a hand looks for it. */
  async pressAtOnce(name: string): Promise<void> {
    await this.page.waitForFunction(
      (wanted: string) => {
        const button = [...document.querySelectorAll("button")].find(({ textContent }) => textContent === wanted);
        button?.click();
        return button !== undefined;
      },
      { timeout: patienceMs },
      name,
    );
  }

  async tap(name: string): Promise<void> {
    await this.hit(name, (control) => control.tap());
  }

  /** A hand that sees the page move under it just as it presses, and presses beside, presses again. */
  private async hit(name: string, act: (control: ElementHandle<HTMLElement>) => Promise<void>): Promise<void> {
    for (let tries = 0; tries < 3; tries++) {
      const control = await steady(await this.control(name));
      await control.evaluate((element) => {
        delete element.dataset["hit"];
        // what opens a list opens it as it is touched, and the list has the rest of the press
        const proof = element.getAttribute("role") === "combobox" ? "pointerdown" : "click";
        element.addEventListener(proof, () => (element.dataset["hit"] = ""), { capture: true, once: true });
      });
      await act(control);
      // where the press led away from the page there is nothing left to ask
      if (await control.evaluate((element) => !element.isConnected || "hit" in element.dataset).catch(() => true))
        return;
    }
    throw new Error(`"${name}" could not be pressed: the page moved each time`);
  }

  /** Presses keys together: those before the last are held. */
  async chord(...keys: readonly string[]): Promise<void> {
    const held = keys.slice(0, -1) as KeyInput[];
    for (const key of held) await this.page.keyboard.down(key);
    await this.page.keyboard.press((keys.at(-1) ?? "") as KeyInput);
    for (const key of held) await this.page.keyboard.up(key);
  }

  /** Waits until some element says something, and returns the text of all that are meant. */
  async says(selector: string, pattern: RegExp): Promise<string> {
    await this.page.waitForFunction(
      (where: string, what: string, flags: string) =>
        [...document.querySelectorAll(where)].some((each) => new RegExp(what, flags).test(each.textContent ?? "")),
      { timeout: patienceMs },
      selector,
      pattern.source,
      pattern.flags,
    );
    return this.page.$$eval(selector, (all) => all.map((each) => each.textContent ?? "").join(" "));
  }

  /** Waits until nothing on the page is meant by a selector any more. */
  async gone(selector: string): Promise<void> {
    await this.page.waitForSelector(selector, { hidden: true, timeout: patienceMs });
  }

  /** Hands a file to the picker of this name, or to the only one. */
  async upload(file: string, name?: string): Promise<void> {
    const selector = name === undefined ? "input[type=file]" : `[aria-label='${name}']`;
    const picker = (await this.page.waitForSelector(selector)) as ElementHandle<HTMLInputElement>;
    await picker.uploadFile(file);
  }

  /** Waits until the plan, or the sheet in hand, is on disk. */
  async saved(): Promise<void> {
    await this.page.waitForSelector("[data-save=saved]", { timeout: patienceMs });
  }
}
