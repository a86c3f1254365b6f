"use client";

import { type ListLine } from "@/core/protection/diagram";
import { usePlan } from "@/features/plan-session";
import { useLiveJob } from "@/features/worker-hooks";
import { workerClient } from "@/workers";

/** The parts list of all wirings together; null until it is there, and where there is only one wiring. */
export function useInstallation(): readonly ListLine[] | null {
  const plan = usePlan();
  const { value } = useLiveJob(
    [plan],
    (topic) => workerClient().ask("installation", { plan }, { topic, queue: "prompt", once: ["plan"] }),
    { isWanted: plan.wirings.length > 1 },
  );
  return value?.lines ?? null;
}
