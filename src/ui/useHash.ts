"use client";

import { useCallback, useSyncExternalStore } from "react";

/** What stands after # in the address, and a way to put something else there: so a part of a page can be gone to, and comes back with it. */
export function useHash(): readonly [string, (hash: string) => void] {
  const hash = useSyncExternalStore(heardHash, readHash, () => "");
  const put = useCallback((next: string) => {
    // no jump and no step back for it: the page is the same
    window.history.replaceState(null, "", next === "" ? window.location.pathname : `#${next}`);
    window.dispatchEvent(new HashChangeEvent("hashchange"));
  }, []);
  return [hash, put];
}

function readHash(): string {
  return window.location.hash.slice(1);
}

function heardHash(changed: () => void): () => void {
  window.addEventListener("hashchange", changed);
  return () => window.removeEventListener("hashchange", changed);
}
