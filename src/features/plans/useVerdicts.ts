import { useEffect, useRef, useState } from "react";
import { type ApiClient, type PlanSummary } from "@/api";
import { type Plan } from "@/core/plan";
import { type Assessment } from "@/core/rules";
import { equinoxNoon } from "@/core/sky";
import { createJudgeClient, openJudgeWorker } from "@/workers/judge";

/** What the list shows of a plan: the document, and what is said of its first wiring. */
export type Glance = { readonly plan: Plan; readonly assessment: Assessment };

/** Looks at one plan after another in the worker; a plan is looked at again when it has a newer revision. */
export function useVerdicts(client: Pick<ApiClient, "readPlan">, plans: readonly PlanSummary[]) {
  const [glances, setGlances] = useState<ReadonlyMap<string, Glance>>(new Map());
  const known = useRef(new Map<string, number>());
  useEffect(() => {
    let stopped = false;
    let told: (assessment: Assessment | null) => void = () => undefined;
    const judge = createJudgeClient(openJudgeWorker, (answer) => {
      if (answer.type === "verdict") told(answer.assessment);
      else if (answer.type === "failed") told(null);
    });
    const look = async () => {
      for (const { id, revision } of plans) {
        if (known.current.get(id) === revision) continue;
        const read = await client.readPlan(id);
        if (stopped) return;
        if (read.type === "fault") continue;
        const { plan } = read.value;
        const assessment = await new Promise<Assessment | null>((resolve) => {
          told = resolve;
          const wiringId = plan.wirings[0]?.id ?? "";
          judge.ask({
            plan,
            wiringId,
            look: { sky: "brightNoon", moment: equinoxNoon, poseId: null },
            withMends: false,
          });
        });
        if (stopped) return;
        known.current.set(id, revision);
        if (assessment !== null) setGlances((before) => new Map(before).set(id, { plan, assessment }));
      }
    };
    void look();
    return () => {
      stopped = true;
      judge.stop();
    };
  }, [client, plans]);
  return glances;
}
