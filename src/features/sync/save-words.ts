import { type SaveState } from "./standing";

/** The autosave's word for how things stand; `isKept`: whether this browser has what is not saved. */
export function saveWords(save: SaveState<unknown>, revision: number, isKept: boolean): string {
  switch (save.type) {
    case "saved":
      return `Saved, revision ${revision}`;
    case "unsaved":
    case "saving":
      return "Saving…";
    case "unreachable":
      return isKept ? "Not saved: kept in this browser, trying again" : "Not saved, and not kept here: trying again";
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
    ? "What you see is kept in this browser."
    : "This browser keeps nothing (no room, or shut off for this site): what you see is in this page alone. Leave the page open, or download it.";
}

/** Whether a person has something to see to before it can be saved. */
export function needsAttention({ type }: SaveState<unknown>): boolean {
  return type === "unreachable" || type === "refused" || type === "stale" || type === "gone";
}
