/** A round number at or above, that four steps divide well. */
export function roundAbove(value: number): number {
  const size = 10 ** Math.floor(Math.log10(Math.max(1e-6, value)));
  return (
    [1, 1.2, 1.6, 2, 2.4, 3.2, 4, 6, 8, 10].map((times) => times * size).find((round) => round >= value) ?? 10 * size
  );
}

/** Five marks of an axis from nothing to a round number. */
export function marksTo(top: number): number[] {
  return Array.from({ length: 5 }, (_, k) => (top * k) / 4);
}

export function shortNumber(value: number): string {
  return Number(value.toFixed(value < 10 ? 1 : 0)).toString();
}
