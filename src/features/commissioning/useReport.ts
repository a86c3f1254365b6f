import { type ReadingRecord } from "@/core/measurements";
import { type WalkStep } from "@/core/commissioning";
import { usePlan, useWiring } from "@/features/plan-session";
import { useProve } from "./facts";
import { ofPortArray } from "./of-port-array";
import { useWalk } from "./useProved";

/** Everything really read of the port, whenever: the newest of each step, and all of them. Nothing of a stand-in. */
export function useReport(): { readonly steps: readonly WalkStep[]; readonly records: readonly ReadingRecord[] } {
  const plan = usePlan();
  const wiring = useWiring();
  const { state, portArray, moment, sky, settings } = useProve();
  const records = ofPortArray(state.records ?? [], wiring.id, portArray).filter(({ source }) => source !== "standIn");
  const { walk } = useWalk(
    portArray === null
      ? null
      : {
          plan,
          wiringId: wiring.id,
          positionId: null,
          ...portArray,
          sky,
          moment,
          meter: { maxA: settings.maxA },
          records,
          suspicion: null,
        },
  );
  return { steps: walk?.steps ?? [], records };
}
