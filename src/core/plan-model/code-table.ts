/** Voltage multipliers by lowest air temperature, crystalline silicon. NEC table 690.7(A); rows run down from `fromC`. */
const codeTable: readonly { readonly fromC: number; readonly factor: number }[] = [
  { fromC: 25, factor: 1 },
  { fromC: 20, factor: 1.02 },
  { fromC: 15, factor: 1.04 },
  { fromC: 10, factor: 1.06 },
  { fromC: 5, factor: 1.08 },
  { fromC: 0, factor: 1.1 },
  { fromC: -5, factor: 1.12 },
  { fromC: -10, factor: 1.14 },
  { fromC: -15, factor: 1.16 },
  { fromC: -20, factor: 1.18 },
  { fromC: -25, factor: 1.2 },
  { fromC: -30, factor: 1.21 },
  { fromC: -35, factor: 1.23 },
  { fromC: -40, factor: 1.25 },
];

/** The code table's multiplier; colder than its last row, that row and 0.5 % a degree more. */
export function codeTableFactor(lowestAirC: number): number {
  const row = codeTable.find(({ fromC }) => lowestAirC >= fromC);
  return row?.factor ?? 1.25 + 0.005 * (-40 - lowestAirC);
}
