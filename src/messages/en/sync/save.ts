type SaveType = "saved" | "unsaved" | "saving" | "unreachable" | "refused" | "stale" | "gone";

/** How things stand with saving, in a few words; `isKept`: whether this browser has what is not saved. */
export function saveWords(type: SaveType, revision: number, isKept: boolean): string {
  switch (type) {
    case "saved":
      return `Saved, revision ${revision}`;
    case "unsaved":
    case "saving":
      return "Saving…";
    case "unreachable":
      return isKept
        ? "Not saved: stored in this browser, trying again"
        : "Not saved and not stored in this browser: trying again";
    case "refused":
      return "Not saved: refused";
    case "stale":
      return "Not saved: changed elsewhere";
    case "gone":
      return "Not saved: deleted elsewhere";
  }
}

/** Where what a person sees is, while the server does not have it. */
export function keptWords(isKept: boolean): string {
  return isKept
    ? "What you see is stored in this browser."
    : "This browser stores nothing (no space, or blocked for this site): what you see is in this page only. Leave the page open, or download it.";
}
