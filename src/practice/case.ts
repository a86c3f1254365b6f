import { type InputWindow } from "@/core/engine/pv-input";
import { type PanelSheet, type Plan } from "@/core/plan";
import { type Finding } from "@/core/assessment";
import { type PortArray } from "@/core/engine/array";
import { type BenchSetup } from "@/simulator";

/** A drill in one making of it: what stands there, what is to be done, and what comes of what one does. */

export type Level = 1 | 2 | 3;

/** Something to be wired on the board; then it is plugged in. */
export type BoardCase = {
  readonly type: "board";
  /** With all panels on the shelf. */ readonly plan: Plan;
  /** A wiring that holds, and the one that the mistake would make. */
  readonly remedy: readonly PortArray[];
  readonly mistake: readonly PortArray[];
  readonly facts: Facts;
};

export const repairs = [
  "turnPlug",
  "remakePlug",
  "wash",
  "changePanel",
  "bareLeads",
  "stepAside",
  "tightenJoint",
  "plugString",
  "wireInSeries",
  "wireSideBySide",
  "shorterString",
  "putOnLoad",
  "leaveIt",
  "newController",
] as const;
export type Repair = (typeof repairs)[number];

/** What may be wrong with an array that is there; found with a meter, then fixed. */
export type BenchCase = {
  readonly type: "bench";
  readonly setup: BenchSetup;
  readonly panel: PanelSheet;
  readonly window: InputWindow;
  readonly panels: number;
  readonly strings: number;
  readonly right: readonly Repair[];
  /** Which panel or string the repair is of, from 1; null: of none. */ readonly n: number | null;
  /** Repairs that one can choose from. */ readonly offered: readonly Repair[];
  /** Plugged in as it is, something is destroyed. */ readonly neverPlug: boolean;
  readonly startsPlugged: boolean;
  /** One of the wrong repairs, as the mistake would have it. */ readonly mistake: Repair | "plugIn";
  readonly facts: Facts;
};

/** Work done by hand, one thing after another; some of it cannot be undone. */
export type HandCase = {
  readonly type: "hand";
  readonly deeds: readonly HandDeed[];
  /** All of these done: solved. */ readonly goal: readonly string[];
  /** An order that holds, and one that the mistake would take. */
  readonly remedy: readonly string[];
  readonly mistake: readonly string[];
  readonly facts: Facts;
};
export type HandDeed = {
  readonly id: string;
  /** What must be done before; done too early it fails, or it cannot be done at all yet. */
  readonly needs: readonly string[];
  readonly early: "fails" | "cannot";
  /** What a tape or a meter shows when it is done. */ readonly shows: Shown | null;
  /** Never right. */ readonly isWrong: boolean;
};
export type Shown = { readonly value: number; readonly unit: "mm" | "V" | "A" | "°C" };

/** A fuse for each of some strings, or none. */
export type FuseCase = {
  readonly type: "fuse";
  readonly panel: PanelSheet;
  readonly strings: number;
  readonly ratingA: number;
  /** Of the strings beside, if one fails, A. */ readonly backfeedA: number;
  readonly sizesA: readonly number[];
  /** Null: none is needed. */ readonly rightA: number | null;
  readonly mistakeA: number | null;
  readonly facts: Facts;
};

export type DrillCase = BoardCase | BenchCase | HandCase | FuseCase;

/** Numbers of this very case, by name; words put them into the story. */
export type Facts = Readonly<Record<string, number>>;

export type Verdict =
  { readonly type: "solved"; readonly by: Solved } | { readonly type: "failed"; readonly by: Failed };
export type Solved =
  | { readonly type: "wired"; readonly watts: number; readonly bestW: number }
  | { readonly type: "fixed"; readonly repair: Repair }
  | { readonly type: "made" }
  | { readonly type: "fused"; readonly sizeA: number | null };
export type Failed =
  /** A rule stops it. */
  | { readonly type: "rule"; readonly finding: Finding }
  | { readonly type: "watts"; readonly watts: number; readonly bestW: number }
  | { readonly type: "leftOut"; readonly count: number }
  /** Panels that were not there. */
  | { readonly type: "borrowed"; readonly count: number }
  | { readonly type: "plugged" }
  | { readonly type: "repair"; readonly did: Repair; readonly n: number | null; readonly right: Repair }
  | { readonly type: "early"; readonly deed: string; readonly missing: string }
  | { readonly type: "wrongDeed"; readonly deed: string }
  | {
      readonly type: "fuse";
      readonly did: number | null;
      readonly why: "missing" | "neverBlows" | "overRating" | "blowsInSun" | "needless";
    };
