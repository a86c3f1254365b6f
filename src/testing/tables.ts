/** Lowest air temperature of a row, °C, and its multiplier. NEC 690.7(A), crystalline silicon. Written out anew for the check. */
export const codeFactors: readonly (readonly [number, number])[] = [
  [25, 1],
  [20, 1.02],
  [15, 1.04],
  [10, 1.06],
  [5, 1.08],
  [0, 1.1],
  [-5, 1.12],
  [-10, 1.14],
  [-15, 1.16],
  [-20, 1.18],
  [-25, 1.2],
  [-30, 1.21],
  [-35, 1.23],
  [-40, 1.25],
];

/** gPV fuses as they are sold, A. */
export const standardFuses = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30];

/** Battery fuses as they are sold, A. */
export const batteryFuses = [5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100, 125, 150, 175, 200, 250, 300];

/** Amps of gauges by column, and the cap of NEC 240.4(D). Written out anew for the check, as are the tables below. */
export const gaugeAmps: Readonly<
  Record<
    string,
    { readonly at90: number; readonly at75: number; readonly at60: number; readonly cap: number | null } | undefined
  >
> = {
  "14 AWG": { at90: 25, at75: 20, at60: 15, cap: 15 },
  "12 AWG": { at90: 30, at75: 25, at60: 20, cap: 20 },
  "10 AWG": { at90: 40, at75: 35, at60: 30, cap: 30 },
  "8 AWG": { at90: 55, at75: 50, at60: 40, cap: null },
  "6 AWG": { at90: 75, at75: 65, at60: 55, cap: null },
  "4 AWG": { at90: 95, at75: 85, at60: 70, cap: null },
  "2 AWG": { at90: 130, at75: 115, at60: 95, cap: null },
  "1/0 AWG": { at90: 170, at75: 150, at60: 125, cap: null },
};

type Ways = Readonly<Record<"freeAir" | "surface" | "touching", number | null>> & {
  readonly conduit: number;
  readonly buried: number;
};
const ways = (
  freeAir: number | null,
  surface: number | null,
  touching: number | null,
  conduit: number,
  buried: number,
) => ({ freeAir, surface, touching, conduit, buried }) as const;
export const squareAmps: Readonly<Record<string, Ways | undefined>> = {
  "1.5 mm2": ways(30, 29, 24, 23, 25),
  "2.5 mm2": ways(41, 39, 33, 31, 33),
  "4 mm2": ways(55, 52, 44, 42, 43),
  "6 mm2": ways(70, 67, 57, 54, 53),
  "10 mm2": ways(98, 93, 79, 75, 71),
  "16 mm2": ways(132, 125, 107, 100, 91),
  "25 mm2": ways(176, 167, 142, 133, 116),
  "35 mm2": ways(null, null, null, 164, 139),
  "50 mm2": ways(null, null, null, 198, 164),
};

type Steps = readonly (readonly [number, number])[];
export const landFactors: Steps = [
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
export const boxFactors: Steps = landFactors.slice(0, -1);
export const openFactors: Steps = [
  [60, 1],
  [70, 0.92],
  [80, 0.84],
  [90, 0.75],
];
export const groundFactors: Steps = [
  [20, 1],
  [25, 0.96],
  [30, 0.93],
  [35, 0.89],
  [40, 0.85],
];
export const togetherFactors: Steps = [
  [3, 1],
  [6, 0.8],
  [9, 0.7],
  [20, 0.5],
];
export const metricTogetherFactors: Steps = [
  [1, 1],
  [2, 0.8],
  [3, 0.7],
  [4, 0.65],
  [5, 0.6],
  [6, 0.57],
];
