"use client";

import { useSyncExternalStore } from "react";

const never = () => () => undefined;

/**
 * Says to whoever drives the page by machine that it answers and that nothing on it is still to come. On the page as the
 * server sent it the mark is down: nothing there can be pressed yet.
 */
export function ReadyMark({ ready = true }: { ready?: boolean }) {
  const awake = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return <div hidden data-ready={awake && ready} />;
}
