/** Dotted paths at which two JSON documents differ, deepest point of difference, at most `most`. */
export function differences(before: unknown, after: unknown, most = 20): string[] {
  const found: string[] = [];
  const walk = (a: unknown, b: unknown, path: string) => {
    if (found.length >= most || Object.is(a, b)) return;
    if (isContainer(a) && isContainer(b) && Array.isArray(a) === Array.isArray(b)) {
      for (const key of new Set([...Object.keys(a), ...Object.keys(b)]))
        walk(a[key], b[key], path === "" ? key : `${path}.${key}`);
      return;
    }
    found.push(path === "" ? "(all)" : path);
  };
  walk(before, after, "");
  return found;
}

function isContainer(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null;
}
