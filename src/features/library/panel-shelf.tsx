import { type GridColDef } from "@mui/x-data-grid";
import { type PanelRecord } from "@/api";
import { type PanelSheet } from "@/core/plan";
import { type FieldName, fieldSpecs, type UnitSystem } from "@/core/engine/units";
import { amount, cellTypeWords, given, money } from "@/messages/en";

type Columns = GridColDef<PanelRecord>[];
type NumberField = FieldName & keyof PanelSheet;

const shortKind: Readonly<Record<PanelSheet["kind"], string>> = {
  rigid: "Rigid",
  flexible: "Flexible",
  thinFilm: "Thin film",
  folding: "Folding",
  blanket: "Blanket",
};

const mm2PerM2 = 1e6;
const ft2PerM2 = 1 / 0.09290304;

/** Columns of the table of panels; figures sort and filter as numbers, and are shown in the units chosen. */
export function panelTable(system: UnitSystem): Columns {
  const numberColumn = (field: NumberField, headerName: string, width: number): Columns[number] => ({
    field,
    headerName,
    width,
    type: "number",
    valueGetter: (_, { sheet }) => sheet[field],
    valueFormatter: (value: number | null) => (value === null ? "–" : given(value, fieldSpecs[field].unit, system)),
  });
  const computedColumn = (
    field: string,
    headerName: string,
    width: number,
    reckon: (sheet: PanelSheet) => number | null,
    show: (value: number, sheet: PanelSheet) => string,
  ): Columns[number] => ({
    field,
    headerName,
    width,
    type: "number",
    valueGetter: (_, { sheet }) => reckon(sheet),
    valueFormatter: (value: number | null, { sheet }) => (value === null ? "–" : show(value, sheet)),
  });
  return [
    { field: "kind", headerName: "Kind", width: 76, valueGetter: (_, { sheet }) => shortKind[sheet.kind] },
    numberColumn("pmaxW", "Watts", 68),
    computedColumn("size", "Size", 132, areaM2, (_, { lengthMm, widthMm }) => sizeWords([lengthMm, widthMm], system)),
    computedColumn(
      "wattsPerArea",
      system === "us" ? "W/ft²" : "W/m²",
      58,
      ({ pmaxW, ...sheet }) => ratio(pmaxW, areaM2(sheet)),
      (value) => (system === "us" ? (value / ft2PerM2).toFixed(1) : value.toFixed(0)),
    ),
    numberColumn("vocV", "Voc", 70),
    numberColumn("iscA", "Isc", 72),
    numberColumn("weightKg", "Weight", 74),
    computedColumn(
      "stowed",
      "Stowed",
      150,
      ({ stowedLengthMm: l, stowedWidthMm: w, stowedDepthMm: d }) =>
        l === null || w === null || d === null ? null : l * w * d,
      (_, { stowedLengthMm, stowedWidthMm, stowedDepthMm }) =>
        sizeWords([stowedLengthMm, stowedWidthMm, stowedDepthMm], system),
    ),
    computedColumn(
      "price",
      "Price",
      132,
      ({ price }) => price,
      (value, { currency }) => money(value, currency),
    ),
    computedColumn(
      "pricePerW",
      "Per W",
      132,
      ({ price, pmaxW }) => ratio(price, pmaxW),
      (value, { currency }) => money(value, currency),
    ),
    computedColumn(
      "wattsPerWeight",
      system === "us" ? "W/lb" : "W/kg",
      78,
      ({ pmaxW, weightKg }) => ratio(pmaxW, weightKg),
      (value) => (system === "us" ? value * 0.45359237 : value).toFixed(1),
    ),
    {
      field: "cellType",
      headerName: "Cells",
      width: 140,
      valueGetter: (_, { sheet }) => cellTypeWords[sheet.cellType],
    },
    numberColumn("vmpV", "Vmp", 82),
    numberColumn("impA", "Imp", 84),
    numberColumn("tempCoVocPctPerC", "Voc coefficient", 118),
    numberColumn("tempCoPmaxPctPerC", "Pmax coefficient", 124),
    numberColumn("maxSystemV", "System volts", 104),
    numberColumn("maxSeriesFuseA", "Series fuse", 96),
    numberColumn("cellsInSeries", "Cells in series", 112),
    numberColumn("bypassDiodes", "Bypass diodes", 112),
    numberColumn("cellsAlong", "Cells along", 100),
    numberColumn("cellsAcross", "Cells across", 104),
  ];
}

/** Columns not shown until asked for. */
export const panelExtras = [
  "wattsPerWeight",
  "cellType",
  "vmpV",
  "impA",
  "tempCoVocPctPerC",
  "tempCoPmaxPctPerC",
  "maxSystemV",
  "maxSeriesFuseA",
  "cellsInSeries",
  "bypassDiodes",
  "cellsAlong",
  "cellsAcross",
];

function areaM2({ lengthMm, widthMm }: Pick<PanelSheet, "lengthMm" | "widthMm">): number | null {
  return lengthMm === null || widthMm === null ? null : (lengthMm * widthMm) / mm2PerM2;
}

function ratio(of: number | null, to: number | null): number | null {
  return of === null || to === null || to === 0 ? null : of / to;
}

/** "1480 × 670 mm"; the unit once. */
function sizeWords(sides: readonly (number | null)[], system: UnitSystem): string {
  const words = sides.map((side) => amount(side ?? 0, "mm", system).split("\u00a0"));
  return `${words.map(([number]) => number).join(" × ")}\u00a0${words[0]?.[1] ?? ""}`;
}
