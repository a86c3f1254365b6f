import "server-only";
import { createStickers, type Stickers } from "./worker-pool";

let stickers: Stickers | null = null;

/** The one reader of photos of this server; null where its thread was not built, as while the application is being developed. */
export function stickerReader(): Stickers | null {
  const file = process.env["GOLDEN_ARRAY_STICKERS"];
  if (file === undefined) return null;
  return (stickers ??= createStickers({ file, maxMs: 30_000, idleMs: 120_000 }));
}

export { type StickerOutcome } from "./worker-pool";
