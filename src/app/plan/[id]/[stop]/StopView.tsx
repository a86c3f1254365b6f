"use client";

import { stopModules } from "@/app/stops";

/** The stop that an address names. */
export function StopView({ id }: { id: string }) {
  const View = stopModules.find((each) => each.id === id)?.View;
  return View === undefined ? null : <View />;
}
