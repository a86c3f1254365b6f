import { stiffMm } from "../heat";
import { mountingMethods } from "..";
import { factsOf, heldIn, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type MovementReason = {
  readonly type: "movement";
  readonly fixingName: string;
  /** Whether what holds it gives: a bed of sealant. */ readonly isSoft: boolean;
  readonly mm: number;
  readonly overMm: number;
};

/** A soft bed of sealant gives; tape of a millimetre and screws do not. */
function movement(context: MountContext): readonly MountJudged<MovementReason>[] {
  return heldIn(context).flatMap(({ report: { fixing }, held: { movement: moves } }) => {
    if (moves === null) return [];
    const isSoft = mountingMethods[fixing.method].expansion?.isSoft ?? false;
    return [
      told(fixing.id, "", {
        level: moves.mm <= stiffMm ? "good" : isSoft ? "note" : "care",
        value: { value: moves.mm, unit: "mm" },
        limit: { value: stiffMm, unit: "mm" },
        marginPct: 100 * (1 - moves.mm / stiffMm),
        reason: { type: "movement", fixingName: fixing.name, isSoft, ...moves },
      }),
    ];
  });
}

export const movementRule: MountRule<"movement", MovementReason> = {
  id: "movement",
  ...factsOf,
  fixedBy: "nothing",
  judge: movement,
};
