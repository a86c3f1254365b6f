import fc from "fast-check";
import { parse, unparse } from "papaparse";
import { blankLabel, labelSchema, type PanelFieldName, panelFields, type PanelSheet } from "../plan";

import { demoInputs, demoPanels } from "@/demo";
import {
  blankLine,
  devicesOf,
  formulaLike,
  heldBy,
  linesOf,
  panelColumns,
  portColumns,
  readLibraryText,
  readTable,
  type Refused,
  writeLibrary,
  writeTable,
} from ".";

const cellsOf = (rows: readonly (readonly (string | number)[])[]) => rows.map((row) => row.map(String));

function panelsOf(rows: readonly (readonly string[])[]) {
  const reader = readTable(panelColumns, blankLabel(""), rows[0] ?? []);
  const sheets = rows
    .slice(1)
    .map((row, k) => reader.take(row, k + 2))
    .filter((sheet) => sheet !== null);
  return { sheets, ...reader.report() };
}

/** Every number that a label has. */
const numbers = Object.keys(labelSchema.shape).filter((key): key is PanelFieldName => key in panelFields);

const anyPanel: fc.Arbitrary<PanelSheet> = fc
  .record({
    name: fc
      .string({ unit: "grapheme", minLength: 1, maxLength: 30 })
      .map((words) => words.trim())
      .filter((words) => words !== "" && words.length <= 80),
    kind: fc.constantFrom("rigid" as const, "thinFilm" as const, "blanket" as const),
    ...Object.fromEntries(
      numbers.map((key) => [
        key,
        fc.option(
          panelFields[key].whole
            ? fc.integer({ min: panelFields[key].min, max: panelFields[key].max })
            : fc
                .double({ min: panelFields[key].min, max: panelFields[key].max, noNaN: true })
                .map((value) => value + 0),
        ),
      ]),
    ),
  })
  .map((some) => ({ ...blankLabel(""), ...some }));

test("any panels written as a table are read back as they were, every number of a label among them", () => {
  expect(numbers.length).toBeGreaterThanOrEqual(21);
  fc.assert(
    fc.property(fc.array(anyPanel, { minLength: 1, maxLength: 6 }), (panels) => {
      const { sheets, columns } = panelsOf(cellsOf(writeTable(panelColumns, panels)));
      expect(sheets).toEqual(panels.map((panel) => labelSchema.parse(panel)));
      expect(columns.every((column) => column.type === "taken" && column.faultCount === 0)).toBe(true);
    }),
  );
});

test("the demo's inputs go through a table with all their ports and tiers; through JSON with everything", () => {
  const inputs = Object.values(demoInputs);
  const rows = cellsOf(writeTable(portColumns, inputs.flatMap(linesOf)));
  const reader = readTable(portColumns, blankLine, rows[0] ?? []);
  const back = devicesOf(
    rows
      .slice(1)
      .map((row, k) => reader.take(row, k + 2))
      .filter((line) => line !== null),
  ).map(({ sheet }) => sheet);
  const plain = inputs.map((device) => ({
    ...device,
    groups: [],
    modules: [],
    ports: device.ports.map((port, k) => ({ ...port, id: `port-${k + 1}`, moduleId: null })),
  }));
  expect(back).toEqual(plain);
  const all = { panels: Object.values(demoPanels), inputs };
  expect(readLibraryText(writeLibrary(all))).toEqual({ type: "library", sheets: all, refused: [] });
});

test("a seller's table is read by its own headings and units, and says column by column what it did not understand", () => {
  const { sheets, columns, absent } = panelsOf([
    [
      "Model",
      "Type",
      "Rated power [W]",
      "Open-circuit voltage (mV)",
      "Isc A",
      "Temp. coefficient Voc",
      "Dimensions (in)",
      "Weight (lb)",
      "Price",
      "Warranty",
      "Voc (V)",
      "Cells",
    ],
    [
      "Hedgerow 100",
      "Rigid glass",
      "100",
      "22 6OO",
      "5,9 A",
      "-65.54 mV/K",
      "40 x 20 x 1.2",
      "15.4",
      "€ 89.50",
      "10 years",
      "99",
      "mono",
    ],
    ["Hedgerow 200", "shingle", "2OO", "22600", "", "-66", "1016 × 508 mm", "7 kg", "99 USD", "none", "", ""],
    ["", "", " ", "", "", "", "", "", "", "", "", ""],
  ]);
  expect(sheets[0]).toMatchObject({
    name: "Hedgerow 100",
    kind: "rigid",
    pmaxW: 100,
    iscA: 5.9,
    lengthMm: 1016,
    widthMm: 508,
    price: 89.5,
    currency: "EUR",
  });
  expect(sheets[0]?.weightKg).toBeCloseTo(6.98532, 4);
  expect(sheets[1]).toMatchObject({
    name: "Hedgerow 200",
    vocV: 22.6,
    lengthMm: 1016,
    weightKg: 7,
    price: 99,
    currency: "USD",
    pmaxW: null,
    tempCoVocPctPerC: null,
  });
  expect(sheets.length).toBe(2);
  const by = (heading: string) => columns.find((column) => column.heading === heading);
  expect(by("Rated power [W]")).toMatchObject({
    type: "taken",
    title: "Pmax (W)",
    filled: 1,
    faults: [{ row: 3, text: "2OO", fault: { type: "unknownUnit" } }],
  });
  expect(by("Open-circuit voltage (mV)")).toMatchObject({
    title: "Voc (V)",
    filled: 1,
    faultCount: 1,
    faults: [{ row: 2, text: "22 6OO" }],
  });
  expect(by("Type")).toMatchObject({
    faultCount: 1,
    instead: "rigid",
    faults: [{ text: "shingle", fault: { type: "notAChoice" } }],
  });
  expect(by("Temp. coefficient Voc")).toMatchObject({
    faults: [
      { row: 2, fault: { type: "notANumber" } },
      { row: 3, fault: { type: "outside", value: -66 } },
    ],
  });
  expect(by("Warranty")).toEqual({ heading: "Warranty", type: "unknown", samples: ["10 years", "none"] });
  expect(by("Voc (V)")).toEqual({ heading: "Voc (V)", type: "repeated", title: "Voc (V)" });
  expect(absent).toContainEqual({ title: "Vmp (V)", instead: "" });
  // length and width came out of one cell
  expect(absent.map(({ title }) => title)).not.toContain("Length (mm)");
  expect(absent.map(({ title }) => title)).toContain("Stowed length (mm)");
});

test("hostile files are refused or harmless", () => {
  expect(readLibraryText("{").type).toBe("notJson");
  expect(readLibraryText("[]").type).toBe("foreign");
  expect(readLibraryText('{"format":"golden-array-plan","version":1}')).toEqual({
    type: "foreign",
    found: "golden-array-plan",
  });
  expect(readLibraryText('{"format":"golden-array-library","version":9}')).toEqual({ type: "newer", version: 9 });
  expect(readLibraryText(`{"format":"golden-array-library","version":1,"panels":[${"{},".repeat(5000)}{}]}`)).toEqual({
    type: "tooMany",
    count: 5001,
  });
  const tampered = readLibraryText(
    JSON.stringify({
      format: "golden-array-library",
      version: 1,
      panels: [{ ...demoPanels.rigid120, vocV: 9e9 }, demoPanels.rigid195, { ...demoPanels.blanket60, evil: true }],
    }),
  );
  expect(tampered).toMatchObject({
    type: "library",
    sheets: { panels: [demoPanels.rigid195] },
    refused: [{ at: 1, path: "panels.0.vocV" }, { at: 3 }],
  });
  const { sheets, columns } = panelsOf([
    ["__proto__", "", "name"],
    ["x", "y".repeat(99_999), "n".repeat(81)],
  ]);
  expect(sheets[0]).toEqual(blankLabel(""));
  expect(columns.map(({ type }) => type)).toEqual(["unknown", "unknown", "taken"]);
  expect(JSON.stringify(columns).length).toBeLessThan(1000);
  const refused: Refused[] = [];
  expect(heldBy(labelSchema, sheets, "", refused)).toEqual([]);
  expect(refused).toEqual([{ at: 1, name: "", path: "name", problem: expect.any(String) as string }]);
});

test("no cell of a table can be taken for a formula, and every name comes back as it was", () => {
  const opening = fc.constantFrom("=", "+", "-", "@", "\u200b=", "\u200b \ufeff@", " -", "'=", "＝", "plain");
  fc.assert(
    fc.property(opening, fc.string({ maxLength: 20 }), (start, rest) => {
      const sheet = labelSchema.parse({ ...demoPanels.rigid120, name: `${start}${rest}x` });
      const csv = unparse(writeTable(panelColumns, [sheet]), { escapeFormulae: formulaLike });
      const [headings, cells] = parse<string[]>(csv).data;
      expect(cells?.[0]?.startsWith("'") === true || !formulaLike.test(cells?.[0] ?? "")).toBe(true);
      expect(/[\n\r\t]/.test(sheet.name)).toBe(false);
      expect(readTable(panelColumns, blankLabel("x"), headings ?? []).take(cells ?? [], 2)?.name).toBe(sheet.name);
    }),
  );
});
