import { schoolFacts, skinFacts, skinOf } from "..";
import { skinsFor } from "../skins";
import { type School, type Skin } from "../../plan";
import { factsOf, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type SkinReason = {
  readonly type: "skin";
  readonly outcome: "asked" | "noGrip" | "unusual" | "suits";
  readonly fixingName: string;
  readonly school: School;
  readonly skin: Skin | null;
};

/** Whether what it is fixed to is known, and holds. */
function skin({ reports }: MountContext): readonly MountJudged<SkinReason>[] {
  return reports
    .filter(({ fixing }) => fixing.pieces.length > 0)
    .map(({ fixing }) => {
      const { adhesive } = schoolFacts[fixing.school];
      const on = skinOf(fixing);
      const grips =
        on === null || adhesive === null || skinFacts[on][adhesive === "foamTape" ? "tapeHolds" : "sealantHolds"];
      const outcome =
        on === null ? "asked" : !grips ? "noGrip" : skinsFor(fixing.school).includes(on) ? "suits" : "unusual";
      return told(fixing.id, "", {
        level: ({ asked: "open", noGrip: "stop", unusual: "care", suits: "good" } as const)[outcome],
        reason: { type: "skin", outcome, fixingName: fixing.name, school: fixing.school, skin: on },
      });
    });
}

export const skinRule: MountRule<"skin", SkinReason> = { id: "skin", ...factsOf, mendedBy: "nothing", judge: skin };
