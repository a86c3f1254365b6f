import { type Place } from "@/core/engine/array";

/** What a drop zone carries: a place for the panels dropped on it. */
export type Target = Place;

export function isTarget(value: unknown): value is Target {
  return (
    typeof value === "object" &&
    value !== null &&
    "type" in value &&
    ["string", "newString", "beside", "shelf"].includes(String(value.type))
  );
}
