import { useMemo } from "react";
import { type FoundFault, realReadings } from "@/core/commissioning";
import { useLiveJob } from "@/features/worker-hooks";
import { useDeskState, usePlan, useReadingsState, useWiring } from "@/features/plan-session";
import { workerClient } from "@/workers";

const nothingFound = Promise.resolve({ type: "done", value: null } as const);

/** What was read against the wiring on the desk; readings of the simulator say nothing of it. Null: nothing. */
export function useFound(): FoundFault | null {
  const plan = usePlan();
  const { id: wiringId } = useWiring();
  const { records } = useReadingsState();
  const longitudeDeg = useDeskState(({ moment }) => moment.longitudeDeg);
  const ours = useMemo(() => realReadings(records ?? [], wiringId), [records, wiringId]);
  const { value } = useLiveJob<FoundFault | null>(
    [ours.length === 0 ? null : plan, ours, wiringId, longitudeDeg],
    (topic) =>
      ours.length === 0
        ? nothingFound
        : workerClient().ask(
            "foundFault",
            { plan, wiringId, moment: { atMs: 0, longitudeDeg }, records: ours },
            { topic, queue: "patient", once: ["plan"] },
          ),
  );
  return ours.length === 0 ? null : value;
}
