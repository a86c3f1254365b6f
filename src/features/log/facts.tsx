"use client";

import { createContext, type ReactNode, useContext } from "react";
import { type Log, useLog } from "./useLog";

const LogContext = createContext<Log | null>(null);

/** The log is read once for all its sheets. */
export function LogFacts({ children }: { readonly children: ReactNode }) {
  return <LogContext value={useLog()}>{children}</LogContext>;
}

export function useLogFacts(): Log {
  const log = useContext(LogContext);
  if (log === null) throw new Error("within LogFacts");
  return log;
}
