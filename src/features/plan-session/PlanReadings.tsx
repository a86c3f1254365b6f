"use client";

import { createContext, type ReactNode, useContext, useEffect, useState } from "react";
import { useStore } from "zustand";
import { browserClient } from "@/api";
import { openOutbox, type Readings, type ReadingsState, startReadings } from "@/features/sync";

const none: ReadingsState = { records: null, waiting: new Set(), isKept: true, fault: null, spoiled: 0 };
const noStore = { getState: () => none, getInitialState: () => none, subscribe: () => () => undefined };

const ReadingsContext = createContext<Readings | null>(null);

/** The readings of the plan on the desk: whatever stop is open, what still waits on this device is sent. */
export function PlanReadings({ planId, children }: { readonly planId: string; readonly children: ReactNode }) {
  const [readings, setReadings] = useState<Readings | null>(null);
  useEffect(() => {
    const started = startReadings({
      planId,
      client: browserClient.readings,
      outbox: openOutbox(),
      now: () => Date.now(),
      wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
    });
    // eslint-disable-next-line react-hooks/set-state-in-effect -- opened with the page and closed with it, as a connection is
    setReadings(started);
    const retry = () => started.retry();
    window.addEventListener("online", retry);
    return () => {
      window.removeEventListener("online", retry);
      started.stop();
    };
  }, [planId]);
  return <ReadingsContext value={readings}>{children}</ReadingsContext>;
}

/** Null for a moment, until the page stands. */
export function useReadings(): Readings | null {
  return useContext(ReadingsContext);
}

export function useReadingsState(): ReadingsState {
  return useStore(useReadings()?.store ?? noStore);
}
