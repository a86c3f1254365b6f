import { type GridColDef } from "@mui/x-data-grid";
import { type PanelRecord } from "@/api";
import {
  fieldNames,
  type PanelField,
  type PanelFieldCatalogue,
  type PanelFieldName,
  panelFields,
  type PanelSheet,
} from "@/core/plan";
import { type UnitSystem } from "@/core/engine/units";
import { amount, cellTypeWords, given, money, panelFieldWords } from "@/messages/en";

type Columns = GridColDef<PanelRecord>[];

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
export function panelTable(system: UnitSystem, catalogue: PanelFieldCatalogue = panelFields): Columns {
  const numberColumn = (field: string): Columns[number] => {
    const { column, unit } = catalogue[field] as PanelField;
    return {
      field,
      headerName: panelFieldWords[field as PanelFieldName]?.name ?? field,
      width: column?.widthPx ?? 0,
      type: "number",
      valueGetter: (_, { sheet }) => sheet[field as PanelFieldName],
      valueFormatter: (value: number | null) => (value === null ? "–" : given(value, unit, system)),
    };
  };
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
  /** What is no number of the label, each after the number it belongs to. */
  const after: Readonly<Record<string, Columns>> = {
    pmaxW: [
      computedColumn("size", "Size", 132, areaM2, (_, { lengthMm, widthMm }) => sizeWords([lengthMm, widthMm], system)),
      computedColumn(
        "wattsPerArea",
        system === "us" ? "W/ft²" : "W/m²",
        58,
        ({ pmaxW, ...sheet }) => ratio(pmaxW, areaM2(sheet)),
        (value) => (system === "us" ? (value / ft2PerM2).toFixed(1) : value.toFixed(0)),
      ),
    ],
    weightKg: [
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
    ],
  };
  return [
    { field: "kind", headerName: "Kind", width: 76, valueGetter: (_, { sheet }) => shortKind[sheet.kind] },
    ...[true, false].flatMap((isShown) =>
      fieldNames(catalogue, ({ column }) => column?.isShown === isShown).flatMap((name) => [
        numberColumn(name),
        ...(after[name] ?? []),
      ]),
    ),
  ];
}

/** Columns not shown until asked for. */
export const panelExtras: readonly string[] = [
  "wattsPerWeight",
  "cellType",
  ...fieldNames(panelFields, ({ column }) => column?.isShown === false),
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
