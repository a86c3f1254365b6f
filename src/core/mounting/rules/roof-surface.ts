import { mountingMethods, roofSurfaceFacts, roofSurfaceOf } from "..";
import { type MountingMethod } from "../methods";
import { type MountingMethodId, type RoofSurface } from "../../plan";
import { factsOf, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type RoofSurfaceReason = {
  readonly type: "roofSurface";
  readonly outcome: "asked" | "noGrip" | "unusual" | "suits";
  readonly fixingName: string;
  readonly method: MountingMethodId;
  readonly adhesive: MountingMethod["adhesive"];
  readonly roofSurface: RoofSurface | null;
};

/** Whether what it is fixed to is known, and holds. */
function roofSurface({ reports }: MountContext): readonly MountJudged<RoofSurfaceReason>[] {
  return reports
    .filter(({ fixing }) => fixing.pieces.length > 0)
    .map(({ fixing }) => {
      const { adhesive, roofSurfaces } = mountingMethods[fixing.method];
      const on = roofSurfaceOf(fixing);
      const grips =
        on === null ||
        adhesive === null ||
        roofSurfaceFacts[on][adhesive === "foamTape" ? "tapeHolds" : "sealantHolds"];
      const outcome = on === null ? "asked" : !grips ? "noGrip" : roofSurfaces.includes(on) ? "suits" : "unusual";
      return told(fixing.id, "", {
        level: ({ asked: "open", noGrip: "stop", unusual: "care", suits: "good" } as const)[outcome],
        reason: {
          type: "roofSurface",
          outcome,
          fixingName: fixing.name,
          method: fixing.method,
          adhesive,
          roofSurface: on,
        },
      });
    });
}

export const roofSurfaceRule: MountRule<"roofSurface", RoofSurfaceReason> = {
  id: "roofSurface",
  ...factsOf,
  fixedBy: "nothing",
  judge: roofSurface,
};
