import { type Unit } from "./field";

/** Metric or US: which units lengths, weights and temperatures are read and shown in. V, A and W are the same in both. */
export const unitSystems = ["metric", "us"] as const;
export type UnitSystem = (typeof unitSystems)[number];

/** How a quantity kept in one unit is shown: `shown = kept × factor + offset`. */
export type Showing = {
  readonly unit: string;
  readonly factor: number;
  readonly offset: number;
  readonly decimals: number;
};

/** Decimals by unit: a quantity is shown with the same precision wherever it stands. */
const decimals: Readonly<Record<Unit, number>> = {
  V: 1,
  A: 2,
  W: 0,
  mm: 0,
  "mm²": 1,
  m: 0,
  "°C": 0,
  "%/°C": 3,
  "°": 1,
  "": 0,
  Ω: 3,
  "W/m²": 0,
  "%": 1,
  kg: 1,
  h: 1,
  Wh: 0,
  Ah: 0,
  N: 0,
  kPa: 1,
  "kN/m²": 2,
  "m/s": 1,
  "km/h": 0,
  kn: 0,
};

/** Exact by definition: 25.4 mm to the inch, 0.45359237 kg to the pound. */
const us: Partial<Readonly<Record<Unit, Showing>>> = {
  m: { unit: "ft", factor: 1 / 0.3048, offset: 0, decimals: 0 },
  mm: { unit: "in", factor: 1 / 25.4, offset: 0, decimals: 1 },
  "km/h": { unit: "mph", factor: 1 / 1.609344, offset: 0, decimals: 0 },
  "m/s": { unit: "mph", factor: 3600 / 1609.344, offset: 0, decimals: 0 },
  N: { unit: "lbf", factor: 1 / 4.4482216152605, offset: 0, decimals: 0 },
  kPa: { unit: "psi", factor: 1 / 6.894757293168, offset: 0, decimals: 1 },
  "kN/m²": { unit: "psf", factor: 20.885434, offset: 0, decimals: 0 },
  kg: { unit: "lb", factor: 1 / 0.45359237, offset: 0, decimals: 1 },
  "°C": { unit: "°F", factor: 1.8, offset: 32, decimals: 0 },
};

/** In which unit a quantity is shown, and how to get there. */
export function showingOf(unit: Unit, system: UnitSystem): Showing {
  return (system === "us" ? us[unit] : undefined) ?? { unit, factor: 1, offset: 0, decimals: decimals[unit] };
}

/** A kept quantity as a number of the unit it is shown in, free of the dust that converting leaves. */
export function toShown(value: number, { factor, offset }: Showing): number {
  return factor === 1 && offset === 0 ? value : Number((value * factor + offset).toPrecision(10));
}

/** Units a person may type whatever the switch says, by what is kept; each with its way to the kept unit. */
const typed: Partial<
  Readonly<Record<Unit, Readonly<Record<string, { readonly factor: number; readonly offset: number }>>>>
> = {
  V: { mv: by(0.001), kv: by(1000) },
  A: { ma: by(0.001) },
  W: { kw: by(1000), wp: by(1) },
  mm: {
    cm: by(10),
    m: by(1000),
    in: by(25.4),
    inch: by(25.4),
    inches: by(25.4),
    '"': by(25.4),
    "″": by(25.4),
    ft: by(304.8),
    "'": by(304.8),
    "′": by(304.8),
  },
  kg: { g: by(0.001), lb: by(0.45359237), lbs: by(0.45359237), oz: by(0.028349523125) },
  "°C": { c: by(1), "°f": { factor: 1 / 1.8, offset: -32 / 1.8 }, f: { factor: 1 / 1.8, offset: -32 / 1.8 } },
};

/** A typed number in the kept unit; null when the unit is none it can have. No unit means the one shown. */
export function toKept(number: number, unitTyped: string, unit: Unit, system: UnitSystem): number | null {
  const showing = showingOf(unit, system);
  const tidy = unitTyped.toLowerCase();
  if (tidy === "" || tidy === showing.unit.toLowerCase())
    return showing.factor === 1 && showing.offset === 0
      ? number
      : Number(((number - showing.offset) / showing.factor).toPrecision(10));
  if (tidy === unit.toLowerCase()) return number;
  const known = typed[unit]?.[tidy];
  return known === undefined ? null : Number((number * known.factor + known.offset).toPrecision(10));
}

function by(factor: number) {
  return { factor, offset: 0 };
}
