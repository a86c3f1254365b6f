import { type Plan } from "@/core/plan";
import { type Assessment, type ShadeCost, type TileStates } from "@/core/assessment";
import { type SkyName } from "@/core/engine/sky";

/** What is known of one revision of the document. It grows as answers come; a newer revision replaces it whole. */
export type Judgement = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly assessment: Assessment;
  /** The sky and the position looked at, and what each panel does in them. */
  readonly sky: SkyName;
  readonly positionId: string;
  readonly tiles: TileStates;
  readonly shade: ShadeCost | null;
  readonly fixes: "searching" | "found";
  /** Wirings tried so far, when the search takes long enough to say so. */
  readonly tried: number;
};
