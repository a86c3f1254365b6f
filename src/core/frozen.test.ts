import { readFileSync } from "node:fs";
import path from "node:path";
import { z } from "zod";
import { readBundle } from "./bundle";
import { readLibraryText } from "./library";
import { recordSchema } from "./measurements";
import {
  deviceSchema,
  deviceSteps,
  labelSchema,
  labelSteps,
  readPlanText,
  sheetFromAnyVersion,
  type SheetStep,
  sheetUpgrades,
} from "./plan";
import { readHome } from "./phone-sheet";

/**
 * Files as versions before this one wrote them: never written anew. Whoever changes a format adds the file of the version before
 * (plans of versions 1 to 3 are read in plan.test.ts, databases in database.test.ts).
 */
const frozen = (name: string) => readFileSync(path.join(__dirname, "fixtures/frozen", name));
const textOf = (name: string) => frozen(name).toString("utf8");

test("a plan, a library, a bundle, a phone sheet and readings of every version are read, each wholly", async () => {
  const plan = readPlanText(textOf("plan-4.json"));
  expect([plan.type, plan.type === "plan" ? plan.plan.panels[0]?.label.readFrom : null]).toEqual([
    "plan",
    { way: "photo", on: "2026-05-01", checked: true, photoId: null },
  ]);
  const mounted = readPlanText(textOf("plan-4-mounted.json"));
  if (mounted.type !== "plan") throw new Error(JSON.stringify(mounted.fault));
  expect(mounted.plan.standards).toEqual({ fuse: "strict", cable: "marine", coldVolts: null });
  expect(mounted.plan.fixings.list.map(({ method, roofSurface }) => [method, roofSurface])).toEqual([
    ["gluedBrackets", "paintedAluminium"],
    ["foldingLegs", null],
  ]);
  // of version 5: port arrays were called lanes, strings rows, positions poses
  const named = readPlanText(textOf("plan-5.json"));
  if (named.type !== "plan") throw new Error(JSON.stringify(named.fault));
  const [wiring] = named.plan.wirings;
  expect(wiring?.portArrays[0]?.strings[0]?.items[1]).toMatchObject({
    type: "group",
    strings: [{ id: "r3" }, { id: "r4", blockingDiode: true }],
  });
  expect(wiring?.portArrays[1]?.strings[0]?.items[0]).toMatchObject({ piece: 1, bypassed: true });
  expect([wiring?.positionIds, wiring?.stringsGiven, wiring?.runs[0]?.from, wiring?.guards[0]?.at]).toEqual([
    ["parked", "underway"],
    4,
    { type: "string", stringId: "r2" },
    { type: "string", stringId: "r2" },
  ]);
  expect(named.plan.positions.map(({ id, stands }) => [id, stands.length])).toEqual([
    ["parked", 0],
    ["underway", 2],
  ]);
  expect(named.plan.space.places[0]?.inPositions).toMatchObject([{ positionId: "underway", faceDown: true }]);
  // nothing stored is dropped on the way: what no version knows is refused by its place
  const odd = JSON.parse(textOf("plan-5.json")) as { space: { places: unknown[] } };
  odd.space.places.push(7);
  expect(readPlanText(JSON.stringify(odd))).toMatchObject({ fault: { path: "space.places.4" } });
  for (const name of ["library-1.json", "library-2.json"]) {
    const { panels, inputs } = JSON.parse(textOf(name)) as { panels: unknown[]; inputs: unknown[] };
    const library = readLibraryText(textOf(name));
    if (library.type !== "library") throw new Error(`${name} is not read`);
    expect([name, library.refused, library.sheets.panels.length, library.sheets.inputs.length]).toEqual([
      name,
      [],
      panels.length,
      inputs.length,
    ]);
  }
  const records = JSON.parse(textOf("records-1.json")) as unknown[];
  const readings = z.array(recordSchema).parse(records);
  // a string was called a row
  const place = { type: "string", stringId: "r2", n: 1 };
  expect(readings).toEqual(records.map((record, k) => (k === 2 ? { ...(record as object), place } : record)));
  for (const name of ["bundle-1.zip", "bundle-2.zip"]) {
    const bundle = await readBundle(Uint8Array.from(frozen(name)));
    if (bundle.type !== "text") throw new Error(`${name}: ${JSON.stringify(bundle.fault)}`);
    expect([name, readPlanText(bundle.text).type, bundle.photos.length, bundle.readings]).toEqual([
      name,
      "plan",
      1,
      readings,
    ]);
  }
  expect(readHome(textOf("phone-sheet-1.json")).type).toBe("home");
});

test("a field added to a label or an input, by its one step, is in every sheet ever written, and in every plan", () => {
  const [added, fields] = [{ hailMm: z.number().nullable() }, { hailMm: null }];
  const step: SheetStep = (sheet) => ({ ...fields, ...sheet });
  const kinds = [
    ["panels", "labels", "label", labelSchema.extend(added), labelSteps],
    ["inputs", "devices", "device", z.looseObject({ ...added, ports: z.array(z.unknown()) }), deviceSteps],
  ] as const;
  const plan = JSON.parse(textOf("plan-4.json")) as Record<string, Record<string, unknown>[]>;
  for (const [list, name, field, schema, steps] of kinds) {
    const sheets = ["library-1.json", "library-2.json"].flatMap(
      (file) => (JSON.parse(textOf(file)) as Record<string, unknown[]>)[list] ?? [],
    );
    expect(sheets.length).toBeGreaterThan(5);
    for (const sheet of sheets)
      expect(schema.parse(sheetFromAnyVersion(sheet, [...steps, step]))).toMatchObject(fields);
    // the section of a plan gets a version and an upgrade of its own by that
    const before = sheetUpgrades(name, field, steps);
    const after = sheetUpgrades(name, field, [...steps, step]);
    expect(after.length).toBe(before.length + 1);
    const raised = after.slice(before.length).reduce<unknown>((older, upgrade) => upgrade(older), plan[list]);
    for (const each of raised as Record<string, unknown>[]) expect(schema.parse(each[field])).toMatchObject(fields);
  }
  // and a sheet of today passes all steps unchanged
  for (const sheet of (JSON.parse(textOf("library-2.json")) as { inputs: unknown[] }).inputs)
    expect(deviceSchema.parse(sheetFromAnyVersion(sheet, deviceSteps))).toEqual(sheet);
});
