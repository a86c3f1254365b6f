import { put, read, type Saved } from "./harness/plans-api";
import { type Visit, e2eTest } from "./harness/visit";
import { type Screen } from "./screen";

/** Two tabs, or a tab and a program, on one plan: nothing is overwritten unseen. */
type Desk = Screen & { readonly id: string; readonly stored: () => Promise<Saved> };

/** A rooftop plan on the desk, with `site` written by another program meanwhile. */
async function writtenElsewhere({ open, plan, server }: Visit, change: (saved: Saved) => object): Promise<Desk> {
  const address = await plan("Rooftop");
  const id = address.split("/").pop() ?? "";
  const screen = await open(`${address}/wiring`);
  const saved = await read(server, id);
  expect((await put(server, id, saved.revision, { ...saved.plan, ...change(saved) })).status).toBe(200);
  return Object.assign(screen, { id, stored: () => read(server, id) });
}

e2eTest(
  "a tab whose plan was changed elsewhere is told what changed, and can take theirs and undo it",
  async (visit) => {
    const { page, fields, stored } = await writtenElsewhere(visit, ({ plan }) => ({
      site: { ...plan.site, recordHighC: 40 },
    }));
    await fields.type("Record low", "-9");
    await fields.says("[role=alert]", /changed in another tab or browser.*the location.*not saved/);
    expect((await stored()).plan.site).toMatchObject({ recordHighC: 40, recordLowC: -4 });
    await fields.press("Load the other version");
    await fields.saved();
    await fields.shows("Record low", "-4");
    await fields.shows("Record high", "40");
    await fields.press("Undo");
    await fields.shows("Record low", "-9");
    await page.waitForSelector("[data-save=saved]");
    expect((await stored()).plan.site).toMatchObject({ recordLowC: -9, recordHighC: 34 });
  },
);

e2eTest("or keep its own, knowingly", async (visit) => {
  const { fields, stored } = await writtenElsewhere(visit, ({ plan }) => ({ site: { ...plan.site, latitudeDeg: 12 } }));
  await fields.type("Record low", "-8");
  await fields.press("Keep this version");
  await fields.saved();
  expect((await stored()).plan.site).toMatchObject({ recordLowC: -8, latitudeDeg: null });
});

e2eTest("or choose part by part", async (visit) => {
  const { page, fields, stored } = await writtenElsewhere(visit, ({ plan }) => ({
    name: "Renamed there",
    site: { ...plan.site, recordHighC: 41 },
  }));
  const { revision } = await stored();
  await fields.type("Record low", "-7");
  await fields.press("Choose by part");
  await fields.says("[data-part='site:recordHighC']", /record high.*changed in the saved version only/);
  await fields.says("[data-part='site:recordLowC']", /changed in this tab only.*−7.*−4/);
  await page.click("[data-part='name:'] input[aria-label$=mine]");
  await fields.press("Save these choices");
  await fields.saved();
  const { plan, revision: now } = await stored();
  expect(plan).toMatchObject({ site: { recordLowC: -7, recordHighC: 41 } });
  expect(plan.name).toMatch(/^Rooftop/);
  expect(now).toBe(revision + 1);
});

e2eTest("a second tab with nothing unsaved follows the first by itself and says so", async ({ open, plan }) => {
  const address = `${await plan("The Lantern")}/wiring`;
  const first = await open(address);
  const second = await open(address);
  await first.page.bringToFront();
  await first.fields.type("In series", "1");
  await first.fields.saved();
  await second.page.bringToFront();
  await second.fields.says(".MuiSnackbar-root", /changed in another tab/);
  await second.fields.shows("In series", "1");
});
