import { type SaveState } from "./standing";

/** The autosave's word for how things stand. */
export function saveWords(save: SaveState<unknown>, revision: number): string {
  switch (save.type) {
    case "saved":
      return `Saved, revision ${revision}`;
    case "unsaved":
    case "saving":
      return "Saving…";
    case "unreachable":
      return "Not saved: kept in this browser, trying again";
    case "refused":
      return "Not saved: refused";
    case "stale":
      return "Not saved: changed elsewhere";
    case "gone":
      return "Not saved: deleted elsewhere";
  }
}

/** Whether a person has something to see to before it can be saved. */
export function isWorried({ type }: SaveState<unknown>): boolean {
  return type === "unreachable" || type === "refused" || type === "stale" || type === "gone";
}
