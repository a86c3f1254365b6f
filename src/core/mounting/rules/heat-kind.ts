import { mountingMethods } from "..";
import { type MountingMethodId } from "../../plan";
import { type Mount, rossCPerWm2 } from "../../engine/sky";
import { factsOf, heldIn, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type HeatKindReason = {
  readonly type: "heatKind";
  readonly fixingName: string;
  readonly method: MountingMethodId;
  readonly assumed: Mount;
  readonly fits: Mount;
};

/** The year and the hot roof go by how panels are held: what is chosen here must be what was reckoned with there. */
function heatKind(context: MountContext): readonly MountJudged<HeatKindReason>[] {
  return heldIn(context).flatMap(({ report: { fixing }, held: { mounts } }) => {
    const { heats } = mountingMethods[fixing.method];
    const other = mounts.find((mount) => !heats.includes(mount));
    const [fits] = heats;
    if (other === undefined || fits === undefined) return [];
    return [
      told(fixing.id, "", {
        // hotter than reckoned, fewer volts and watts than told; cooler is only modest
        level: rossCPerWm2[fits] > rossCPerWm2[other] ? ("care" as const) : ("note" as const),
        reason: { type: "heatKind", fixingName: fixing.name, method: fixing.method, assumed: other, fits },
      }),
    ];
  });
}

export const heatKindRule: MountRule<"heatKind", HeatKindReason> = {
  id: "heatKind",
  ...factsOf,
  fixedBy: "base",
  judge: heatKind,
};
