import { type ReadingRecord } from "@/core/measurements";
import { type WalkStep } from "@/core/commissioning";
import { usePlan, useWiring } from "@/features/plan-session";
import { useProve } from "./facts";
import { ofLane } from "./of-lane";
import { useWalk } from "./useProved";

/** Everything really read of the port, whenever: the newest of each step, and all of them. Nothing of a stand-in. */
export function useReport(): { readonly steps: readonly WalkStep[]; readonly records: readonly ReadingRecord[] } {
  const plan = usePlan();
  const wiring = useWiring();
  const { state, lane, moment, sky, settings } = useProve();
  const records = ofLane(state.records ?? [], wiring.id, lane).filter(({ source }) => source !== "standIn");
  const { walk } = useWalk(
    lane === null
      ? null
      : {
          plan,
          wiringId: wiring.id,
          poseId: null,
          ...lane,
          sky,
          moment,
          meter: { maxA: settings.maxA },
          records,
          suspicion: null,
        },
  );
  return { steps: walk?.steps ?? [], records };
}
