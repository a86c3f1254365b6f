import { type LogEntry } from "../src/core/measurements";
import { planLog, sameHour } from "../src/core/log";
import { demoPlans } from "../src/demo";
import { print, timed } from "./figures";
import { freePort, launch, launchBrowser, temporaryDir } from "../e2e/harness";

/** The log with 10 000 readings: worked out, opened, written to, and scrolled. */
const many = 10_000;
const wiringId = "everyday";

/** Some 27 a day for a year. */
function entries(): LogEntry[] {
  return Array.from({ length: many }, (_, k) => ({
    id: `b${k}`,
    kind: "log",
    atUtc: new Date(Date.UTC(2025, 10, 1, 6) + Math.floor(k / 27) * 86_400_000 + (k % 27) * 1_500_000).toISOString(),
    wiringId,
    watts: 40 + ((k * 37) % 160),
    kwh: null,
    volts: null,
    amps: null,
    socPct: null,
    cloud: (["clear", "haze", "broken", "overcast"] as const)[Math.floor(k / 27) % 4] ?? null,
    airC: 12,
    by: "",
    source: "csv",
    note: "",
  }));
}

async function main(): Promise<void> {
  const [lantern] = demoPlans();
  if (lantern === undefined) throw new Error("the demo has plans");
  const records = entries();
  print(
    "10 000 readings against what was due, and what they show",
    timed(2, () => {
      const steps = planLog(lantern, wiringId, records, 0);
      let step = steps.next();
      while (step.done !== true) step = steps.next();
      sameHour(step.value.shares);
    }),
  );

  const temporary = temporaryDir();
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const { child, ended } = launch(["--demo", "--port", String(port), "--data", temporary.dir]);
  while (
    !(await fetch(url).then(
      ({ ok }) => ok,
      () => false,
    ))
  )
    await new Promise((resolve) => setTimeout(resolve, 50));
  const plans = (await (await fetch(`${url}/api/plans`)).json()) as { id: string; name: string }[];
  const id = plans.find(({ name }) => name.startsWith("The Lantern"))?.id ?? "";
  for (let k = 0; k < many; k += 5000)
    await fetch(`${url}/api/plans/${id}/readings`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(records.slice(k, k + 5000)),
    });
  const kept = (await (await fetch(`${url}/api/plans/${id}/readings`)).json()) as unknown[];
  console.log(`${"readings on the server".padEnd(58)}        ${kept.length}`);
  const browser = await launchBrowser();
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.evaluateOnNewDocument("globalThis.__name = (f) => f");
  const opened: number[] = [];
  for (let k = 0; k < 9; k++) {
    const start = performance.now();
    await page.goto(`${url}/plan/${id}/log`, { waitUntil: "domcontentloaded" });
    await page.waitForFunction(() => /Entries: 1\d{4}/.test(document.body.innerText), { polling: 20 });
    opened.push(performance.now() - start);
    // until the worker has been through them: the next page is opened on a machine at rest
    await new Promise((resolve) => setTimeout(resolve, 4000));
  }
  print("page opened, with its entries", opened);
  const start = performance.now();
  await page.waitForFunction(() => document.querySelectorAll("svg[role=img] circle").length > 100, { timeout: 60_000 });
  console.log(`${"until the year is drawn, from then".padEnd(58)}        ${(performance.now() - start).toFixed(0)} ms`);
  print("an entry written down, until it is acknowledged", await page.evaluate(writeDown, 12));
  print("a frame while the page with the chart is scrolled", await page.evaluate(scrolled));
  await browser.close();
  child.kill("SIGTERM");
  await ended;
  temporary.remove();
}

/** In the page: from the press to the sentence that it is kept. */
async function writeDown(times: number): Promise<number[]> {
  const took: number[] = [];
  const button = (name: string) =>
    [...document.querySelectorAll("button")].find(({ textContent }) => (textContent ?? "").trim() === name);
  for (let k = 0; k < times; k++) {
    button("7")?.click();
    await new Promise((resolve) => setTimeout(resolve, 300));
    const said = () =>
      [...document.querySelectorAll("[role=status]")].some((each) => /kept\./.test(each.textContent ?? ""));
    const count = () => /Entries: (\d+)/.exec(document.body.textContent ?? "")?.[1];
    const before = count();
    const from = performance.now();
    button("Write it down")?.click();
    while (!(said() && count() !== before)) await new Promise((resolve) => setTimeout(resolve, 1));
    took.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 3000));
  }
  return took;
}

/** In the page: times between frames while it is scrolled up and down for two seconds. */
async function scrolled(): Promise<number[]> {
  const frames: number[] = [];
  let last = performance.now();
  const begin = last;
  while (last - begin < 2000) {
    await new Promise(requestAnimationFrame);
    window.scrollBy(0, Math.sin((last - begin) / 150) * 40);
    const now = performance.now();
    frames.push(now - last);
    last = now;
  }
  return frames;
}

void main();
