"use client";

import { stepModules } from "@/app/steps";

/** The step that an address names. */
export function StepView({ id }: { id: string }) {
  const View = stepModules.find((each) => each.id === id)?.View;
  return View === undefined ? null : <View />;
}
