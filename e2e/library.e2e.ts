import { applyChange, emptyPlan } from "@/core/plan";
import { demoPanels } from "@/demo";
import { goTo } from "./harness";
import { eventually, getJson, postJson, type Visit, e2eTest, isolatedE2eTest } from "./harness/visit";

/** The library: its tables, its sheets, and files in and out. */
type Kept = {
  id: string;
  revision: number;
  retired: boolean;
  sheet: { name: string; vocV: number; tempCoVocPctPerC: number | null; weightKg: number | null; iscA: number | null };
};
const kept = async (visit: Visit) => (await getJson<{ records: Kept[] }>(`${visit.server.url}/api/panels`)).records;
/** A sheet of this test's own: a copy of one of the library's under another name. */
async function ownSheet(visit: Visit, of: string, name: string): Promise<string> {
  const { sheet } = (await keptNamed(visit, of)) ?? {};
  return (await postJson<Kept>(`${visit.server.url}/api/panels`, { ...sheet, name })).id;
}
const keptNamed = async (visit: Visit, name: string) =>
  (await kept(visit)).find(({ sheet }) => sheet.name.startsWith(name));

e2eTest(
  "the table sorts by any column, finds by any word, and shows lengths and weights in the units chosen",
  async (visit) => {
    const { page, fields, library } = await visit.open("/library/panels");
    await page.click("[role=columnheader][data-field=pricePerW]");
    await page.waitForSelector("[role=columnheader][data-field=pricePerW][aria-sort=ascending]");
    const perW = (await library.column("pricePerW")).map((cell) => Number(cell.replace(/[^\d.]/g, "")));
    expect(perW.length).toBeGreaterThan(8);
    expect(perW).toEqual([...perW].sort((a, b) => a - b));
    expect((await library.column("size"))[0]).toBe("1650 × 992 mm");
    await fields.press("in");
    await page.waitForFunction(() =>
      document.querySelector("[role=gridcell][data-field=size]")?.textContent?.includes("in"),
    );
    expect((await library.column("size"))[0]).toBe("65.0 × 39.1 in");
    expect((await library.column("weightKg"))[0]).toBe("41 lb");
    await fields.press("mm");
    await page.click("[aria-label='Search']");
    await page.keyboard.type("peel");
    await page.waitForFunction(() => document.querySelectorAll("[role=gridcell][data-field=name]").length === 1);
    await page.keyboard.press("Escape");
  },
);

e2eTest(
  "a label is edited with a coefficient as the sticker has it, is saved by itself, and is never written over unseen",
  async (visit) => {
    const id = await ownSheet(visit, "Brindlewick BR-120", "Aldermoor AM-120");
    const { fields } = await visit.open("/library/panels");
    const reaches = (test: (now: Kept) => boolean) =>
      eventually(async () => test(await getJson<Kept>(`${visit.server.url}/api/panels/${id}`)));
    await fields.press("Aldermoor AM-120");
    await fields.type("Voc coefficient", "−66 mV/K");
    await reaches(({ sheet }) => Math.abs((sheet.tempCoVocPctPerC ?? 0) + 0.29075) < 0.00005);
    await fields.type("Weight", "16.3 lb");
    await fields.type("Isc", "90");
    await fields.says("[role=alert]", /Isc: 90\sA is outside the range 0\.01 to 40\sA\. Still using 9\sA/);
    await fields.type("Isc", "6.8");
    // all that was typed: a save still on its way would be newer than what is written elsewhere below
    await reaches(({ sheet }) => (sheet.weightKg ?? 0) > 7.39 && sheet.iscA === 6.8);

    const now = await keptNamed(visit, "Aldermoor AM-120");
    await fetch(`${visit.server.url}/api/panels/${id}`, {
      method: "PUT",
      headers: { "content-type": "application/json", "if-match": `"${now?.revision ?? 0}"` },
      body: JSON.stringify({ ...now?.sheet, vocV: 23 }),
    });
    await fields.type("Pmax", "121");
    await fields.says("[role=alert]", /changed elsewhere.*not saved/);
    expect((await keptNamed(visit, "Aldermoor AM-120"))?.sheet.vocV).toBe(23);
    await fields.press("Load the other version");
    await fields.shows("Voc", "23");
    await fields.press("Close this entry");
  },
);

e2eTest("a sheet is copied, retired with an undo, and says which plans use it", async (visit) => {
  const libraryId = await ownSheet(visit, "Mossgate MG-195", "Amberley AB-195, half-cut");
  const label = { ...demoPanels.rigid195, name: "Amberley AB-195, half-cut" };
  const plan = applyChange(emptyPlan("Punt"), { type: "addPanel", id: "deck", libraryId, label });
  await postJson(`${visit.server.url}/api/plans/import`, plan);
  const { page, fields } = await visit.open("/library/panels");
  const copies = "xpath///*[@role='gridcell'][@data-field='name'][contains(., 'Amberley') and contains(., 'copy')]";
  await fields.press("Amberley AB-195");
  await fields.says("[aria-label='Used by']", /Punt/);
  await fields.press("Copy this entry");
  await page.waitForFunction(() =>
    document.querySelector("[role=dialog] h2, .MuiDrawer-paper h2")?.textContent?.endsWith("half-cut, copy"),
  );
  await fields.press("Archive");
  await page.waitForFunction(() => document.body.textContent?.includes("1 entry archived."));
  expect((await keptNamed(visit, "Amberley AB-195, half-cut, copy"))?.retired).toBe(true);
  await fields.gone(copies);
  await fields.press("Undo");
  await page.waitForSelector(copies);
  expect((await keptNamed(visit, "Amberley AB-195, half-cut, copy"))?.retired).toBe(false);
});

isolatedE2eTest(
  "a thousand rows are read with a report on every column, and put in at once; the same file again brings nothing new",
  async (visit) => {
    const { fields, library } = await visit.open("/library/panels");
    const count = (await kept(visit)).length;
    const lines = Array.from(
      { length: 1000 },
      (_, k) => `Hedgerow ${k};Rigid glass;${k === 7 ? "2OO" : 50 + (k % 400)};18,5;22,4;10 years`,
    );
    const csv = ["Model;Type;Rated power [W];Vmp (V);Voc (V);Warranty", ...lines].join("\n");
    await library.read("many.csv", csv);
    await fields.says("[role=dialog]", /1000 to add to the library/);
    await fields.says("[role=dialog] tr[data-column=unknown]", /Warranty.*unknown column.*10 years/);
    await fields.says(
      "[role=dialog] tr",
      /Rated power \[W\].*Pmax \(W\).*1 cell not understood and left empty.*row 9: “2OO”/,
    );
    await fields.press("Add 1000 to the library");
    await fields.gone("[role=dialog]");
    expect((await kept(visit)).length).toBe(count + 1000);
    await library.read("many.csv", csv);
    await fields.says("[role=dialog]", /Nothing new to add\. 1000 already in the library/);
    await fields.press("Cancel the import");
  },
);

isolatedE2eTest("what is written as CSV and JSON is read back the same", async (visit) => {
  const { fields, library } = await visit.open("/library/inputs");
  const csv = await library.saves("Export CSV: all shown", "inputs.csv");
  expect(csv.split("\n").length).toBe(15);
  await library.read(
    "ports.csv",
    csv.replace("Tuckbox Crumb, small power station", "Tuckbox Morsel, small power station"),
  );
  await fields.says("[role=dialog]", /to add to the library/);
  await fields.press("Cancel the import");
  const json = JSON.parse(await library.saves("Export JSON: all shown", "inputs.json")) as {
    format: string;
    inputs: { name: string; groups: unknown[] }[];
  };
  expect(json.format).toBe("golden-array-library");
  expect(json.inputs.length).toBe(10);
  await library.read("again.json", JSON.stringify(json));
  await fields.says("[role=dialog]", /Nothing new to add\. 10 already in the library/);
  await fields.press("Cancel the import");
  const schema = (await (await fetch(`${visit.server.url}/schema/library-v2.json`)).json()) as { required: string[] };
  expect(schema.required).toEqual(["format", "version", "panels", "inputs"]);
});

isolatedE2eTest(
  "files that are too large, of another kind or hostile are refused, and nothing changes",
  async (visit) => {
    const { fields, library } = await visit.open("/library/panels");
    const before = JSON.stringify(await kept(visit));
    const refused = async (name: string, text: string, words: RegExp) => {
      await library.read(name, text);
      await fields.says("[role=dialog] [role=alert]", words);
      await fields.press("Close");
      await fields.gone("[role=dialog]");
    };
    await refused(
      "huge.csv",
      `Name\n${"x".repeat(50_000_000)}`,
      /“huge\.csv” has 50\.0\sMB; allowed: at most 5\.0\sMB/,
    );
    await refused("plan.json", '{"format":"golden-array-plan","version":3}', /not a library file.*golden-array-plan/);
    await refused("broken.csv", 'Name,Kind\n"never closed,rigid\n', /quotation mark in row 2/);
    await refused("letter.csv", "Dear sir,\nplease find attached,", /No known headings found.*“Dear sir”/);
    const body = JSON.stringify([{ name: "half a sheet" }]);
    const headers = { "content-type": "application/json" };
    expect((await fetch(`${visit.server.url}/api/panels/import`, { method: "POST", headers, body })).status).toBe(422);
    expect(
      (
        await fetch(`${visit.server.url}/api/panels/import`, {
          method: "POST",
          headers,
          body: `["${"x".repeat(6_000_000)}"]`,
        })
      ).status,
    ).toBe(413);
    expect(
      (
        await fetch(`${visit.server.url}/api/panels/import`, {
          method: "POST",
          headers: { ...headers, origin: "http://elsewhere.example" },
          body,
        })
      ).status,
    ).toBe(403);
    expect(JSON.stringify(await kept(visit))).toBe(before);
  },
);

e2eTest("an input’s window is drawn while it is typed in, and a plan is offered it", async (visit) => {
  const { page, fields } = await visit.open("/library/inputs");
  await fields.press("Enter a data sheet");
  await fields.type("Max PV voltage", "48");
  await page.waitForSelector("[data-testid=window-chart] svg");
  await fields.says("[data-testid=window-chart]", /above max PV voltage 48\sV/);
  await fields.press("Close this entry");
  await goTo(page, `${visit.server.url}${await visit.plan()}/controller`);
  await fields.says("[aria-label='Controllers in the library']", /New controller/);
  await fields.saved();
});
