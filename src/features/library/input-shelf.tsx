import { type GridColDef } from "@mui/x-data-grid";
import { type InputRecord } from "@/api";
import { type DeviceSheet, type PortField, portFieldNames, portFields, type PortSheet } from "@/core/plan";
import { type Unit, type UnitSystem } from "@/core/engine/units";
import { inputKindWords } from "@/features/controllers";
import { given, money, portFieldWords } from "@/messages/en";
import { inputShelfTexts } from "@/messages/en/library/view";

type Columns = GridColDef<InputRecord>[];

/** Columns of the table of inputs. A device's ports stand in one cell each; sorting goes by the greatest. */
export function inputTable(system: UnitSystem): Columns {
  const overPorts = (
    field: string,
    headerName: string,
    width: number,
    of: (port: PortSheet) => number | null,
    unit: Unit,
  ): Columns[number] => ({
    field,
    headerName,
    width,
    type: "number",
    valueGetter: (_, { sheet }) => greatest(sheet.ports.map(of)),
    valueFormatter: (_: number | null, { sheet }) => joined(sheet.ports.map(of), unit),
  });
  const numbers = (group: PortField["group"]): Columns =>
    portFieldNames.flatMap((name) => {
      const field: PortField = portFields[name];
      const { name: title } = portFieldWords[name];
      return field.group === group && field.widthPx !== null
        ? [overPorts(name, title, field.widthPx, (port) => port[name], field.unit)]
        : [];
    });
  return [
    {
      field: "kind",
      headerName: inputShelfTexts.kind,
      width: 130,
      valueGetter: (_, { sheet }) => inputKindWords[sheet.kind],
    },
    {
      field: "ports",
      headerName: inputShelfTexts.pvInputs,
      width: 62,
      type: "number",
      valueGetter: (_, { sheet }) => sheet.ports.length,
    },
    ...numbers("voltage"),
    overPorts(
      "amps",
      inputShelfTexts.maxCurrentA,
      92,
      ({ currentLimits }) => greatest(currentLimits.map(({ amps }) => amps)),
      "A",
    ),
    ...numbers("power"),
    {
      field: "together",
      headerName: inputShelfTexts.shared,
      width: 82,
      type: "number",
      valueGetter: (_, { sheet }) => together(sheet),
      valueFormatter: (value: number | null) => (value === null ? "–" : given(value, "W")),
    },
    {
      field: "conversion",
      headerName: inputShelfTexts.conversion,
      width: 76,
      valueGetter: (_, { sheet }) =>
        [...new Set(sheet.ports.map(({ conversion }) => conversion.toUpperCase()))].join(", "),
    },
    ...numbers("conversion"),
    ...numbers("startUp"),
    {
      field: "weightKg",
      headerName: inputShelfTexts.weight,
      width: 78,
      type: "number",
      valueGetter: (_, { sheet }) => sheet.weightKg,
      valueFormatter: (value: number | null) => (value === null ? "–" : given(value, "kg", system)),
    },
    {
      field: "price",
      headerName: inputShelfTexts.price,
      width: 132,
      type: "number",
      valueGetter: (_, { sheet }) => sheet.price,
      valueFormatter: (value: number | null, { sheet }) => (value === null ? "–" : money(value, sheet.currency)),
    },
    {
      field: "pricePerW",
      headerName: inputShelfTexts.perW,
      width: 132,
      type: "number",
      valueGetter: (_, { sheet }) => pricePerW(sheet),
      valueFormatter: (value: number | null, { sheet }) => (value === null ? "–" : money(value, sheet.currency)),
    },
  ];
}

export const inputExtras = ["batteryV", "pricePerW"];

/** Watts all ports take together: the shared limit that covers them all, or else the sum of the ports. */
function together({ ports, groups }: DeviceSheet): number | null {
  const whole = groups
    .filter(({ portIds, maxW }) => maxW !== null && portIds.length === ports.length)
    .map(({ maxW }) => maxW ?? Number.POSITIVE_INFINITY);
  const sum = ports.reduce<number | null>(
    (total, { maxW }) => (total === null || maxW === null ? null : total + maxW),
    0,
  );
  return whole.length > 0 ? Math.min(...whole, sum ?? Number.POSITIVE_INFINITY) : sum;
}

function pricePerW(sheet: DeviceSheet): number | null {
  const watts = together(sheet);
  return sheet.price === null || watts === null ? null : sheet.price / watts;
}

function greatest(values: readonly (number | null)[]): number | null {
  const stated = values.filter((value) => value !== null);
  return stated.length === 0 ? null : Math.max(...stated);
}

/** "60 · 150 V": each port's figure, the unit once; equal ones once. */
function joined(values: readonly (number | null)[], unit: Unit): string {
  const distinct = [...new Set(values)];
  return distinct.every((value) => value === null)
    ? "–"
    : distinct
        .map((value, k) => (value === null ? "–" : given(value, k === distinct.length - 1 ? unit : "")))
        .join(" · ");
}
