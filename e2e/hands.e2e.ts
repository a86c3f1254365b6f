import { type Browser, type ElementHandle, type Page } from "puppeteer-core";
import { launchBrowser, openPage, says, type WatchedPage } from "./browser";
import { type RunningServer, startServer, temporaryDir } from "./server";

/** Every action of the string board by mouse, by touch and by keyboard, each undone the same way. */
const temporary = temporaryDir();
let server: RunningServer;
let browser: Browser;
let wire = "";

beforeAll(async () => {
  server = await startServer(temporary.dir, ["--demo"]);
  browser = await launchBrowser();
  const plans = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string }[];
  wire = `${server.url}/plan/${plans.find(({ name }) => name.startsWith("The Lantern"))?.id ?? ""}/wire`;
});
afterAll(async () => {
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
});

type Chord = readonly string[];
type Action = {
  readonly name: string;
  /** keys pressed together, on a panel in focus */
  readonly keys: Chord;
  /** what a mouse or finger presses, one after the other: a button's name, or `Move to > part of an option` */
  readonly buttons: readonly string[];
  /** what the board then says */
  readonly said: RegExp;
  /** what then stands in a lane, where panels move */
  readonly layout?: string;
};

const home = "station/high: roof.1-roof.2-roof.3-roof.4";

/** In order: joining rows follows on splitting one, and clearing on shading. */
const actions: readonly Action[] = [
  {
    name: "one place to the right",
    keys: ["Alt", "ArrowRight"],
    buttons: ["Move right in series"],
    said: /moved|volts add/,
    layout: "station/high: roof.1-roof.3-roof.2-roof.4",
  },
  {
    name: "one place to the left",
    keys: ["Alt", "ArrowLeft"],
    buttons: ["Move left in series"],
    said: /volts add/,
    layout: "station/high: roof.2-roof.1-roof.3-roof.4",
  },
  {
    name: "a row down",
    keys: ["Alt", "ArrowDown"],
    buttons: ["Move to the row below"],
    said: /amps add/,
    layout: "station/high: roof.1-roof.3-roof.4 | roof.2",
  },
  {
    name: "a row up",
    keys: ["Alt", "ArrowUp"],
    buttons: ["Move to the row above"],
    said: /amps add/,
    layout: "station/high: roof.2 | roof.1-roof.3-roof.4",
  },
  {
    name: "to the lane above",
    keys: ["Alt", "Shift", "ArrowUp"],
    buttons: ["Move to > Port 1"],
    said: /row of its own on .*Port 1/,
    layout: "station/low: bookbay.1-bookbay.2 | roof.2",
  },
  {
    name: "to the lane below",
    keys: ["Alt", "Shift", "ArrowDown"],
    buttons: ["Move to > Lodestone"],
    said: /row of its own on Lodestone/,
    layout: "press/pv: roof.2",
  },
  {
    name: "in parallel with the one before",
    keys: ["p"],
    buttons: ["Beside the one before"],
    said: /in parallel with Mossgate MG-195, half-cut, number 1/,
  },
  {
    name: "to the shelf",
    keys: ["Delete"],
    buttons: ["Move to > the shelf"],
    said: /put on the shelf/,
    layout: "shelf: roof.2",
  },
  {
    name: "split",
    keys: ["x"],
    buttons: ["Split row here"],
    said: /Row split/,
    layout: "station/high: roof.1 | roof.2-roof.3-roof.4",
  },
  { name: "copy", keys: ["c"], buttons: ["Copy row"], said: /Row copied below/ },
  { name: "blocking diode", keys: ["d"], buttons: ["Blocking diode"], said: /Blocking diode put in/ },
  { name: "stow", keys: ["s"], buttons: ["Stowed"], said: /number 2 stowed/ },
  { name: "take out", keys: ["o"], buttons: ["Taken out"], said: /number 2 taken out/ },
  { name: "tilt to the sun", keys: ["t"], buttons: ["Tilt +15°"], said: /tilted 15° towards/ },
  { name: "tilt away", keys: ["Shift", "T"], buttons: ["Tilt −15°"], said: /tilted 15° away/ },
  { name: "shade a substring", keys: ["2"], buttons: ["Shade substring 2"], said: /substring 2 shaded/ },
];

/** One pair of hands: how it presses a button, a panel, and undo. */
type Hands = {
  readonly size: { width: number; height: number };
  readonly press: (page: Page, name: string) => Promise<void>;
  readonly tile: (page: Page, key: string) => Promise<void>;
};

const named = async (page: Page, name: string) => {
  const found = await page.waitForFunction(
    (wanted: string) =>
      [...document.querySelectorAll<HTMLElement>("button, [role=option], [role=combobox]")].find(
        (element) =>
          (element.getAttribute("aria-label") ?? element.textContent ?? "")
            .replace(/\u200b/g, "")
            .trim()
            .startsWith(wanted) &&
          element.getBoundingClientRect().width > 0 &&
          !element.hasAttribute("disabled"),
      ),
    { timeout: 10_000 },
    name,
  );
  const element = found.asElement();
  if (element === null) throw new Error(`no control is named "${name}"`);
  await element.evaluate((control) => (control as HTMLElement).scrollIntoView({ block: "center" }));
  return element as ElementHandle<HTMLElement>;
};
const tileOf = async (page: Page, key: string) => {
  const tile = await page.waitForSelector(`[data-tile='${key}']`);
  if (tile === null) throw new Error(`no panel ${key}`);
  await tile.evaluate((element) => element.scrollIntoView({ block: "center" }));
  return tile;
};

/** The lower part of a tile, below its picture: pressing a stripe there would shade it. */
const face = async (page: Page, key: string) => {
  const box = await (await tileOf(page, key)).boundingBox();
  if (box === null) throw new Error(`${key} is not on the screen`);
  return { x: box.x + box.width / 2, y: box.y + box.height - 12 };
};

const hands: Readonly<Record<"mouse" | "touch", Hands>> = {
  mouse: {
    size: { width: 1280, height: 800 },
    press: async (page, name) => (await named(page, name)).click(),
    tile: async (page, key) => {
      const { x, y } = await face(page, key);
      await page.mouse.click(x, y);
    },
  },
  touch: {
    size: { width: 390, height: 844 },
    press: async (page, name) => (await named(page, name)).tap(),
    tile: async (page, key) => {
      const { x, y } = await face(page, key);
      await page.touchscreen.tap(x, y);
    },
  },
};

async function stands(page: Page, layout: string): Promise<void> {
  await page.waitForFunction(
    (text: string) =>
      [...document.querySelectorAll("[data-lane]")].some(
        (lane) =>
          `${lane.getAttribute("data-lane") ?? ""}: ${[...lane.querySelectorAll("[data-row]")].map((row) => [...row.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile")).join("-")).join(" | ") || [...lane.querySelectorAll("[data-tile]")].map((tile) => tile.getAttribute("data-tile")).join(" ")}` ===
          text,
      ),
    { timeout: 10_000 },
    layout,
  );
}

const said = (page: Page, words: RegExp) => says(page, "[data-testid=board-said]", words);

async function chord(page: Page, keys: Chord): Promise<void> {
  for (const key of keys.slice(0, -1)) await page.keyboard.down(key as "Alt");
  await page.keyboard.press((keys.at(-1) ?? "") as "Alt");
  for (const key of keys.slice(0, -1)) await page.keyboard.up(key as "Alt");
}

/** Nothing is left that could be undone. */
const undone = (page: Page) =>
  page.waitForFunction(() => document.querySelector<HTMLButtonElement>("[aria-label=Undo]")?.disabled === true);

describe.each(["mouse", "touch"] as const)("by %s", (means) => {
  const { size, press, tile } = hands[means];
  let watched: WatchedPage;
  beforeAll(async () => {
    watched = await openPage(browser, wire, size);
  });
  afterAll(async () => {
    expect(watched.complaints).toEqual([]);
    await watched.page.close();
  });

  test.each(actions.map((action) => [action.name, action] as const))("%s", async (_, action) => {
    const { page } = watched;
    await stands(page, home);
    await tile(page, "roof.2");
    await page.waitForSelector("[data-tile='roof.2'][aria-pressed=true]");
    for (const button of action.buttons) {
      const [control, option] = button.split(" > ");
      if (option === undefined) await press(page, button);
      else {
        await (
          await page.waitForSelector("[aria-label='Selected panels'] [role=combobox]")
        )?.evaluate((box) => box.scrollIntoView({ block: "center" }));
        const box = await page.$("[aria-label='Selected panels'] [role=combobox]");
        if (box === null) throw new Error(`no ${control ?? ""}`);
        await (means === "touch" ? box.tap() : box.click());
        const found = await page.waitForFunction(
          (part: string) =>
            [...document.querySelectorAll("[role=option]")].find((each) => each.textContent?.includes(part) === true),
          { timeout: 10_000 },
          option,
        );
        // the list grows as it opens; a finger must not land on what passes under it
        await page.waitForFunction(
          () => {
            const holder = window as unknown as { lastTop?: number };
            const top = document.querySelector("[role=option]:last-of-type")?.getBoundingClientRect().bottom;
            const still = top !== undefined && top === holder.lastTop;
            if (top !== undefined) holder.lastTop = top;
            return still;
          },
          { polling: 100 },
        );
        const chosen = found.asElement() as ElementHandle<HTMLElement> | null;
        await (means === "touch" ? chosen?.tap() : chosen?.click());
        await page.waitForFunction(() => document.querySelector("[role=listbox]") === null);
      }
    }
    await said(page, action.said);
    if (action.layout !== undefined) await stands(page, action.layout);
    await press(page, "Undo");
    await undone(page);
    await press(page, "Deselect");
  });

  test("rows joined again, shade cleared, several selected and moved together, a whole row", async () => {
    const { page } = watched;
    await tile(page, "roof.3");
    await press(page, "Split row here");
    await stands(page, "station/high: roof.1-roof.2 | roof.3-roof.4");
    await press(page, "Join row above");
    await stands(page, home);
    await press(page, "Shade substring 1");
    await said(page, /substring 1 shaded/);
    await press(page, "Clear");
    await said(page, /in full light/);
    await press(page, "Select more");
    await tile(page, "roof.4");
    await says(page, "[aria-label='Selected panels']", /2 panels/);
    await press(page, "Move to the row below");
    await page.waitForFunction(() => document.querySelectorAll("[data-lane='station/high'] [data-row]").length === 2);
    await press(page, "Deselect");
    await tile(page, "roof.1");
    await press(page, "Select its row");
    await says(page, "[aria-label='Selected panels']", /[23] panels/);
    await press(page, "Deselect");
    for (let k = 0; k < 5; k++) await press(page, "Undo");
    await stands(page, home);
    await undone(page);
  });

  test("a lane filled by number, a panel counted on the shelf", async () => {
    const { page } = watched;
    await press(page, "Lodestone C24-30");
    await press(page, "One more Thornby");
    await stands(page, "shelf: bookbay.3");
    await press(page, "One more: In series");
    await page.waitForFunction(() => document.querySelectorAll("[data-lane='press/pv'] [data-tile]").length > 0);
    await press(page, "Undo");
    await press(page, "Undo");
    await undone(page);
  });
});

describe("by keyboard", () => {
  let watched: WatchedPage;
  beforeAll(async () => {
    watched = await openPage(browser, wire);
  });
  afterAll(async () => {
    expect(watched.complaints).toEqual([]);
    await watched.page.close();
  });

  test.each(actions.map((action) => [action.name, action] as const))("%s", async (_, action) => {
    const { page } = watched;
    await stands(page, home);
    await (await tileOf(page, "roof.2")).focus();
    await chord(page, action.keys);
    await said(page, action.said);
    if (action.layout !== undefined) await stands(page, action.layout);
    await chord(page, ["Control", "z"]);
    await undone(page);
  });

  test("rows joined again, shade cleared, several selected and moved together, a whole row", async () => {
    const { page } = watched;
    await (await tileOf(page, "roof.3")).focus();
    await page.keyboard.press("x");
    await stands(page, "station/high: roof.1-roof.2 | roof.3-roof.4");
    await page.keyboard.press("j");
    await stands(page, home);
    await page.keyboard.press("1");
    await said(page, /substring 1 shaded/);
    await page.keyboard.press("0");
    await said(page, /in full light/);
    await page.keyboard.press("Space");
    await (await tileOf(page, "roof.4")).focus();
    await page.keyboard.press("Space");
    await says(page, "[aria-label='Selected panels']", /2 panels/);
    await page.keyboard.press("Delete");
    await stands(page, "shelf: roof.3 roof.4");
    await (await tileOf(page, "roof.1")).focus();
    await page.keyboard.press("Escape");
    await chord(page, ["Control", "a"]);
    await says(page, "[aria-label='Selected panels']", /2 panels/);
    await page.keyboard.press("Escape");
    for (let k = 0; k < 5; k++) await chord(page, ["Control", "z"]);
    await stands(page, home);
    await undone(page);
  });
});
