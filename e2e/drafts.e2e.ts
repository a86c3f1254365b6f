import { reload } from "./harness/browser";
import { put, read } from "./harness/plans-api";
import { eventually, getJson, postJson, type Visit, e2eTest, isolatedE2eTest } from "./harness/visit";
import { type Screen } from "./screen";

/** What was typed and never acknowledged: found again by any later page, as what it is, and gone only when the person says so. */

/** Opens a plan in as many pages as there are typists, cuts them off from the server, lets each type, and closes them. */
async function typedOffline(
  { open }: Visit,
  address: string,
  ...typists: readonly ((screen: Screen) => Promise<void>)[]
): Promise<void> {
  const screens: Screen[] = [];
  for (let k = 0; k < typists.length; k++) screens.push(await open(`${address}/wiring`));
  for (const { page } of screens) await page.setOfflineMode(true);
  for (const [k, screen] of screens.entries()) {
    await screen.page.bringToFront();
    await typists[k]?.(screen);
    await screen.page.waitForSelector("[data-save=unreachable]");
  }
  for (const { page } of screens) await page.close();
}

const idOf = (address: string) => address.split("/").pop() ?? "";

e2eTest(
  "typed without a server, closed, changed elsewhere, opened, loaded again: still a conflict, and nothing overwritten",
  async (visit) => {
    const address = await visit.plan("Rooftop");
    await typedOffline(visit, address, ({ fields }) => fields.type("Record low", "-9"));
    const { revision, plan } = await read(visit.server, idOf(address));
    await put(visit.server, idOf(address), revision, { ...plan, site: { ...plan.site, recordHighC: 41 } });
    const { page, fields } = await visit.open(`${address}/wiring`);
    for (const again of [false, true]) {
      if (again) await page.reload({ waitUntil: "domcontentloaded" });
      await fields.says("[role=alert]", /changed in another tab or browser/);
      await fields.shows("Record low", "-9");
      expect(await read(visit.server, idOf(address))).toMatchObject({
        revision: 2,
        plan: { site: { recordLowC: -4 } },
      });
    }
    await fields.press("Keep this version");
    await fields.saved();
    expect(await read(visit.server, idOf(address))).toMatchObject({ revision: 3, plan: { site: { recordLowC: -9 } } });
  },
);

e2eTest(
  "two tabs typed without a server and closed: both are offered, one brought back, one kept as a plan of its own",
  async (visit) => {
    const address = await visit.plan("Rooftop");
    await typedOffline(
      visit,
      address,
      ({ fields }) => fields.type("Record low", "-9"),
      ({ fields }) => fields.type("Record high", "39"),
    );
    const { page, fields } = await visit.open(`${address}/wiring`);
    await fields.says(
      "[aria-label='Unsaved changes']",
      /revision 1.*Location: record high.*revision 1.*Location: record low/i,
    );
    expect(await read(visit.server, idOf(address))).toMatchObject({ revision: 1 });
    await fields.press("Restore");
    await fields.shows("Record high", "39");
    await fields.saved();
    expect(await read(visit.server, idOf(address))).toMatchObject({
      revision: 2,
      plan: { site: { recordHighC: 39, recordLowC: -4 } },
    });
    await fields.press("Save as a new plan");
    await page.waitForFunction((old: string) => !location.pathname.startsWith(old), {}, address);
    await fields.shows("Record low", "-9");
    await fields.shows("Record high", "34");
  },
);

e2eTest("a plan deleted elsewhere while it is open is kept on screen, and saved as a new one", async (visit) => {
  const address = await visit.plan("Rooftop");
  const { page, fields } = await visit.open(`${address}/wiring`);
  await fetch(`${visit.server.url}/api/plans/${idOf(address)}`, { method: "DELETE", headers: { "if-match": '"1"' } });
  await fields.type("Record low", "-9");
  await fields.says("[role=alert]", /deleted elsewhere/);
  await fields.press("Save as a new plan");
  await page.waitForFunction((old: string) => !location.pathname.startsWith(old), {}, address);
  await fields.shows("Record low", "-9");
  await fields.saved();
});

type Panel = { readonly id: string; readonly revision: number; readonly sheet: { readonly name: string } };
const panels = async ({ server }: Visit) => (await getJson<{ records: Panel[] }>(`${server.url}/api/panels`)).records;

/** A sheet of this test's own, typed over without a server in a tab that is closed then. */
async function sheetTypedOffline(visit: Visit, name: string): Promise<Panel> {
  const [first] = await panels(visit);
  const made = await postJson<Panel>(`${visit.server.url}/api/panels`, { ...first?.sheet, name });
  const { page, fields } = await visit.open("/library/panels");
  await fields.press(name);
  await page.setOfflineMode(true);
  await fields.type("Name", `${name} mended`);
  await page.waitForSelector("[data-save=unreachable]");
  await page.close();
  return made;
}

isolatedE2eTest(
  "a sheet of the library typed without a server and closed is offered, opened and saved",
  async (visit) => {
    const { id } = await sheetTypedOffline(visit, "Rookhope RH-90");
    const { fields } = await visit.open("/library/panels");
    await fields.says("[aria-label='Unsaved changes']", /Rookhope RH-90 mended.*made from revision 1/);
    await fields.press("Open “Rookhope RH-90 mended”");
    await fields.gone("[aria-label='Unsaved changes']");
    // not by "saved" on the page: it says so of the sheet as it was, until the draft is in it
    const kept = () => getJson<Panel>(`${visit.server.url}/api/panels/${id}`);
    await eventually(async () => (await kept()).revision === 2);
    expect((await kept()).sheet).toMatchObject({ name: "Rookhope RH-90 mended" });
    await fields.saved();
  },
);

isolatedE2eTest("one that was removed meanwhile can be kept as a sheet of its own", async (visit) => {
  const { id } = await sheetTypedOffline(visit, "Rookhope RH-90");
  await fetch(`${visit.server.url}/api/panels/${id}`, { method: "DELETE", headers: { "if-match": '"1"' } });
  const { fields } = await visit.open("/library/panels");
  await fields.says("[aria-label='Unsaved changes']", /Rookhope RH-90 mended.*deleted from the library/);
  await fields.press("Save as a new entry");
  await fields.gone("[aria-label='Unsaved changes']");
  expect((await panels(visit)).map(({ sheet }) => sheet.name)).toContain("Rookhope RH-90 mended");
});

/** What a browser does that may keep nothing for this site, and one without room. */
const without: readonly (readonly [string, () => void])[] = [
  [
    "site data shut off",
    () => {
      const denied = () => {
        throw new DOMException("Access is denied for this document.", "SecurityError");
      };
      for (const name of ["localStorage", "sessionStorage", "indexedDB"])
        Object.defineProperty(window, name, { get: denied });
      Object.defineProperty(window, "BroadcastChannel", { value: denied });
      navigator.locks.request = () => Promise.reject(new DOMException("Access is denied.", "SecurityError"));
      navigator.locks.query = () => Promise.reject(new DOMException("Access is denied.", "SecurityError"));
    },
  ],
  [
    "no room in either store",
    () => {
      const full = () => {
        throw new DOMException("The quota has been exceeded.", "QuotaExceededError");
      };
      Storage.prototype.setItem = full;
      IDBObjectStore.prototype.put = full;
    },
  ],
];
for (const [name, take] of without)
  e2eTest(
    `with ${name} a plan opens and is saved; without a server it is said that nothing is kept here`,
    async (visit) => {
      const address = await visit.plan("Rooftop");
      const { page, fields } = await visit.open(`${address}/wiring`);
      await page.evaluateOnNewDocument(take);
      await reload(page);
      await fields.type("Record low", "-9");
      await fields.saved();
      expect(await read(visit.server, idOf(address))).toMatchObject({ plan: { site: { recordLowC: -9 } } });
      await page.setOfflineMode(true);
      await fields.type("Record low", "-12");
      await fields.says("[role=alert]", /stores nothing .*Leave the page open, or download it/);
      await fields.says("[data-save]", /Not saved and not stored/);
      await page.setOfflineMode(false);
      await fields.saved();
      expect(await read(visit.server, idOf(address))).toMatchObject({ plan: { site: { recordLowC: -12 } } });
    },
  );
