import { runs } from "@/testing";
import { desktop, phone, type Size } from "./harness";
import { type Visit, e2eTest } from "./harness/visit";
import { type Screen } from "./screen";
import { steady } from "./screen/fields";

/** Every action of the string board by mouse, by touch and by keyboard, each undone the same way. */
type Action = {
  readonly name: string;
  /** keys pressed together, on a panel in focus */
  readonly keys: readonly string[];
  /** what a mouse or finger presses, one after the other: a button's name, or `Move to > part of an option` */
  readonly buttons: readonly string[];
  /** what the board then says */
  readonly said: RegExp;
  /** what then stands in a port array, where panels move */
  readonly layout?: string;
  /** that nothing changes by it, and there is nothing to undo */
  readonly refused?: boolean;
};

const home = "station/high: roof.1-roof.2-roof.3-roof.4";

const groups: Readonly<Record<string, readonly Action[]>> = {
  "a panel moved about": [
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
      buttons: ["Move to the string below"],
      said: /amps add/,
      layout: "station/high: roof.1-roof.3-roof.4 | roof.2",
    },
    {
      name: "a row up",
      keys: ["Alt", "ArrowUp"],
      buttons: ["Move to the string above"],
      said: /amps add/,
      layout: "station/high: roof.2 | roof.1-roof.3-roof.4",
    },
    {
      name: "to the PV input above",
      keys: ["Alt", "Shift", "ArrowUp"],
      buttons: ["Move to > low voltage, a new string"],
      said: /string of its own on .*PV 1/,
      layout: "station/low: bookbay.1-bookbay.2 | roof.2",
    },
    {
      name: "to the PV input below",
      keys: ["Alt", "Shift", "ArrowDown"],
      buttons: ["Move to > Lodestone"],
      said: /string of its own on Lodestone/,
      layout: "press/pv: roof.2",
    },
    {
      name: "in parallel with its left neighbour",
      keys: ["p"],
      buttons: ["In parallel with its left neighbor"],
      said: /in parallel with Mossgate MG-195, half-cut, number 1/,
    },
    {
      name: "to the shelf",
      keys: ["Delete"],
      buttons: ["Move to > the shelf"],
      said: /put on the shelf/,
      layout: "shelf: roof.2",
    },
  ],
  "a panel and its row changed": [
    {
      name: "split",
      keys: ["x"],
      buttons: ["Split string here"],
      said: /String split/,
      layout: "station/high: roof.1 | roof.2-roof.3-roof.4",
    },
    {
      name: "copy, for which the shelf lacks panels",
      keys: ["c"],
      buttons: ["Copy string"],
      said: /shelf lacks 4 × Mossgate/,
      refused: true,
    },
    { name: "blocking diode", keys: ["d"], buttons: ["Blocking diode"], said: /Blocking diode added/ },
    { name: "stow", keys: ["s"], buttons: ["Stowed"], said: /number 2 stowed/ },
    { name: "take out", keys: ["o"], buttons: ["Bypassed"], said: /number 2 bypassed/ },
    { name: "tilt to the sun", keys: ["t"], buttons: ["Tilt +15°"], said: /tilted 15° towards/ },
    { name: "tilt away", keys: ["Shift", "T"], buttons: ["Tilt −15°"], said: /tilted 15° away/ },
    { name: "shade a substring", keys: ["2"], buttons: ["Shade cell group 2"], said: /cell group 2 shaded/ },
  ],
};

/** One pair of hands: the screen it is used on, and how it presses a control and a panel. */
type Hands = {
  readonly size: Size;
  readonly press: (screen: Screen, name: string) => Promise<void>;
  readonly tile: (screen: Screen, key: string) => Promise<void>;
};

const hands: Readonly<Record<"mouse" | "touch", Hands>> = {
  mouse: {
    size: desktop,
    press: ({ fields }, name) => fields.press(name),
    tile: async ({ page, board }, key) => {
      const { x, y } = await board.face(key);
      await page.mouse.click(x, y);
    },
  },
  touch: {
    size: phone,
    press: ({ fields }, name) => fields.tap(name),
    tile: async ({ page, board }, key) => {
      const { x, y } = await board.face(key);
      await page.touchscreen.tap(x, y);
    },
  },
};

/** One action of several in a test: a failure says which. */
async function step(name: string, body: () => Promise<void>): Promise<void> {
  await body().catch((cause: unknown) => {
    throw new Error(`${name}: ${cause instanceof Error ? cause.message : String(cause)}`, { cause });
  });
}

async function atHome({ open, plan }: Visit, size: Size): Promise<Screen> {
  const screen = await open(`${await plan()}/wiring`, size);
  await screen.board.stands(home);
  return screen;
}

/** Opens the list of places and presses the one whose name has a part in it. */
async function moveTo({ size, press }: Hands, screen: Screen, place: string): Promise<void> {
  const { page, fields } = screen;
  await press(screen, await nameOfList(screen));
  const option = await page.waitForSelector(`xpath///*[@role="option"][contains(., "${place}")]`);
  if (option === null) throw new Error(`no place is named "${place}"`);
  await (size === phone ? (await steady(option)).tap() : (await steady(option)).click());
  await fields.gone("[role=listbox]");
}

async function nameOfList({ page }: Screen): Promise<string> {
  const list = await page.waitForSelector("[aria-label='Selected panels'] [role=combobox]");
  return (await list?.evaluate((box) => box.getAttribute("aria-label") ?? box.textContent)) ?? "";
}

/** By touch the first group, which moves panels in every way there is, and the others in the soak: the same buttons are pressed. */
const groupsBy = (means: "mouse" | "touch") =>
  Object.entries(groups).slice(0, means === "mouse" || runs(1) > 1 ? undefined : 1);

for (const means of ["mouse", "touch"] as const) {
  const { size, press, tile } = hands[means];

  for (const [group, actions] of groupsBy(means))
    e2eTest(`by ${means}: ${group}`, async (visit) => {
      const screen = await atHome(visit, size);
      const { page, board } = screen;
      for (const action of actions)
        await step(action.name, async () => {
          await tile(screen, "roof.2");
          await page.waitForSelector("[data-tile='roof.2'][aria-pressed=true]");
          for (const button of action.buttons) {
            const [control, place] = button.split(" > ");
            if (place === undefined) await press(screen, control ?? "");
            else await moveTo(hands[means], screen, place);
          }
          await board.said(action.said);
          if (action.layout !== undefined) await board.stands(action.layout);
          if (action.refused !== true) await press(screen, "Undo");
          await board.undone();
          await board.stands(home);
          await press(screen, "Deselect");
        });
    });

  e2eTest(`by ${means}: rows joined again, shade cleared, several moved together, a whole row`, async (visit) => {
    const screen = await atHome(visit, size);
    const { page, board, fields } = screen;
    await tile(screen, "roof.3");
    await press(screen, "Split string here");
    await board.stands("station/high: roof.1-roof.2 | roof.3-roof.4");
    await press(screen, "Join to string above");
    await board.stands(home);
    await press(screen, "Shade cell group 1");
    await board.said(/cell group 1 shaded/);
    await press(screen, "Reset");
    await board.said(/in full sun/);
    await press(screen, "Select more");
    await tile(screen, "roof.4");
    await fields.says("[aria-label='Selected panels']", /2 panels/);
    await press(screen, "Move to the string below");
    await page.waitForFunction(
      () => document.querySelectorAll("[data-port-array='station/high'] [data-string]").length === 2,
    );
    await press(screen, "Deselect");
    await tile(screen, "roof.1");
    await press(screen, "Select its string");
    await fields.says("[aria-label='Selected panels']", /[23] panels/);
    await press(screen, "Deselect");
    for (let k = 0; k < 5; k++) await press(screen, "Undo");
    await board.stands(home);
    await board.undone();
  });

  e2eTest(`by ${means}: a lane filled by number, a panel counted on the shelf`, async (visit) => {
    const screen = await atHome(visit, size);
    const { page, board, fields } = screen;
    await press(screen, "Lodestone Long");
    await press(screen, "One more Thornby");
    await board.stands("shelf: bookbay.3");
    // all of the roof's panels are wired: nothing is bought without a word
    await press(screen, "One more: In series");
    await fields.says(
      "[aria-label='Strings to add']",
      /2 in series × 1 string in parallel needs 2 × Mossgate MG-195, 2 more/,
    );
    await press(screen, "Add 2 more to the plan and wire these strings");
    await page.waitForSelector("[data-port-array='press/pv'] [data-tile]");
    await press(screen, "Undo");
    await press(screen, "Undo");
    await board.undone();
  });
}

for (const [group, actions] of Object.entries(groups))
  e2eTest(`by keyboard: ${group}`, async (visit) => {
    const { board, fields } = await atHome(visit, desktop);
    for (const action of actions)
      await step(action.name, async () => {
        await board.focus("roof.2");
        await fields.chord(...action.keys);
        await board.said(action.said);
        if (action.layout !== undefined) await board.stands(action.layout);
        if (action.refused !== true) await fields.chord("Control", "z");
        await board.undone();
        await board.stands(home);
      });
  });

e2eTest("by keyboard: rows joined again, shade cleared, several moved together, a whole row", async (visit) => {
  const { page, board, fields } = await atHome(visit, desktop);
  await board.focus("roof.3");
  await page.keyboard.press("x");
  await board.stands("station/high: roof.1-roof.2 | roof.3-roof.4");
  await page.keyboard.press("j");
  await board.stands(home);
  await page.keyboard.press("1");
  await board.said(/cell group 1 shaded/);
  await page.keyboard.press("0");
  await board.said(/in full sun/);
  await page.keyboard.press("Space");
  await board.focus("roof.4");
  await page.keyboard.press("Space");
  await fields.says("[aria-label='Selected panels']", /2 panels/);
  await page.keyboard.press("Delete");
  await board.stands("shelf: roof.3 roof.4");
  await board.focus("roof.1");
  await page.keyboard.press("Escape");
  await fields.chord("Control", "a");
  await fields.says("[aria-label='Selected panels']", /2 panels/);
  await page.keyboard.press("Escape");
  for (let k = 0; k < 5; k++) await fields.chord("Control", "z");
  await board.stands(home);
  await board.undone();
});
