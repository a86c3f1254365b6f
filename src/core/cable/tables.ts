/** Cables as they are sold, what they carry and what they resist. */

/** By which book a cable is chosen: the electrical code's gauges, metric PV cable, or gauges as boats have them. */
export const cableBooks = ["land", "metric", "marine"] as const;
export type CableBook = (typeof cableBooks)[number];

export type CableSize = {
  /** As it is asked for: "10 AWG", "6 mm2". */ readonly name: string;
  readonly areaMm2: number;
  /** One conductor at 20 °C, Ω per km. */ readonly ohmPerKm: number;
  /** At the ambient its table is made for. */ readonly ampacityA: number;
  /** Most that what protects it may be rated, A, on land. NEC 240.4(D). */ readonly capA: number | null;
};

const awg = (
  gauge: string,
  areaMm2: number,
  ohmPerKm: number,
  ampacityA: number,
  capA: number | null = null,
): CableSize => ({
  name: `${gauge} AWG`,
  areaMm2,
  ohmPerKm,
  ampacityA,
  capA,
});

/** Copper, insulation for 90 °C, at 30 °C. NEC table 310.16; resistance ASTM B258. */
export const gauges: readonly CableSize[] = [
  awg("14", 2.08, 8.29, 25, 15),
  awg("12", 3.31, 5.21, 30, 20),
  awg("10", 5.26, 3.28, 40, 30),
  awg("8", 8.37, 2.06, 55),
  awg("6", 13.3, 1.3, 75),
  awg("4", 21.2, 0.815, 95),
  awg("2", 33.6, 0.513, 130),
  awg("1/0", 53.5, 0.323, 170),
];

/** Resistivity of copper at 20 °C, Ω·mm² per km. */
const copperOhm = 17.24;
const square = (areaMm2: number, ampacityA: number): CableSize => ({
  name: `${areaMm2} mm2`,
  areaMm2,
  ohmPerKm: copperOhm / areaMm2,
  ampacityA,
  capA: null,
});

/** PV cable, single in free air, up to 60 °C. EN 50618 table A.3. */
export const squares: readonly CableSize[] = [
  square(1.5, 30),
  square(2.5, 41),
  square(4, 55),
  square(6, 70),
  square(10, 98),
  square(16, 132),
  square(25, 176),
];

export function sizesOf(book: CableBook): readonly CableSize[] {
  return book === "metric" ? squares : gauges;
}

const byName: ReadonlyMap<string, { size: CableSize; isMetric: boolean }> = new Map(
  [...gauges, ...squares].map((size) => [size.name, { size, isMetric: squares.includes(size) }]),
);
export const sizeNames: readonly string[] = [...byName.keys()];

/** A size by its name, and whether it stands in the metric table; null for one nobody sells. */
export function sizeNamed(name: string): { readonly size: CableSize; readonly isMetric: boolean } | null {
  return byName.get(name) ?? null;
}

/** Up to so many °C a conductor carries this share of its table. NEC table 310.15(B)(1), 90 °C column; EN 50618 table A.4. */
const landFactors = [
  [30, 1],
  [35, 0.96],
  [40, 0.91],
  [45, 0.87],
  [50, 0.82],
  [55, 0.76],
  [60, 0.71],
  [65, 0.65],
  [70, 0.58],
  [75, 0.5],
] as const;
const metricFactors = [
  [60, 1],
  [70, 0.92],
  [80, 0.84],
  [90, 0.75],
] as const;

/** Share of its table that a cable carries where it is so warm; null beyond the table. A fraction of a degree takes the warmer line. */
export function heatFactor(isMetric: boolean, ambientC: number): number | null {
  return (isMetric ? metricFactors : landFactors).find(([upToC]) => ambientC <= upToC)?.[1] ?? null;
}
