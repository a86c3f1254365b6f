import { useEffect, useRef, useState } from "react";
import { type ApiClient, type PlanSummary } from "@/api";
import { type Plan } from "@/core/plan";
import { type FoundFault, realReadings } from "@/core/commissioning";
import { type Assessment } from "@/core/assessment";
import { equinoxNoon } from "@/core/engine/sky";
import { workerClient } from "@/workers";

/** What the list shows of a plan: the document, what is said of its first wiring, and what was read against it. */
export type Glance = { readonly plan: Plan; readonly assessment: Assessment; readonly found: FoundFault | null };

const topic = "list of plans";

/** Looks at one plan after another in the worker; a plan is looked at again when it has a newer revision. */
export function useVerdicts(client: Pick<ApiClient, "readPlan" | "readings">, plans: readonly PlanSummary[]) {
  const [glances, setGlances] = useState<ReadonlyMap<string, Glance>>(new Map());
  const known = useRef(new Map<string, number>());
  useEffect(() => {
    let stopped = false;
    const lookAtAll = async () => {
      for (const { id, revision } of plans) {
        if (known.current.get(id) === revision) continue;
        const read = await client.readPlan(id);
        if (stopped) return;
        if (read.type === "fault") continue;
        const { plan } = read.value;
        const look = { sky: "brightNoon", moment: equinoxNoon, positionId: null } as const;
        const question = { plan, wiringId: plan.wirings[0]?.id ?? "", look };
        const outcome = await workerClient().ask("judge", question, { topic, queue: "patient" });
        if (stopped) return;
        const found = await foundOf(client, id, plan);
        if (stopped) return;
        known.current.set(id, revision);
        if (outcome.type !== "done") continue;
        const { assessment } = outcome.value;
        setGlances((before) => new Map(before).set(id, { plan, assessment, found }));
      }
    };
    void lookAtAll();
    return () => {
      stopped = true;
      workerClient().cancel(topic);
    };
  }, [client, plans]);
  return glances;
}

/** What was really read against the first wiring of a plan. */
async function foundOf(client: Pick<ApiClient, "readings">, planId: string, plan: Plan): Promise<FoundFault | null> {
  const kept = await client.readings.list(planId);
  const wiringId = plan.wirings[0]?.id ?? "";
  const records = realReadings(kept.type === "fault" ? [] : kept.value.records, wiringId);
  if (records.length === 0) return null;
  const moment = { atMs: 0, longitudeDeg: plan.site.longitudeDeg ?? 0 };
  const outcome = await workerClient().ask(
    "foundFault",
    { plan, wiringId, moment, records },
    { topic, queue: "patient" },
  );
  return outcome.type === "done" ? outcome.value : null;
}
