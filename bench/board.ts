import { type Page } from "puppeteer-core";
import { launchBrowser, startServer, temporaryDir } from "../e2e/harness";
import { crowdedPlan } from "./crowded-plan";
import { print } from "./figures";

/** The desk under load: edits, drops and drags with 24 panels of 6 kinds on 4 ports. */
async function main(): Promise<void> {
  const temporary = temporaryDir();
  const server = await startServer(temporary.dir);
  const made = (await (
    await fetch(`${server.url}/api/plans/import`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(crowdedPlan()),
    })
  ).json()) as { id: string };
  const browser = await launchBrowser();
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${server.url}/plan/${made.id}/wiring`, { waitUntil: "networkidle0" });
  await page.waitForSelector("[data-testid=window-chart] svg");
  // the loader of this file marks functions with a helper that the page does not have
  await page.evaluate("globalThis.__name = (f) => f");
  // the first edits warm up what is compiled and remembered
  await page.evaluate(keyTimes, 6);
  print("edit (shade by key) to painted verdict, 24 panels", await page.evaluate(keyTimes, 60));
  print("drop to painted verdict, 24 panels", await dropTimes(page, 24));
  await dragTrace(page);
  await browser.close();
  await server.end("SIGTERM");
  temporary.remove();
}

/** In the page: shades a substring, clears it, …; from the key to the frame that shows the new verdict, chart and totals. */
async function keyTimes(edits: number): Promise<number[]> {
  const times: number[] = [];
  const tiles = [
    ...document.querySelectorAll<HTMLElement>("[data-port-array]:not([data-port-array=shelf]) [data-tile]"),
  ].map((tile) => tile.dataset["tile"] ?? "");
  const strip = document.querySelector("[data-testid=verdict]");
  for (let k = 0; k < edits; k++) {
    const key = tiles[Math.floor(k / 2) % tiles.length] ?? "";
    const tile = document.querySelector<HTMLElement>(`[data-tile="${key}"]`);
    tile?.focus();
    // long enough for saving and the search for fixes to end
    await new Promise((resolve) => setTimeout(resolve, 900));
    const start = performance.now();
    const judged = new Promise<void>((resolve) => {
      const look = new MutationObserver(() => {
        // the board has changed and the verdict is of that change: they are often drawn at once
        if (strip?.getAttribute("aria-busy") !== "false") return;
        look.disconnect();
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => resolve();
          channel.port2.postMessage(null);
        });
      });
      for (const part of [strip, ...document.querySelectorAll("[data-port-array]")])
        if (part !== null)
          look.observe(part, { attributes: true, childList: true, characterData: true, subtree: true });
    });
    tile?.dispatchEvent(new KeyboardEvent("keydown", { key: "1", bubbles: true, cancelable: true }));
    await judged;
    times.push(performance.now() - start);
  }
  return times;
}

/** Drags a panel to the end of another string and back; from letting go to the painted verdict. */
async function dropTimes(page: Page, drops: number): Promise<number[]> {
  const times: number[] = [];
  const zones = ["[data-zone='row:station/extra:0:end']", "[data-zone='row:station/b:1:end']"];
  for (let k = 0; k < drops; k++) {
    await new Promise((resolve) => setTimeout(resolve, 900));
    // both strings in sight, the panel above the place it goes to or below it
    await page.evaluate(
      (selector: string) => {
        const middleOf = (of: string) => document.querySelector(of)?.getBoundingClientRect().top ?? 0;
        window.scrollBy(0, (middleOf("[data-tile='rigid195.3']") + middleOf(selector)) / 2 - 420);
      },
      zones[k % 2] ?? "",
    );
    const from = await (await page.$("[data-tile='rigid195.3']"))?.boundingBox();
    const to = await (await page.$(zones[k % 2] ?? ""))?.boundingBox();
    if (from === undefined || from === null || to === undefined || to === null || to.y + to.height > 800)
      throw new Error("nothing to drag, or nowhere to drag it");
    await page.mouse.move(from.x + 40, from.y + 60);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y + 60, { steps: 3 });
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 5 });
    await page.evaluate(() => {
      const strip = document.querySelector("[data-testid=verdict]");
      const holder = window as unknown as { dropped: Promise<number> };
      holder.dropped = new Promise<number>((resolve) => {
        let start = 0;
        document.addEventListener("mouseup", () => (start = performance.now()), { capture: true, once: true });
        const look = new MutationObserver(() => {
          if (start === 0 || strip?.getAttribute("aria-busy") !== "false") return;
          look.disconnect();
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => resolve(performance.now() - start);
            channel.port2.postMessage(null);
          });
        });
        for (const part of [strip, ...document.querySelectorAll("[data-port-array]")])
          if (part !== null) look.observe(part, { childList: true, characterData: true, subtree: true });
      });
    });
    await page.mouse.up();
    times.push(await page.evaluate(() => (window as unknown as { dropped: Promise<number> }).dropped));
  }
  return times;
}

type TraceEvent = {
  name: string;
  ph: string;
  dur?: number;
  ts: number;
  tid: number;
  pid: number;
  args?: { name?: string };
};

/** Four seconds of dragging over the whole board, under the browser's own trace: tasks of the page's main thread, and frames. */
async function dragTrace(page: Page): Promise<void> {
  await page.evaluate(() => document.querySelector("[data-tile='rigid195.3']")?.scrollIntoView({ block: "center" }));
  const from = await (await page.$("[data-tile='rigid195.3']"))?.boundingBox();
  if (from === undefined || from === null) throw new Error("nothing to drag");
  await page.evaluate(() => {
    const holder = window as unknown as { frames: number[]; counting: boolean };
    holder.frames = [];
    holder.counting = true;
    const frame = (at: number) => {
      holder.frames.push(at);
      if (holder.counting) requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  await page.tracing.start({ categories: ["devtools.timeline", "disabled-by-default-devtools.timeline"] });
  await page.mouse.move(from.x + 40, from.y + 60);
  await page.mouse.down();
  const moves = 400;
  for (let k = 0; k < moves; k++) {
    const turn = (k / moves) * 8 * Math.PI;
    await page.mouse.move(360 + 300 * Math.sin(turn), 420 + 260 * Math.sin(turn * 0.7));
    await new Promise((resolve) => setTimeout(resolve, 8));
  }
  const over = await page.$$eval("[data-over=true], [data-dragging=true]", (found) => found.length);
  if (over === 0) throw new Error("nothing was dragged");
  await page.keyboard.press("Escape");
  await page.mouse.up();
  const bytes = await page.tracing.stop();
  const frames = await page.evaluate(() => {
    const holder = window as unknown as { frames: number[]; counting: boolean };
    holder.counting = false;
    return holder.frames;
  });
  const { traceEvents } = JSON.parse(new TextDecoder().decode(bytes)) as { traceEvents: TraceEvent[] };
  const main = new Set(
    traceEvents
      .filter((event) => event.name === "thread_name" && event.args?.name === "CrRendererMain")
      .map(({ pid, tid }) => `${pid}/${tid}`),
  );
  const tasks = traceEvents
    .filter(({ name, ph, pid, tid }) => name === "RunTask" && ph === "X" && main.has(`${pid}/${tid}`))
    .map(({ dur }) => (dur ?? 0) / 1000);
  const gaps = frames.slice(1).map((at, k) => at - (frames[k] ?? at));
  print("while dragging: time between frames", gaps);
  print(
    "while dragging: tasks of the main thread over 1 ms",
    tasks.filter((ms) => ms > 1),
  );
  console.log(
    `${"while dragging: tasks over 50 ms, longest task".padEnd(58)}        ${tasks.filter((ms) => ms > 50).length}, ${Math.max(0, ...tasks).toFixed(1)} ms`,
  );
  console.log(
    `${"while dragging: frames a second".padEnd(58)}        ${((1000 * gaps.length) / gaps.reduce((sum, gap) => sum + gap, 0)).toFixed(1)}`,
  );
}

void main();
