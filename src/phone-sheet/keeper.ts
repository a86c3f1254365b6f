import { type Home } from "@/core/phone-sheet";

/** What was ticked and typed, in this browser's own store; one that keeps nothing is told of at once. */
export function keeper(key: string, fresh: Home): { readonly home: Home; readonly keep: () => boolean } {
  const home = read(key) ?? fresh;
  return {
    home,
    keep: () => {
      try {
        localStorage.setItem(key, JSON.stringify(home));
        return localStorage.getItem(key) !== null;
      } catch {
        // shut off, or full: the person is told and takes the text along
        return false;
      }
    },
  };
}

function read(key: string): Home | null {
  try {
    const known: unknown = JSON.parse(localStorage.getItem(key) ?? "null");
    return isHome(known) ? known : null;
  } catch {
    return null;
  }
}

/** Only this script writes there; a half-written or foreign value is begun anew. */
function isHome(value: unknown): value is Home {
  const lists = ["ticks", "measures", "reads", "log"] as const;
  return (
    typeof value === "object" &&
    value !== null &&
    lists.every((name) => Array.isArray((value as Record<string, unknown>)[name]))
  );
}
