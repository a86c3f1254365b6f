import { type Prediction, type Shown } from "./world";

/** What meters and displays showed at one place. */
export type Reading = {
  readonly at: Place;
  readonly openV: number | null;
  readonly shortA: number | null;
  readonly runV: number | null;
  readonly runA: number | null;
  readonly displayW: number | null;
  readonly batterySoc: number | null;
};
export type Place =
  | { readonly type: "panel"; readonly id: number }
  | { readonly type: "string"; readonly n: number }
  | { readonly type: "array" }
  | { readonly type: "input" };

export function shownAt(prediction: Prediction, place: Place): Shown | null {
  switch (place.type) {
    case "panel":
      return prediction.panels.get(place.id) ?? null;
    case "string":
      return prediction.strings[place.n - 1] ?? null;
    case "array":
      return prediction.array;
    case "input":
      return prediction.input;
  }
}

export const quantities = ["openV", "shortA", "runV", "runA"] as const;
export type Quantity = (typeof quantities)[number];
/** As causes name a place: "panel:3", "string:1", "array", "input". */
export function placeKey(at: Place): string {
  return at.type === "panel" ? `panel:${at.id}` : at.type === "string" ? `string:${at.n}` : at.type;
}
