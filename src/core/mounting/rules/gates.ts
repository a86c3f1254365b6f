import { type GateState, minApartMm, minOffPlanMm } from "..";
import { type Level } from "../../checks";
import { factsOf, told, type MountContext, type MountJudged, type MountRule } from "./context";

export type GatesReason = {
  readonly type: "gates";
  readonly fixingName: string;
  readonly gate: Pick<GateState, "gate" | "state" | "apartMm" | "offPlanMm" | "guardIsDone">;
  readonly why: string;
};

/** Measured twice before what cannot be undone: what is open, differs or was passed over stays to be seen. */
function gates({ plan, reports }: MountContext): readonly MountJudged<GatesReason>[] {
  const ofFixings = reports
    .filter(({ fixing }) => fixing.pieces.length > 0)
    .flatMap(({ fixing, gates: all }) =>
      all.map((state) => {
        const { gate, state: is, apartMm, offPlanMm, guardIsDone } = state;
        const [value, limit] =
          is === "offPlan" ? [offPlanMm, minOffPlanMm] : apartMm === null ? [null, null] : [apartMm, minApartMm];
        return told<GatesReason>(fixing.id, gate, {
          level: levelOf(state),
          value: value === null ? null : { value, unit: "mm" },
          limit: limit === null ? null : { value: limit, unit: "mm" },
          reason: {
            type: "gates",
            fixingName: fixing.name,
            gate: { gate, state: is, apartMm, offPlanMm, guardIsDone },
            why: state.passedOver?.why ?? "",
          },
        });
      }),
    );
  const ofGone = plan.fixings.passedOver.map(({ name, gate, why, atUtc }) =>
    told<GatesReason>(`${name} ${atUtc}`, gate, {
      level: "care",
      reason: {
        type: "gates",
        fixingName: name,
        gate: { gate, state: "passedOver", apartMm: null, offPlanMm: null, guardIsDone: true },
        why,
      },
    }),
  );
  return [...ofFixings, ...ofGone];
}

function levelOf({ state, guardIsDone }: GateState): Level {
  switch (state) {
    case "agrees":
      return "good";
    case "open":
      // nothing is wrong until what it guards is done all the same
      return guardIsDone ? "care" : "note";
    case "differs":
    case "offPlan":
    case "passedOver":
      return "care";
  }
}

export const gatesRule: MountRule<"gates", GatesReason> = {
  id: "gates",
  ...factsOf,
  fixedBy: "nothing",
  judge: gates,
};
