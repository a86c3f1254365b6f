import { type NoSize } from "../../engine/cable";
import { type RunPart } from "../cabling";

/** Things to buy, as facts: what each is called is the words' to say. */

export type Item =
  | { readonly type: "cable"; readonly size: string; readonly colour: "red" | "black" | "greenYellow" }
  /** A cable for which no listed size does: it is to be bought all the same, once somebody has found a way. */
  | {
      readonly type: "noCable";
      readonly part: RunPart;
      readonly noSize: NoSize;
      /** What it must carry, A. */ readonly mustCarryA: number;
    }
  | { readonly type: "plugPair"; readonly kindName: string }
  | { readonly type: "branchPair"; readonly kindName: string }
  | { readonly type: "extension"; readonly kindName: string }
  | { readonly type: "adapter"; readonly name: string }
  | { readonly type: "fuse"; readonly ratedA: number; readonly volts: number | null }
  | { readonly type: "breaker"; readonly ratedA: number; readonly volts: number | null }
  | { readonly type: "fuseHolder"; readonly inLine: boolean }
  /** Its volts, and the short-circuit current it has to interrupt. */
  | { readonly type: "batteryFuse"; readonly ratedA: number; readonly volts: number | null; readonly breaksA: number }
  | { readonly type: "switch"; readonly ratedA: number; readonly volts: number | null }
  | { readonly type: "diode"; readonly ratedA: number }
  | { readonly type: "box"; readonly wideMm: number; readonly highMm: number; readonly deepMm: number }
  | { readonly type: "bar"; readonly studs: number }
  | { readonly type: "gland"; readonly thread: string; readonly cables: number }
  | { readonly type: "ring"; readonly size: string; readonly stud: string }
  | { readonly type: "ferrule"; readonly size: string }
  | { readonly type: "conduit"; readonly nominalMm: number }
  | { readonly type: "label" };

export const itemGroups = ["cables", "plugs", "fuses", "box", "small"] as const;
export type ItemGroup = (typeof itemGroups)[number];

const groups: Readonly<Record<Item["type"], ItemGroup>> = {
  cable: "cables",
  noCable: "cables",
  conduit: "cables",
  extension: "cables",
  plugPair: "plugs",
  branchPair: "plugs",
  adapter: "plugs",
  fuse: "fuses",
  breaker: "fuses",
  fuseHolder: "fuses",
  batteryFuse: "fuses",
  switch: "fuses",
  diode: "fuses",
  box: "box",
  bar: "box",
  gland: "box",
  ring: "small",
  ferrule: "small",
  label: "small",
};

export function groupOf({ type }: Item): ItemGroup {
  return groups[type];
}

/** Counted in metres, or one by one. */
export function unitOf({ type }: Item): "m" | "pieces" {
  return type === "cable" || type === "noCable" || type === "conduit" ? "m" : "pieces";
}

/** By what a part's price and number are kept: the same for the same thing, whatever the wiring. */
export function keyOfItem(item: Item): string {
  const { type, ...facts } = item;
  if (item.type === "adapter") return `adapter: ${item.name}`.slice(0, 120);
  return [type, ...Object.values(facts).map(String)].join(" ").slice(0, 120);
}

/** One more of each of these is bought where spares are wanted: what is spoilt in the fitting, and what blows. */
export function isSpared({ type }: Item): boolean {
  return ["plugPair", "fuse", "ring", "ferrule", "batteryFuse"].includes(type);
}

/** About what a thing weighs, kg each or per metre: so that the whole is right to the kilogram. */
export function weightOf(item: Item, areaMm2: number): number {
  switch (item.type) {
    case "cable":
    case "noCable":
      // copper, and the jacket
      return 0.0089 * areaMm2 + 0.025;
    case "conduit":
      return 0.006 * item.nominalMm;
    case "extension":
      return 0.3;
    case "adapter":
      return 0.12;
    case "switch":
      return 0.3;
    case "box":
      return 0.9;
    case "bar":
      return 0.1;
    case "batteryFuse":
      return 0.15;
    case "breaker":
      return 0.12;
    case "plugPair":
    case "branchPair":
    case "fuseHolder":
    case "diode":
      return 0.05;
    case "fuse":
    case "gland":
    case "ring":
    case "ferrule":
    case "label":
      return 0.01;
  }
}

/** About what a metre of one conductor costs. */
export function cablePrice(areaMm2: number): number {
  return 0.4 + 0.2 * areaMm2;
}

/** About what a thing costs where nobody has said, each or per metre, in the currency of the plan: for comparing ways, not for a bill. */
export function defaultPrice(item: Item, areaMm2: number): number {
  switch (item.type) {
    case "cable":
    case "noCable":
      return cablePrice(areaMm2);
    case "conduit":
      return 0.05 * item.nominalMm;
    case "plugPair":
      return 3;
    case "branchPair":
      return 7;
    case "extension":
      return 14;
    case "adapter":
      return 12;
    case "fuse":
      return 4;
    case "breaker":
      return 18;
    case "fuseHolder":
      return 6;
    case "batteryFuse":
      return 16;
    case "switch":
      return 20 + 0.5 * item.ratedA;
    case "diode":
      return 6;
    case "box":
      return 38;
    case "bar":
      return 8;
    case "gland":
      return 2;
    case "ring":
      return 0.6;
    case "ferrule":
      return 0.1;
    case "label":
      return 0.2;
  }
}
