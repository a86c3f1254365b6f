import { type SaveState } from "./standing";

/** Whether a person has something to see to before it can be saved. */
export function needsAttention({ type }: SaveState<unknown>): boolean {
  return type === "unreachable" || type === "refused" || type === "stale" || type === "gone";
}
