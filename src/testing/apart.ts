/** Where two answers part: numbers by more than 1 %, all else at all, lists by their length. */
export function apart(expected: unknown, actual: unknown, at: string): string[] {
  if (typeof expected === "number" && typeof actual === "number")
    return Math.abs(actual - expected) <= 0.01 * Math.abs(expected) + 1e-9 ? [] : [`${at}: ${actual}, not ${expected}`];
  if (typeof expected !== "object" || expected === null)
    return expected === actual ? [] : [`${at}: ${JSON.stringify(actual)}, not ${JSON.stringify(expected)}`];
  if (Array.isArray(expected) && (!Array.isArray(actual) || actual.length !== expected.length))
    return [`${at}: not a list of ${expected.length}`];
  return Object.entries(expected).flatMap(([key, each]) =>
    apart(each, (actual as Record<string, unknown>)[key], `${at}.${key}`),
  );
}
