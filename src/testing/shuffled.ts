import { type Random } from "@/core/engine/random";

/** Lines in another order, drawn. */
export function shuffled(draw: Random, lines: readonly string[]): string[] {
  return lines
    .map((line) => ({ line, place: draw.number(0, 1) }))
    .sort((a, b) => a.place - b.place)
    .map(({ line }) => line);
}
