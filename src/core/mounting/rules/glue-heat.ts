import { type Heat } from "../heat";
import { factsOf, heldIn, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type GlueHeatReason = { readonly type: "glueHeat"; readonly fixingName: string; readonly heat: Heat };

/** So near under what an adhesive is rated for is too near, K. */
const nearK = 10;

function glueHeat(context: MountContext): readonly MountJudged<GlueHeatReason>[] {
  return heldIn(context).flatMap(({ report: { fixing }, held: { heat } }) => {
    if (heat === null) return [];
    const { hottestC, ratedC, ratedIsAssumed } = heat;
    const isNear = hottestC > ratedC - nearK;
    return [
      told(fixing.id, "", {
        // a figure nobody has read is a question where it would decide
        level: !isNear ? "good" : ratedIsAssumed ? "open" : hottestC > ratedC ? "stop" : "care",
        value: { value: hottestC, unit: "°C" },
        limit: { value: ratedC, unit: "°C" },
        marginPct: 100 * (1 - hottestC / ratedC),
        reason: { type: "glueHeat", fixingName: fixing.name, heat },
      }),
    ];
  });
}

export const glueHeatRule: MountRule<"glueHeat", GlueHeatReason> = {
  id: "glueHeat",
  ...factsOf,
  fixedBy: "nothing",
  judge: glueHeat,
};
