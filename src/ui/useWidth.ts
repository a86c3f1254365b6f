"use client";

import { type RefObject, useLayoutEffect, useState } from "react";

/**
 * Width of an element's content in px, followed as it changes. `assumed` is what the server draws; in the page it is
 * measured before the first paint, so that nothing is seen in a width that the screen does not have.
 */
export function useWidth(element: RefObject<HTMLElement | null>, assumed: number): number {
  const [width, setWidth] = useState(assumed);
  useLayoutEffect(() => {
    const { current } = element;
    if (current === null) return;
    const follow = (contentWidth: number) => {
      if (contentWidth > 0) setWidth(Math.round(contentWidth));
    };
    const { paddingLeft, paddingRight } = getComputedStyle(current);
    follow(current.clientWidth - parseFloat(paddingLeft) - parseFloat(paddingRight));
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined) follow(entry.contentRect.width);
    });
    observer.observe(current);
    return () => observer.disconnect();
  }, [element]);
  return width;
}
