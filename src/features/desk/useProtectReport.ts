"use client";

import { useEffect, useId, useState } from "react";
import { type Plan } from "@/core/plan";
import { type ProtectReport } from "@/core/protect";
import { usePlan, useWiring } from "./DeskProvider";
import { pageMail } from "@/workers";

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
  const topic = `protect ${useId()}`;
  const [state, setState] = useState<Reported>({ report: null, of: null, fault: null });
  useEffect(() => {
    let isWanted = true;
    void pageMail()
      .ask("protect", { plan, wiringId: asked }, { topic, lane: "prompt", once: ["plan"] })
      .then((outcome) => {
        if (!isWanted) return;
        if (outcome.type === "done") setState({ report: outcome.value, of: plan, fault: null });
        if (outcome.type === "failed") setState((before) => ({ ...before, fault: outcome.message }));
      });
    return () => {
      isWanted = false;
    };
  }, [plan, asked, topic]);
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  return state;
}
