import { writeFileSync } from "node:fs";
import path from "node:path";
import { type Browser } from "puppeteer-core";
import { type Plan } from "@/core/plan";
import { launchBrowser, openPage, press, saved, says, shows, type, type WatchedPage } from "./browser";
import { freePort, launch, type RunningServer, startServer, temporaryDir } from "./server";

/** What must not happen: bad files, other people's pages, lost updates, a second server on the port. */
const temporary = temporaryDir();
let server: RunningServer;
let browser: Browser;

type Saved = { id: string; revision: number; plan: Plan };
const plans = async () =>
  (await (await fetch(`${server.url}/api/plans`)).json()) as { id: string; name: string; revision: number }[];
const read = async (id: string) => (await (await fetch(`${server.url}/api/plans/${id}`)).json()) as Saved;
const put = (id: string, revision: number, body: unknown, headers: Record<string, string> = {}) =>
  fetch(`${server.url}/api/plans/${id}`, {
    method: "PUT",
    headers: { "content-type": "application/json", "if-match": `"${revision}"`, ...headers },
    body: JSON.stringify(body),
  });

beforeAll(async () => {
  server = await startServer(temporary.dir, ["--demo"]);
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser.close();
  expect(await server.end("SIGINT")).toBe(0);
  expect(server.output()).toContain("Stopped.");
  temporary.remove();
});

describe("importing", () => {
  let watched: WatchedPage;
  beforeAll(async () => {
    watched = await openPage(browser, server.url);
  });

  const good = async () => (await read((await plans())[0]?.id ?? "")).plan;
  const cases: [string, () => Promise<string>, RegExp][] = [
    ["a broken file", async () => '{"format": "golden-array-plan", "version": 1,', /This is not a JSON file/],
    ["a foreign file", async () => '{"title": "shopping"}', /not a Golden Array plan/],
    ["a newer file", async () => JSON.stringify({ ...(await good()), version: 9 }), /newer version.*plan version 9/],
    [
      "a hostile number",
      async () =>
        JSON.stringify({
          ...(await good()),
          site: { recordLowC: 1e9, recordHighC: null, latitudeDeg: null, mount: null },
        }),
      /site\.recordLowC.*1000000000/,
    ],
    [
      "a hostile name",
      async () => JSON.stringify({ ...(await good()), name: `<img src=x onerror=alert(1)>${"x".repeat(90)}` }),
      /at name:/,
    ],
    ["a file far too large", async () => `{"format":"${"x".repeat(2_000_000)}"}`, /allowed: 1000000/],
  ];
  test.each(cases)("%s is refused with what and where, and nothing is half imported", async (_, make, expected) => {
    const before = await plans();
    const file = path.join(temporary.dir, "import.json");
    writeFileSync(file, await make());
    const picker = await watched.page.$("input[type=file]");
    await picker?.uploadFile(file);
    await says(watched.page, "[role=alert]", expected);
    expect(await plans()).toEqual(before);
  });

  test("and the page bore it without complaint", () => expect(watched.complaints).toEqual([]));
});

describe("the HTTP interface", () => {
  test("answers only to its own name and its own pages", async () => {
    const { request } = await import("node:http");
    const status = (headers: Record<string, string>, method = "GET") =>
      new Promise<number>((resolve, reject) => {
        request({ host: "127.0.0.1", port: server.port, path: "/api/plans", method, headers }, (response) => {
          response.resume();
          resolve(response.statusCode ?? 0);
        })
          .on("error", reject)
          .end();
      });
    expect(await status({ host: `localhost:${server.port}` })).toBe(200);
    expect(await status({ host: "golden.example" })).toBe(403);
    expect(await status({ host: `127.0.0.1:${server.port}`, origin: "http://elsewhere.example" })).toBe(403);
    expect(await status({ host: `127.0.0.1:${server.port}`, "sec-fetch-site": "cross-site" }, "POST")).toBe(403);
  });

  test("serves pages under a policy that allows no eval and nothing from elsewhere", async () => {
    const policy = (await fetch(server.url)).headers.get("content-security-policy") ?? "";
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toContain("unsafe-eval");
    expect(policy).not.toMatch(/https?:/);
  });

  test("refuses a write without a revision, of the wrong kind, too large, invalid, or to nothing", async () => {
    const [first] = await plans();
    const { id, revision, plan } = await read(first?.id ?? "");
    const url = `${server.url}/api/plans/${id}`;
    const json = { "content-type": "application/json" };
    expect((await fetch(url, { method: "PUT", headers: json, body: JSON.stringify(plan) })).status).toBe(428);
    expect(
      (await fetch(url, { method: "PUT", headers: { ...json, "if-match": "banana" }, body: JSON.stringify(plan) }))
        .status,
    ).toBe(400);
    expect(
      (await fetch(url, { method: "PUT", headers: { "if-match": `"${revision}"` }, body: JSON.stringify(plan) }))
        .status,
    ).toBe(400);
    expect((await put(id, revision, { ...plan, name: "x".repeat(1_100_000) })).status).toBe(413);
    const invalid = await put(id, revision, { ...plan, wirings: [{ ...plan.wirings[0], note: 2.5 }] });
    expect(invalid.status).toBe(422);
    expect(await invalid.json()).toMatchObject({ type: "invalid", path: "wirings.0.note" });
    expect((await put("nobody", 1, plan)).status).toBe(404);
    expect((await read(id)).revision).toBe(revision);
  });

  test("keeps a library: create, read, replace by revision, remove by revision", async () => {
    const [record] = (await (await fetch(`${server.url}/api/panels`)).json()) as { sheet: unknown }[];
    const url = `${server.url}/api/panels`;
    const json = { "content-type": "application/json" };
    const made = await fetch(url, { method: "POST", headers: json, body: JSON.stringify(record?.sheet) });
    expect(made.status).toBe(201);
    const { id } = (await made.json()) as { id: string };
    expect(
      (
        await fetch(`${url}/${id}`, {
          method: "PUT",
          headers: { ...json, "if-match": '"1"' },
          body: JSON.stringify(record?.sheet),
        })
      ).headers.get("etag"),
    ).toBe('"2"');
    expect((await fetch(`${url}/${id}`, { method: "DELETE", headers: { "if-match": '"1"' } })).status).toBe(412);
    expect((await fetch(`${url}/${id}`, { method: "DELETE", headers: { "if-match": '"2"' } })).status).toBe(204);
    expect((await fetch(`${url}/${id}`)).status).toBe(404);
    expect(
      (await fetch(url, { method: "POST", headers: json, body: JSON.stringify({ name: "half a sheet" }) })).status,
    ).toBe(422);
  });
});

describe("two writers", () => {
  test("a tab whose plan was changed elsewhere is told what changed, keeps its own, and can choose", async () => {
    const target = (await plans()).find((plan) => plan.name.startsWith("Rooftop"));
    const id = target?.id ?? "";
    const { page, complaints } = await openPage(browser, `${server.url}/plan/${id}/wire`);
    const elsewhere = await read(id);
    expect(
      (await put(id, elsewhere.revision, { ...elsewhere.plan, site: { ...elsewhere.plan.site, recordHighC: 40 } }))
        .status,
    ).toBe(200);
    await type(page, "Record low", "-9");
    await says(page, "[role=alert]", /changed in another tab or browser.*the site.*not saved/);
    expect((await read(id)).plan.site).toMatchObject({ recordHighC: 40, recordLowC: -4 });
    await press(page, "Show theirs");
    await page.waitForSelector("[data-save=saved]");
    await shows(page, "Record low", "-4");
    await shows(page, "Record high", "40");
    await press(page, "Undo");
    await shows(page, "Record low", "-9");
    await saved(page);
    expect((await read(id)).plan.site).toMatchObject({ recordLowC: -9, recordHighC: 34 });

    const again = await read(id);
    await put(id, again.revision, { ...again.plan, site: { ...again.plan.site, latitudeDeg: 12 } });
    await type(page, "Record low", "-8");
    await press(page, "Keep mine");
    await saved(page);
    expect((await read(id)).plan.site).toMatchObject({ recordLowC: -8, latitudeDeg: null });

    const third = await read(id);
    await put(id, third.revision, {
      ...third.plan,
      name: "Renamed there",
      site: { ...third.plan.site, recordHighC: 41 },
    });
    await type(page, "Record low", "-7");
    await press(page, "Choose by part");
    await says(page, "[data-part='site:recordHighC']", /record high.*changed there only/);
    await says(page, "[data-part='site:recordLowC']", /changed here only.*−7.*−8/);
    await page.click("[data-part='name:'] input[aria-label$=mine]");
    await press(page, "Save as chosen");
    await saved(page);
    expect(await read(id)).toMatchObject({
      revision: third.revision + 2,
      plan: { name: third.plan.name, site: { recordLowC: -7, recordHighC: 41 } },
    });
    expect(complaints).toEqual([]);
    await page.close();
  });

  test("a second tab with nothing unsaved follows the first by itself and says so", async () => {
    const id = (await plans())[0]?.id ?? "";
    const first = await openPage(browser, `${server.url}/plan/${id}/wire`);
    const second = await openPage(browser, `${server.url}/plan/${id}/wire`);
    await first.page.bringToFront();
    await type(first.page, "Strings", "2");
    await saved(first.page);
    await second.page.bringToFront();
    await says(second.page, ".MuiSnackbar-root", /changed in another tab/);
    await shows(second.page, "Strings", "2");
    await first.page.close();
    await second.page.close();
  });
});

describe("starting", () => {
  test("a taken port is named, and the program ends", async () => {
    const dir = temporaryDir();
    const { ended, output } = launch(["--port", String(server.port), "--data", dir.dir]);
    expect(await ended).toBe(1);
    expect(output()).toContain(`Port ${server.port} is taken`);
    dir.remove();
  });

  test("an odd port or flag is named, and the program ends", async () => {
    for (const [args, expected] of [
      [["--port", "99999"], /"99999" is not a port; allowed: 1 to 65535/],
      [["--frobnicate"], /frobnicate/],
    ] as const) {
      const { ended, output } = launch([...args]);
      expect(await ended).toBe(1);
      expect(output()).toMatch(expected);
    }
  });

  test("a damaged database is reported with what to do, and left as it was", async () => {
    const dir = temporaryDir();
    writeFileSync(path.join(dir.dir, "golden-array.db"), "not a database at all");
    const { ended, output } = launch(["--port", String(await freePort()), "--data", dir.dir]);
    expect(await ended).toBe(1);
    expect(output()).toMatch(/is damaged.*left untouched/);
    dir.remove();
  });
});
