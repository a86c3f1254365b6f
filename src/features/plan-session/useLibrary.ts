"use client";

import { useCallback, useEffect, useState } from "react";
import { type ApiClient, browserClient, type ShelfClient } from "@/api";

export type LibraryState<T> =
  | { readonly type: "loading" }
  | { readonly type: "ready"; readonly records: readonly T[] }
  | { readonly type: "fault"; readonly message: string };

/** A shelf of the library: its records, and a way to put another on it. */
export function useLibrary<Sheet, T extends { readonly id: string; readonly sheet: Sheet; readonly retired: boolean }>(
  shelfOf: (client: ApiClient) => ShelfClient<Sheet, T>,
) {
  const [state, setState] = useState<LibraryState<T>>({ type: "loading" });
  const { list, create } = shelfOf(browserClient);
  useEffect(() => {
    let gone = false;
    void list().then((result) => {
      if (!gone)
        setState(
          result.type === "ok"
            ? { type: "ready", records: result.value.records.filter(({ retired }) => !retired) }
            : { type: "fault", message: result.fault.message },
        );
    });
    return () => {
      gone = true;
    };
  }, [list]);
  const keep = useCallback(
    async (sheet: Sheet): Promise<string | null> => {
      const result = await create(sheet);
      if (result.type === "fault") return result.fault.message;
      setState((before) =>
        before.type === "ready" ? { type: "ready", records: [...before.records, result.value] } : before,
      );
      return null;
    },
    [create],
  );
  return { state, keep };
}
