"use client";

import { type RefObject, useEffect, useState } from "react";

/** Width of an element in px, followed as it changes; `assumed` until it has been measured. */
export function useWidth(element: RefObject<HTMLElement | null>, assumed: number): number {
  const [width, setWidth] = useState(assumed);
  useEffect(() => {
    const { current } = element;
    if (current === null) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined && entry.contentRect.width > 0) setWidth(Math.round(entry.contentRect.width));
    });
    observer.observe(current);
    return () => observer.disconnect();
  }, [element]);
  return width;
}
