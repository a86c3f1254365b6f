import { newPieces, type Plan } from "../src/core/plan";
import { freePort, launch, launchBrowser, temporaryDir } from "../e2e/harness";
import { print } from "./figures";

/** The whole application: cold start, first view, and edit to verdict in the browser. */
async function main(): Promise<void> {
  const temporary = temporaryDir();
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const start = performance.now();
  const { child, ended } = launch(["--demo", "--port", String(port), "--data", temporary.dir]);
  for (;;) {
    const answered = await fetch(url).then(
      (response) => response.ok,
      () => false,
    );
    if (answered) break;
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  console.log(
    `${"cold start to first byte (installed and built)".padEnd(58)}        ${(performance.now() - start).toFixed(0)} ms`,
  );

  const browser = await launchBrowser();
  const plans = (await (await fetch(`${url}/api/plans`)).json()) as { id: string; name: string }[];
  for (const [name, view] of [
    ["list of plans", "/"],
    ["Wire, charts included", `/plan/${plans[0]?.id ?? ""}/wiring`],
    ["Panels, charts included", `/plan/${plans[0]?.id ?? ""}/panels`],
  ] as const) {
    const page = await browser.newPage();
    let bytes = 0;
    const session = await page.createCDPSession();
    await session.send("Network.enable");
    await session.send("Network.setCacheDisabled", { cacheDisabled: true });
    const scripts = new Set<string>();
    session.on(
      "Network.responseReceived",
      ({ requestId, response }) => void (response.mimeType.includes("javascript") && scripts.add(requestId)),
    );
    session.on(
      "Network.loadingFinished",
      ({ requestId, encodedDataLength }) => void (scripts.has(requestId) && (bytes += encodedDataLength)),
    );
    await page.goto(`${url}${view}`, { waitUntil: "networkidle0" });
    console.log(`${`JavaScript sent, ${name}`.padEnd(58)}        ${(bytes / 1000).toFixed(0)} kB compressed`);
    await page.close();
  }

  for (const plan of plans.slice(0, 2)) {
    await stock(url, plan.id);
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(`${url}/plan/${plan.id}/wiring`, { waitUntil: "networkidle0" });
    await page.waitForSelector("[data-testid=window-chart] svg");
    // the loader of this file marks functions with a helper that the page does not have
    await page.evaluate("globalThis.__name = (f) => f");
    for (const label of ["In series", "Rows"])
      print(
        `edit to painted verdict, ${label}: ${plan.name.slice(0, 20)}`,
        await page.evaluate(editTimes, label, 50, "[data-testid=verdict], [data-testid=window-chart]"),
      );
    print(
      `edit to painted ledger, In series: ${plan.name.slice(0, 20)}`,
      await page.evaluate(editTimes, "In series", 30, "[aria-label='Ledger of rules']"),
    );
    await page.close();
  }
  await browser.close();
  child.kill("SIGTERM");
  await ended;
  temporary.remove();
}

/** Puts panels enough on the shelf: filling a port array by number buys none. */
async function stock(url: string, id: string): Promise<void> {
  const { revision, plan } = (await (await fetch(`${url}/api/plans/${id}`)).json()) as { revision: number; plan: Plan };
  const panels = plan.panels.map((panel) => ({ ...panel, ...newPieces(40) }));
  const headers = { "content-type": "application/json", "if-match": `"${revision}"` };
  await fetch(`${url}/api/plans/${id}`, { method: "PUT", headers, body: JSON.stringify({ ...plan, panels }) });
}

/** In the page: presses one more, one fewer, …; from the press to the frame that shows what it changed in a part of the page. */
async function editTimes(label: string, edits: number, part: string): Promise<number[]> {
  const button = (verb: string) => document.querySelector<HTMLButtonElement>(`[aria-label="${verb}: ${label}"]`);
  const painted = () =>
    new Promise<void>((resolve) =>
      requestAnimationFrame(() => {
        const channel = new MessageChannel();
        channel.port1.onmessage = () => resolve();
        channel.port2.postMessage(null);
      }),
    );
  const times: number[] = [];
  for (let k = 0; k < edits; k++) {
    const text = () => [...document.querySelectorAll(part)].map((each) => each.textContent).join();
    const before = text();
    const start = performance.now();
    const changed = new Promise<void>((resolve, reject) => {
      const fail = setTimeout(() => reject(new Error("an edit showed no new verdict")), 3000);
      const look = new MutationObserver(() => {
        if (text() === before || document.querySelector("[data-testid=verdict]")?.getAttribute("aria-busy") !== "false")
          return;
        clearTimeout(fail);
        look.disconnect();
        resolve();
      });
      look.observe(document.body, { subtree: true, childList: true, characterData: true });
    });
    button(k % 8 < 4 ? "One more" : "One fewer")?.click();
    await changed;
    await painted();
    times.push(performance.now() - start);
    // long enough for the search for fixes to end: its answer must not be taken for the next edit's
    await new Promise((resolve) => setTimeout(resolve, 400));
  }
  return times;
}

void main();
