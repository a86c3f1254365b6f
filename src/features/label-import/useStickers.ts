"use client";

import { useEffect, useRef, useState } from "react";
import { browserClient, type PhotoRead } from "@/api";

/** A photo that was given, and what came of it. */
export type StickerRead =
  | { readonly name: string; readonly type: "waiting" }
  | { readonly name: string; readonly type: "reading"; readonly share: number }
  | { readonly name: string; readonly type: "read"; readonly read: PhotoRead }
  | { readonly name: string; readonly type: "refused"; readonly why: string };

/** Photos read one after another on the server; stopping keeps what is read. */
export function useStickers() {
  const [reads, setReads] = useState<readonly StickerRead[]>([]);
  const calling = useRef<AbortController | null>(null);
  useEffect(() => () => calling.current?.abort(), []);

  const read = async (files: readonly File[]) => {
    calling.current?.abort();
    const mine = new AbortController();
    calling.current = mine;
    const put = (at: number, next: StickerRead) => {
      if (!mine.signal.aborted) setReads((before) => before.map((each, k) => (k === at ? next : each)));
    };
    setReads(files.map(({ name }) => ({ name, type: "waiting" })));
    for (const [k, file] of files.entries()) {
      const { name } = file;
      put(k, { name, type: "reading", share: 0 });
      const outcome = await browserClient.readSticker(
        file,
        (share) => put(k, { name, type: "reading", share }),
        mine.signal,
      );
      if (outcome.type === "cancelled") return;
      put(
        k,
        outcome.type === "read"
          ? { name, type: "read", read: outcome.read }
          : { name, type: "refused", why: outcome.message },
      );
    }
  };

  const stop = () => {
    calling.current?.abort();
    setReads((before) => before.filter(({ type }) => type === "read" || type === "refused"));
  };

  return { reads, read, stop };
}
