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
