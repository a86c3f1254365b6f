"use client";

import { type Plan } from "@/core/plan";
import { type ProtectReport } from "@/core/protection/diagram";
import { useLiveJob } from "@/features/worker-hooks";
import { workerClient } from "@/workers";
import { usePlan, useWiring } from "./DeskProvider";

export type Reported = {
  /** The last answer, and the plan it is of; null until there is one. */
  readonly report: ProtectReport | null;
  readonly of: Plan | null;
  readonly fault: string | null;
};

/** What a wiring is made of, worked out beside the page whenever the plan changes; the answer before stands until the next is there. */
export function useProtectReport(wiringId?: string): Reported {
  const plan = usePlan();
  const shown = useWiring().id;
  const asked = wiringId ?? shown;
  const { value, fault } = useLiveJob([plan, asked], async (topic) => {
    const outcome = await workerClient().ask(
      "protect",
      { plan, wiringId: asked },
      { topic, queue: "prompt", once: ["plan"] },
    );
    return outcome.type === "done" ? { ...outcome, value: { report: outcome.value, of: plan } } : outcome;
  });
  return { report: value?.report ?? null, of: value?.of ?? null, fault };
}
