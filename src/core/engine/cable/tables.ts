import { cableStandards, type CableStandardId } from "./standards";

/** Cables as they are sold, what they can carry by the way they are laid, and what they resist. */

/** How a cable is laid; `touching` is two on a surface, as + and − of one string lie. */
export const layings = ["freeAir", "surface", "touching", "conduit", "buried"] as const;
export type Laying = (typeof layings)[number];

export type CableSize = {
  /** As it is asked for: "10 AWG", "6 mm2". */ readonly name: string;
  readonly areaMm2: number;
  /** One conductor at 20 °C, Ω per km. */ readonly ohmPerKm: number;
};

/** A gauge with its columns: insulation for 90 °C, terminals for 75 and 60 °C (NEC 310.16), and the cap of NEC 240.4(D). */
type Gauge = CableSize & {
  readonly at90A: number;
  readonly terminalsA: Readonly<Record<TerminalC, number>>;
  readonly capA: number | null;
};
/** For how warm the terminals at its ends are made. */
export type TerminalC = 60 | 75;

const awg = (
  gauge: string,
  areaMm2: number,
  ohmPerKm: number,
  [at90A, at75A, at60A]: readonly [number, number, number],
  capA: number | null = null,
): Gauge => ({ name: `${gauge} AWG`, areaMm2, ohmPerKm, at90A, terminalsA: { 75: at75A, 60: at60A }, capA });

/** Copper at 30 °C, three loaded conductors at most. NEC table 310.16; resistance ASTM B258. */
const gauges: readonly Gauge[] = [
  awg("14", 2.08, 8.29, [25, 20, 15], 15),
  awg("12", 3.31, 5.21, [30, 25, 20], 20),
  awg("10", 5.26, 3.28, [40, 35, 30], 30),
  awg("8", 8.37, 2.06, [55, 50, 40]),
  awg("6", 13.3, 1.3, [75, 65, 55]),
  awg("4", 21.2, 0.815, [95, 85, 70]),
  awg("2", 33.6, 0.513, [130, 115, 95]),
  awg("1/0", 53.5, 0.323, [170, 150, 125]),
];

/** A metric size by way of laying, A: PV cable (EN 50618) where it lies open, else IEC 60364-5-52 methods B1 and D1. */
type Square = CableSize & {
  readonly openA: Readonly<Record<"freeAir" | "surface" | "touching", number>> | null;
  readonly conduitA: number;
  readonly buriedA: number;
};

const square = (
  areaMm2: number,
  ohmPerKm: number,
  open: readonly [number, number, number] | null,
  conduitA: number,
  buriedA: number,
): Square => ({
  name: `${areaMm2} mm2`,
  areaMm2,
  ohmPerKm,
  openA: open === null ? null : { freeAir: open[0], surface: open[1], touching: open[2] },
  conduitA,
  buriedA,
});

/** Flexible tinned copper, the most resistance that IEC 60228 class 5 allows. */
const squares: readonly Square[] = [
  square(1.5, 13.7, [30, 29, 24], 23, 25),
  square(2.5, 8.21, [41, 39, 33], 31, 33),
  square(4, 5.09, [55, 52, 44], 42, 43),
  square(6, 3.39, [70, 67, 57], 54, 53),
  square(10, 1.95, [98, 93, 79], 75, 71),
  square(16, 1.24, [132, 125, 107], 100, 91),
  square(25, 0.795, [176, 167, 142], 133, 116),
  square(35, 0.565, null, 164, 139),
  square(50, 0.393, null, 198, 164),
];

/** How a cable is laid and what it joins: all that its ampacity goes by besides its size. */
export type Laid = {
  readonly standard: CableStandardId;
  readonly how: Laying;
  /** A battery cable is no PV cable: in the metric tables it counts by the conduit's or the ground's. */
  readonly isBattery: boolean;
  /** Circuits of two loaded conductors each that share the conduit, duct or bundle. */ readonly circuits: number;
  readonly terminalC: TerminalC;
  readonly ambientC: number;
};

/** The sizes that the standard has for a cable so laid, thinnest first. */
export function sizesOf(laid: Pick<Laid, "standard" | "how" | "isBattery">): readonly CableSize[] {
  return cableStandards[laid.standard].sizes === "awg"
    ? gauges
    : squares.filter(({ openA }) => openA !== null || !isOpen(laid));
}

const all: readonly (Gauge | Square)[] = [...gauges, ...squares];
export const sizeNames: readonly string[] = all.map(({ name }) => name);

/** A size by its name; null for one nobody sells. */
export function sizeNamed(name: string): CableSize | null {
  return all.find((size) => size.name === name) ?? null;
}

/**
 * What a size can carry so laid, A: its table × the factors for heat and for cables together; on land no more than its terminals'
 * column, which counts by 75 °C where it has to carry over 100 A (NEC 110.14(C)(1)). Null where the tables do not reach: hotter
 * or more circuits than they have, or a size that is not in the table for this way of laying.
 */
export function ampacityOf({ name }: CableSize, laid: Laid, mustCarryA: number): number | null {
  const gauge = gauges.find((each) => each.name === name);
  if (gauge !== undefined) {
    const factor = times(factorAt(landHeat, laid.ambientC), factorAt(landTogether, 2 * laid.circuits));
    if (factor === null) return null;
    const tableA = factor * gauge.at90A;
    const terminalsA = gauge.terminalsA[mustCarryA > above75A ? 75 : laid.terminalC];
    return cableStandards[laid.standard].countsTerminals ? Math.min(tableA, terminalsA) : tableA;
  }
  const size = squares.find((each) => each.name === name);
  if (size === undefined) return null;
  const [tableA, heat] = isOpen(laid)
    ? ([size.openA?.[laid.how] ?? null, openHeat] as const)
    : laid.how === "buried"
      ? ([size.buriedA, soilHeat] as const)
      : ([size.conduitA, b1Heat] as const);
  return times(tableA, times(factorAt(heat, laid.ambientC), factorAt(metricTogether, laid.circuits)));
}

/** Whether its standard has a line for such heat and so many circuits at all, whatever the size. */
export function isInTables(laid: Laid): boolean {
  return sizesOf(laid).some((size) => ampacityOf(size, laid, 0) !== null);
}

/** Most that a size may be protected by or loaded with on land whatever it can carry, A. NEC 240.4(D); null: no such cap. */
export function capOf({ name }: CableSize, { standard }: Pick<Laid, "standard">): number | null {
  return cableStandards[standard].countsCaps ? (gauges.find((each) => each.name === name)?.capA ?? null) : null;
}

/** From so many amps on terminals count by their 75 °C column, A. */
const above75A = 100;

/** Only a PV cable of the metric standard counts by the open-air table: its conductor may get warmer than other standards let it. */
function isOpen<L extends Pick<Laid, "standard" | "how" | "isBattery">>(
  laid: L,
): laid is L & { readonly how: "freeAir" | "surface" | "touching" } {
  return (
    cableStandards[laid.standard].hasOpenTable && !laid.isBattery && laid.how !== "conduit" && laid.how !== "buried"
  );
}

/** Up to so much a conductor carries this share of its table; past the last line there is no table. */
type Steps = readonly (readonly [upTo: number, factor: number])[];

/** By air, °C. NEC table 310.15(B)(1), 90 °C column. */
const landHeat: Steps = [
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
  [80, 0.41],
  [85, 0.29],
];
/** By loaded conductors in one conduit or bundle. NEC table 310.15(C)(1). */
const landTogether: Steps = [
  [3, 1],
  [6, 0.8],
  [9, 0.7],
  [20, 0.5],
];
/** PV cable by air, °C. EN 50618 table A.4. */
const openHeat: Steps = [
  [60, 1],
  [70, 0.92],
  [80, 0.84],
  [90, 0.75],
];
/** In conduit by air, °C: as on land, to where IEC 60364-5-52 table B.52.14 ends. */
const b1Heat: Steps = landHeat.filter(([upTo]) => upTo <= 80);
/** In the ground by its temperature, °C. IEC 60364-5-52 table B.52.15. */
const soilHeat: Steps = [
  [20, 1],
  [25, 0.96],
  [30, 0.93],
  [35, 0.89],
  [40, 0.85],
];
/** By circuits in one conduit or bundle. IEC 60364-5-52 table B.52.17. */
const metricTogether: Steps = [
  [1, 1],
  [2, 0.8],
  [3, 0.7],
  [4, 0.65],
  [5, 0.6],
  [6, 0.57],
];

/** Between two lines the one further on counts. */
function factorAt(steps: Steps, value: number): number | null {
  return steps.find(([upTo]) => value <= upTo)?.[1] ?? null;
}

function times(a: number | null, b: number | null): number | null {
  return a === null || b === null ? null : a * b;
}
