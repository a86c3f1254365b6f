"use client";

import { createContext, type ReactNode, useContext } from "react";

const NonceContext = createContext("");

/** Hands the page's style nonce to the drawing packages that write styles of their own. */
export function Nonce({ value, children }: { value: string; children: ReactNode }) {
  return <NonceContext value={value}>{children}</NonceContext>;
}

export function useNonce(): string {
  return useContext(NonceContext);
}
