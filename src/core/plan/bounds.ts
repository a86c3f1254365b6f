import { maxPieces } from "../engine/array";
import { type PlanFault } from "./fault";

/** How many of each a plan of any version may hold; its schema and whatever comes before its schema keep to them. */
export const maxOf = { panels: 40, inputs: 20, wirings: 20, positions: 20 } as const;

/** Levels of lists and objects in each other; a wiring of the deepest groups allowed takes 25. */
const maxNesting = 200;
/** As much of a place as helps to find it. */
const shownSteps = 6;

/**
 * What is too much in a document of any version, seen before anything is made of it: an older version is written out into
 * a newer one, which takes time and memory by what it holds. Walks without calling itself, however deep it goes.
 */
export function excessOf(document: Readonly<Record<string, unknown>>): PlanFault | null {
  for (const [path, most] of Object.entries(maxOf)) {
    const list = document[path];
    if (Array.isArray(list) && list.length > most)
      return invalid(path, `${list.length} ${path}; allowed: up to ${most}`);
  }
  const wired = largestOfVersion1(document);
  if (wired > maxPieces) return invalid("wirings", `${wired} panels in one; allowed: up to ${maxPieces}`);
  const open: { readonly value: object; readonly path: readonly string[]; readonly depth: number }[] = [
    { value: document, path: [], depth: 1 },
  ];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    const { value, path, depth } = next;
    if (depth > maxNesting) return invalid(path.join("."), `nested deeper than ${maxNesting} lists and objects`);
    for (const [key, inner] of Object.entries(value) as [string, unknown][]) {
      if (typeof inner !== "object" || inner === null) continue;
      open.push({ value: inner, path: path.length < shownSteps ? [...path, key] : path, depth: depth + 1 });
    }
  }
  return null;
}

/** Version 1 tells a wiring by two numbers, which its upgrade writes out as so many panels. */
function largestOfVersion1({ version, wirings }: Readonly<Record<string, unknown>>): number {
  if (version !== 1 || !Array.isArray(wirings)) return 0;
  return (wirings as unknown[]).reduce<number>((most, wiring) => {
    if (typeof wiring !== "object" || wiring === null) return most;
    const { series, strings } = wiring as Record<string, unknown>;
    return typeof series === "number" && typeof strings === "number" ? Math.max(most, series * strings) : most;
  }, 0);
}

function invalid(path: string, problem: string): PlanFault {
  return { type: "invalid", path, problem, more: 0 };
}
