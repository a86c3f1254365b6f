"use client";

import { useEffect } from "react";

/** Names the page in the browser's tab and its history, and keeps the name where the framework writes its own after a change of address. */
export function useDocumentTitle(title: string): void {
  useEffect(() => {
    const write = () => {
      if (document.title !== title) document.title = title;
    };
    write();
    const observer = new MutationObserver(write);
    observer.observe(document.head, { childList: true, subtree: true, characterData: true });
    return () => observer.disconnect();
  }, [title]);
}
