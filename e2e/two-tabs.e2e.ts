import { setTimeout } from "node:timers/promises";
import { type Plan } from "@/core/plan";
import { tilesOf } from "@/core/engine/array";
import { createRandom, runs } from "@/testing";
import { ready, type RunningServer, startServer, temporaryDir } from "./harness";
import { read } from "./harness/plans-api";
import { type Visit, e2eTest } from "./harness/visit";
import { type Screen } from "./screen";

/**
 * Two tabs of one plan at random: typing, dragging, undoing, closing and loading again, with and without a server. Whatever
 * was typed is in the end on disk, on screen, in a draft that is offered, or was refused by hand. Each edit adds a word of
 * its own to the wiring's note, so that a version tells what is in it.
 */
type Tab = { readonly screen: Screen; offline: boolean };

/** What a version holds: the words of its note, and how many panels stand before the lower port. */
type Holds = { readonly words: readonly string[]; readonly inLow: number };

const runCount = runs(1);
/** Steps of a run: fewer in `npm test`. */
const steps = runs(1) > 1 ? 14 : 9;
const seeds = Array.from({ length: runCount }, (_, k) => Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1) * 1000 + k);

const wordsOf = (note: string) => note.split(" ").filter((word) => word !== "");
const holdsOf = ({ wirings: [wiring] }: Plan): Holds => ({
  words: wordsOf(wiring?.note ?? ""),
  inLow: tilesOf((wiring?.portArrays ?? []).filter(({ portId }) => portId === "low")).length,
});

async function onScreen({ screen: { page, fields } }: Tab): Promise<Holds> {
  const inLow = await page.$$eval("[data-port-array='station/low'] [data-tile]", (tiles) => tiles.length);
  return { words: wordsOf(await fields.valueOf("Note on this wiring")), inLow };
}

/** Waits until what was done is drawn, and what was left by an earlier page has been looked for. */
async function drawn({ screen: { page } }: Tab): Promise<void> {
  await page.evaluate(async () => {
    for (let k = 0; k < 3; k++) await new Promise((resolve) => requestAnimationFrame(resolve));
  });
  await ready(page);
}

class TwoTabs {
  readonly #typed = new Set<string>();
  readonly #refused = new Set<string>();
  /** By the last word of a version, how many panels could stand there in it. */
  readonly #lowWith = new Map<string, Set<number>>();
  readonly #told: string[] = [];
  readonly tabs: [Tab | null, Tab | null] = [null, null];

  constructor(
    readonly visit: Visit,
    readonly address: string,
    readonly dir: string,
    private server: RunningServer | null,
    private readonly port: number,
  ) {}

  get log(): string {
    return this.#told.join("\n");
  }
  tell(words: string): void {
    this.#told.push(words);
  }
  get id(): string {
    return this.address.split("/").pop() ?? "";
  }
  get up(): boolean {
    return this.server !== null;
  }

  async kill(): Promise<void> {
    await this.server?.end("SIGKILL");
    this.server = null;
  }
  async restart(): Promise<RunningServer> {
    return (this.server ??= await startServer(this.dir, ["--demo"], this.port));
  }
  async end(): Promise<void> {
    await this.server?.end("SIGKILL");
  }

  /** Opens one of the tabs. */
  async open(k: 0 | 1): Promise<Tab> {
    const screen = await this.visit.open(`${this.address}/wiring`, undefined, await this.restart());
    await screen.fields.pick("Commands for this wiring", "Edit name and note of this wiring");
    return (this.tabs[k] = { screen, offline: false });
  }

  async type(tab: Tab): Promise<void> {
    const word = `w${this.#typed.size}`;
    this.#typed.add(word);
    await (await tab.screen.fields.named("Note on this wiring")).focus();
    await tab.screen.page.keyboard.press("End");
    await tab.screen.page.keyboard.type(`${word} `);
    await tab.screen.page.waitForFunction(
      (input: Element, end: string) => input instanceof HTMLInputElement && input.value.endsWith(end),
      {},
      await tab.screen.fields.named("Note on this wiring"),
      `${word} `,
    );
    // leaves the field, so that the next word is a step of its own
    await tab.screen.page.keyboard.press("Tab");
    await this.note(tab);
  }

  /** Moves a panel between the two ports of the station; once more where the other tab's save moved it meanwhile. */
  async drag(tab: Tab, again = true): Promise<void> {
    const { board, page } = tab.screen;
    await ready(page);
    const isLow = (await board.layout()).some(
      (portArray) => portArray.startsWith("station/low") && portArray.includes("roof.4"),
    );
    try {
      await board.drag(board.tile("roof.4"), `[data-zone='string:station/${isLow ? "high" : "low"}:0:end']`);
      await board.said(/number 4 put in string/);
    } catch (error) {
      if (!again) throw error;
      await page.mouse.up().catch(() => undefined);
      return this.drag(tab, false);
    }
    await this.note(tab);
    await this.type(tab);
  }

  /** Does something by which the person lets words go that are on this screen. */
  async byHand(tab: Tab, act: () => Promise<void>): Promise<void> {
    await drawn(tab);
    const before = await onScreen(tab);
    await act();
    await drawn(tab);
    const after = await onScreen(tab);
    for (const word of before.words) if (!after.words.includes(word)) this.#refused.add(word);
    await this.note(tab);
  }

  async keepMine(tab: Tab): Promise<void> {
    const theirs = holdsOf((await read(await this.restart(), this.id)).plan);
    await drawn(tab);
    await tab.screen.fields.press("Keep this version");
    const mine = await onScreen(tab);
    for (const word of theirs.words) if (!mine.words.includes(word)) this.#refused.add(word);
  }

  async letGo(tab: Tab): Promise<void> {
    const before = await this.drafts(tab);
    await tab.screen.fields.press("Discard changes");
    await setTimeout(100);
    const after = new Set((await this.drafts(tab)).map(({ key }) => key));
    for (const { key, holds } of before) if (!after.has(key)) for (const word of holds.words) this.#refused.add(word);
  }

  async drafts({ screen }: Tab): Promise<{ key: string; holds: Holds }[]> {
    const kept = await screen.page.evaluate(
      () =>
        new Promise<{ key: string; document: unknown }[]>((resolve, reject) => {
          const opening = indexedDB.open("golden-array");
          opening.onerror = () => reject(new Error("no database"));
          opening.onsuccess = () => {
            const all = opening.result.transaction("drafts").objectStore("drafts").getAll();
            all.onsuccess = () => resolve(all.result as { key: string; document: unknown }[]);
          };
        }),
    );
    return kept.map(({ key, document }) => ({ key, holds: holdsOf(document as Plan) }));
  }

  /** What is on disk, on screen and in drafts, how many are offered, and how many are neither on disk nor on screen. */
  private async versions(tab: Tab) {
    const disk = holdsOf((await read(await this.restart(), this.id)).plan);
    const drafts = await this.drafts(tab);
    const shown = await onScreen(tab);
    const offered = await tab.screen.page.$$eval("[aria-label='Unsaved changes'] > *", (lines) => lines.length);
    const known = [disk, shown].map((each) => JSON.stringify(each));
    const differing = drafts.filter(({ holds }) => !known.includes(JSON.stringify(holds))).length;
    return { disk, shown, drafts, offered, differing };
  }

  /** Both tabs closed and the server there: whatever was typed and not let go must be found. */
  async check(): Promise<void> {
    for (const tab of this.tabs) await tab?.screen.page.close();
    const { screen } = await this.open(0);
    const tab = { screen, offline: false };
    await screen.page.waitForFunction(() => {
      const type = document.querySelector("[data-save]")?.getAttribute("data-save");
      return type === "saved" || type === "stale" || document.querySelector("[aria-label='Unsaved changes']");
    });
    // a tab closed a moment ago may count as open a moment longer
    let versions = await this.versions(tab);
    for (let tries = 0; tries < 20 && versions.offered < versions.differing; tries++) {
      await setTimeout(300);
      versions = await this.versions(tab);
    }
    const { disk, shown, drafts, offered, differing } = versions;
    expect(offered).toBeGreaterThanOrEqual(differing);
    const found = [disk, shown, ...drafts.map(({ holds }) => holds)];
    const lost = [...this.#typed].filter(
      (word) => !this.#refused.has(word) && !found.some(({ words }) => words.includes(word)),
    );
    expect(lost).toEqual([]);
    for (const { words, inLow } of found) {
      const last = words.at(-1);
      if (last !== undefined) expect([...(this.#lowWith.get(last) ?? [])]).toContain(inLow);
    }
  }

  /** Remembers how many panels stand before the lower port in the version on screen. */
  private async note(tab: Tab): Promise<void> {
    const { words, inLow } = await onScreen(tab);
    const last = words.at(-1) ?? "";
    this.#lowWith.set(last, (this.#lowWith.get(last) ?? new Set()).add(inLow));
  }
}

/** One step of a run: what a person, a network or a power switch may do next. */
async function step(two: TwoTabs, roll: ReturnType<typeof createRandom>): Promise<void> {
  const k = roll.pick([0, 1] as const);
  const tab = two.tabs[k];
  if (tab === null) {
    two.tell(`open ${k}`);
    await two.open(k);
    return;
  }
  const { page, fields } = tab.screen;
  await page.bringToFront();
  await ready(page);
  const act = roll.pick(["type", "type", "type", "drag", "undo", "close", "reload", "network", "server", "wait"]);
  two.tell(`${act} ${k}`);
  if (await page.$("[aria-label='Unsaved changes']")) {
    two.tell("  a draft is offered");
    if (roll.chance(0.5)) return two.byHand(tab, () => fields.press("Restore"));
    return two.letGo(tab);
  }
  if ((await page.$("[data-save=stale]")) !== null && roll.chance(0.5) && two.up && !tab.offline) {
    two.tell("  a conflict is settled");
    if (roll.chance(0.5)) return two.byHand(tab, () => fields.press("Load the other version"));
    return two.keepMine(tab);
  }
  switch (act) {
    case "type":
      return two.type(tab);
    case "drag":
      return two.drag(tab);
    case "undo":
      return two.byHand(tab, () => fields.chord("Control", "z"));
    case "close":
      await page.close();
      two.tabs[k] = null;
      return;
    case "reload":
      await two.restart();
      if (tab.offline) await page.setOfflineMode(false);
      tab.offline = false;
      await page.reload({ waitUntil: "domcontentloaded" });
      await ready(page);
      await fields.pick("Commands for this wiring", "Edit name and note of this wiring");
      // a moment, in which it finds what it left itself
      return setTimeout(300);
    case "network":
      tab.offline = !tab.offline;
      return page.setOfflineMode(tab.offline);
    case "server":
      if (two.up) await two.kill();
      else await two.restart();
      return;
    default:
      return setTimeout(roll.whole(0, 900));
  }
}

/** A step that hangs tells where, which a test that runs out of time does not. */
async function within(doing: Promise<void>): Promise<void> {
  const late = new AbortController();
  const hung = setTimeout(60_000, null, { signal: late.signal }).then(() => {
    throw new Error("the last step hangs");
  });
  await Promise.race([
    doing,
    hung.catch((error: unknown) => (late.signal.aborted ? undefined : Promise.reject(error))),
  ]);
  late.abort();
}

describe.each(seeds)("run %i", (seed) => {
  e2eTest("two tabs lose nothing that was typed in either", async (visit) => {
    const { dir, remove } = temporaryDir();
    const server = await startServer(dir, ["--demo"]);
    const listed = (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string }[];
    const id = listed.find(({ name }) => name.startsWith("The Lantern"))?.id ?? "";
    const { revision, plan } = await read(server, id);
    const wirings = plan.wirings.map((wiring) => ({ ...wiring, note: "" }));
    await fetch(`${server.url}/api/plans/${id}`, {
      method: "PUT",
      headers: { "content-type": "application/json", "if-match": `"${revision}"` },
      body: JSON.stringify({ ...plan, wirings }),
    });
    const two = new TwoTabs(visit, `/plan/${id}`, dir, server, server.port);
    const roll = createRandom(seed);
    try {
      for (const k of [0, 1] as const) await two.open(k);
      for (let k = 0; k < steps; k++) await within(step(two, roll));
      await within(two.check());
    } catch (error) {
      throw new Error(`${error instanceof Error ? error.message : String(error)}\nsteps:\n${two.log}`, {
        cause: error,
      });
    } finally {
      await two.end();
      remove();
    }
  });
});
