"use client";

import { notFound } from "next/navigation";
import { stopModules } from "@/app/stops";

/** The stop that an address names. */
export function StopView({ id }: { id: string }) {
  const found = stopModules.find((each) => each.id === id);
  if (found === undefined) notFound();
  const { View } = found;
  return <View />;
}
