"use client";

import { useEffect, useState } from "react";
import { type Plan } from "@/core/plan";
import { type Assessment } from "@/core/rules";
import { type Moment } from "@/core/sky";
import { openJudgeWorker } from "@/features/desk";
import { createJudgeClient } from "@/workers/judge";

type Compared = { readonly plan: Plan; readonly verdicts: ReadonlyMap<string, Assessment> };

/** The verdict on every wiring of a plan, one after another, by a worker of its own; they come in as they are ready. */
export function useComparison(plan: Plan, moment: Moment): ReadonlyMap<string, Assessment> {
  const [compared, setCompared] = useState<Compared>({ plan, verdicts: new Map() });
  useEffect(() => {
    const waiting = plan.wirings.map(({ id }) => id);
    let current = "";
    const next = () => {
      const wiringId = waiting.shift();
      if (wiringId === undefined) return;
      current = wiringId;
      client.ask({ plan, wiringId, moment });
    };
    const client = createJudgeClient(openJudgeWorker, (answer) => {
      if (answer.type !== "verdict" && answer.type !== "failed") return;
      const wiringId = current;
      if (answer.type === "verdict") setCompared((before) => ({ plan, verdicts: new Map(before.plan === plan ? before.verdicts : []).set(wiringId, answer.assessment) }));
      next();
    });
    next();
    return () => client.stop();
  }, [plan, moment]);
  return compared.verdicts;
}
