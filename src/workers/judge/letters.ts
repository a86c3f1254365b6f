import { type Plan } from "@/core/plan";
import { type Assessment, type Look, type Remedy, type TileStates } from "@/core/rules";

/** What goes through the slot between page and worker. A page and a worker of different versions do not talk. */
export const letterVersion = 3;

/** The page asks for one revision of its document to be judged; a later letter makes an earlier one idle. */
export type JudgeLetter =
  | {
      readonly version: typeof letterVersion;
      readonly type: "judge";
      readonly revision: number;
      readonly plan: Plan;
      readonly wiringId: string;
      readonly look: Look;
      /** whether mends are wanted, or known already */ readonly withMends: boolean;
    }
  | { readonly version: typeof letterVersion; readonly type: "cancel" };

/** Answers carry the revision they speak of. The verdict comes first, mends last. */
export type JudgeAnswer =
  | {
      readonly version: typeof letterVersion;
      readonly type: "verdict";
      readonly revision: number;
      readonly assessment: Assessment;
      /** What each panel does under the sky looked at. */ readonly tiles: TileStates;
      /** Whether mends will follow: they do when a rule fails. */ readonly searching: boolean;
    }
  | {
      readonly version: typeof letterVersion;
      readonly type: "progress";
      readonly revision: number;
      readonly tried: number;
    }
  | {
      readonly version: typeof letterVersion;
      readonly type: "mends";
      readonly revision: number;
      /** By the finding they are for. */ readonly remedies: readonly (readonly [string, Remedy])[];
    }
  | {
      readonly version: typeof letterVersion;
      readonly type: "failed";
      readonly revision: number;
      readonly message: string;
    };
