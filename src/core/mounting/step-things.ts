import { type GateId } from "../plan";

/** Every step there is in fixing panels, from a bare roof to the first watts, as facts: what it takes, what is there after it. */

/** Bought and used up, or staying where it is put. */
export const materials = [
  "cleaner",
  "cloths",
  "abrasive",
  "primer",
  "maskingTape",
  "foamTape",
  "sealant",
  "feet",
  "legs",
  "brackets",
  "rails",
  "rivetNuts",
  "bolts",
  "skinScrews",
  "woodScrews",
  "threadLock",
  "panelClamps",
  "edgePaint",
  "cableGland",
  "wheeledFrame",
  "wedges",
  "ballast",
  "groundAnchors",
  "cableRamp",
  "slides",
  "lanyards",
  "pegs",
  "cableLock",
] as const;

export type Material = (typeof materials)[number];

export const tools = [
  "tapeMeasure",
  "ladder",
  "drill",
  "smallBit",
  "frameBit",
  "holeSaw",
  "rivetTool",
  "torqueWrench",
  "sealantGun",
  "handRoller",
  "thermometer",
  "darkSheet",
  "meter",
] as const;

export type Tool = (typeof tools)[number];

/** What there is before anything is begun, and what steps leave behind. */
export const given = ["place", "panels", "leads", "input", "battery"] as const;

export type Made =
  | (typeof given)[number]
  | "makersSheet"
  | "soundSkin"
  | "deadInside"
  | "capped"
  | "testedPanels"
  | "boxed"
  | "knownInside"
  | "outline"
  | "sureCorner"
  | "sureFrameHoles"
  | "sureFootHoles"
  | "sureRoofHole"
  | "footedPanels"
  | "taped"
  | "masked"
  | "rough"
  | "clean"
  | "primed"
  | "drilledFrames"
  | "nutted"
  | "bracketed"
  | "ribs"
  | "pilotFeet"
  | "footHoles"
  | "railed"
  | "footed"
  | "legged"
  | "warmSkin"
  | "drainPath"
  | "held"
  | "sealed"
  | "cured"
  | "frameBuilt"
  | "framed"
  | "inPlace"
  | "wedged"
  | "slid"
  | "pilotHole"
  | "roofHole"
  | "edgeDone"
  | "glandSet"
  | "cablesIn"
  | "dark"
  | "joined"
  | "fused"
  | "cutOffSet"
  | "switchedOn"
  | "driven"
  | "batteryOn"
  | "polarityKnown"
  | "pluggedIn"
  | "uncovered"
  | "tracked"
  | "output";

export type Thing = Material | Tool | Made;

export type Wait = "primer" | "tape" | "sealantSkin" | "sealantThrough" | "tracker";

export type StepFacts = {
  readonly needs: readonly Thing[];
  readonly gives: readonly Made[];
  /** Work, minutes; of each panel where it is done on each. */ readonly minutes: number;
  readonly isPerPanel?: true;
  /** What has to pass after it before the next. */ readonly wait?: Wait;
  /** It cannot be undone. */ readonly isOnce?: true;
  /** It is done twice, and the two are compared. */ readonly gate?: GateId;
};
