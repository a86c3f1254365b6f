import { panelColumnsOf } from "@/core/library/panel-columns";
import { readTable, writeTable } from "@/core/library";
import { pairsIn } from "@/core/panels/label-import/pairs";
import { textFieldsOf } from "@/core/panels/label-import/fields";
import { blankLabel, fieldNames, panelFields, type PanelField, type PanelSheet } from "@/core/plan";
import { labelSchemaOf } from "@/core/plan/schemas/panels";
import { labelStepsOf, sheetFromAnyVersion } from "@/core/plan/sheets";
import { panelTable } from "./panel-shelf";

/** A number that no label has yet: the largest hailstone it is tested with. */
const hailMm: PanelField = {
  ...panelFields.widthMm,
  since: 3,
  group: "limit",
  min: 5,
  max: 90,
  title: "Hail",
  titles: ["hail resistance"],
  text: { order: 20, called: [/hail(?:stones)?/gi], units: { mm: 1, cm: 10 }, min: 5, max: 90 },
  column: { widthPx: 80, isShown: true },
};
const more = { ...panelFields, hailMm };
const label = { ...blankLabel("Tester"), hailMm: 35 };

test("a row added to the catalogue is in the schema, bounded, and in every label written before", () => {
  const schema = labelSchemaOf(more);
  expect(schema.parse(label)).toMatchObject({ hailMm: 35 });
  expect(schema.safeParse({ ...label, hailMm: 400 }).success).toBe(false);
  expect(schema.safeParse(blankLabel("Older")).success).toBe(false);
  expect(schema.parse(sheetFromAnyVersion(blankLabel("Older"), labelStepsOf(more)))).toMatchObject({ hailMm: null });
});

test("it goes out by a table of panels and comes back, in any unit, under any of its titles", () => {
  const columns = panelColumnsOf(more);
  const rows = writeTable(columns, [label as PanelSheet]);
  const at = rows[0]?.findIndex((title) => String(title).startsWith("Hail")) ?? -1;
  expect([rows[0]?.[at], rows[1]?.[at]]).toEqual(["Hail (mm)", 35]);
  const { take } = readTable(columns, blankLabel(""), ["Name", "Hail resistance (cm)"]);
  expect(take(["Tester", "3.5"], 2)).toMatchObject({ name: "Tester", hailMm: 35 });
});

test("it is read out of a text, stands in its group of the form and in the library's table", () => {
  const found = pairsIn("Hailstones up to 3.5 cm, Voc 22.6 V", textFieldsOf(more));
  expect(found.map(({ field, value }) => [field, value])).toEqual([
    ["hailMm", 35],
    ["vocV", 22.6],
  ]);
  expect(fieldNames(more, ({ group }) => group === "limit")).toContain("hailMm");
  const columns = panelTable("metric", more).map(({ field }) => field);
  expect(columns).toContain("hailMm");
  expect(new Set(columns).size).toBe(columns.length);
});
