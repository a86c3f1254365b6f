/**
 * How often to try in a test that draws its cases: as often as finds what it is after in `npm test`, many times as often
 * in `npm run soak`, which sets GOLDEN_ARRAY_EFFORT.
 */
export function runs(usual: number): number {
  return Math.round(usual * Number(process.env["GOLDEN_ARRAY_EFFORT"] ?? 1));
}
