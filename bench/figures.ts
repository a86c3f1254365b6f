/** Median and 95th percentile of a list of times. */
export function summary(times: readonly number[]): { median: number; p95: number } {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
  return { median: at(0.5), p95: at(0.95) };
}

export function print(name: string, times: readonly number[], unit = "ms"): void {
  const { median, p95 } = summary(times);
  console.log(
    `${name.padEnd(58)} median ${median.toFixed(3).padStart(9)} ${unit}   p95 ${p95.toFixed(3).padStart(9)} ${unit}`,
  );
}

/** Times of single calls of f, after a warm-up that lets the compiler settle. */
export function timed(runs: number, f: () => void): number[] {
  for (let k = 0; k < Math.min(runs, 200); k++) f();
  return Array.from({ length: runs }, () => {
    const start = performance.now();
    f();
    return performance.now() - start;
  });
}
