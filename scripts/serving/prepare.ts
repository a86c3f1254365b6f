import { randomUUID } from "node:crypto";
import { type DeviceSheet, type PanelSheet } from "../../src/core/plan";
import { demoInputs, demoPanels, demoPlans, demoReadings, withDemoHistory } from "../../src/demo";
import {
  allPlans,
  createPlan,
  DatabaseProblem,
  type Db,
  inputShelf,
  listPlans,
  openDatabase,
  panelShelf,
  putReadings,
} from "../../src/server/db";

/** Brings the database of a data folder up to date; with --demo, fills an empty one with the demo scenario. */
async function prepare(dataDir: string, demo: boolean): Promise<void> {
  const db = await openDatabase(dataDir);
  if (demo && (await isEmpty(db))) await fill(db);
  await db.destroy();
}

async function isEmpty(db: Db): Promise<boolean> {
  const [plans, noPanels, noInputs] = await Promise.all([
    listPlans(db, { ...allPlans, most: 1 }),
    panelShelf.isEmpty(db),
    inputShelf.isEmpty(db),
  ]);
  return plans.length === 0 && noPanels && noInputs;
}

async function fill(db: Db): Promise<void> {
  const now = new Date().toISOString();
  const panels = Object.values<PanelSheet>(demoPanels).map((sheet) => ({ id: randomUUID(), sheet }));
  const inputs = Object.values<DeviceSheet>(demoInputs).map((sheet) => ({ id: randomUUID(), sheet }));
  await panelShelf.add(db, panels, now);
  await inputShelf.add(db, inputs, now);
  const idOf = (shelf: readonly { id: string; sheet: { name: string } }[], name: string) =>
    shelf.find(({ sheet }) => sheet.name === name)?.id ?? null;
  // saved a second apart, last first, so that the list shows them in the scenario's order
  const plans = demoPlans().map((plan) => ({
    ...plan,
    panels: plan.panels.map((panel) => ({ ...panel, libraryId: idOf(panels, panel.label.name) })),
    inputs: plan.inputs.map((input) => ({ ...input, libraryId: idOf(inputs, input.device.name) })),
  }));
  for (const [k, plan] of plans.entries()) {
    const id = randomUUID();
    // the first is lived with: it is made, was proved, and has a year of its log
    const standing = k === 0 ? withDemoHistory(plan) : plan;
    await createPlan(db, { id, plan: standing, now: new Date(Date.parse(now) - k * 1000).toISOString() });
    if (k === 0) await putReadings(db, id, demoReadings(plan, plan.wirings[0]?.id ?? ""), now);
  }
  console.log(`Demo scenario loaded: ${plans.length} plans.`);
}

const [dataDir, flag] = process.argv.slice(2);
if (dataDir === undefined) throw new Error("usage: prepare DIR [--demo]");
prepare(dataDir, flag === "--demo").catch((error: unknown) => {
  console.error(error instanceof DatabaseProblem ? error.message : error);
  process.exit(1);
});
