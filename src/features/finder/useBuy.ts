"use client";

import { useEffect, useId, useState } from "react";
import { type Bought, type InputOffer, type PanelOffer } from "@/core/finder";
import { type Plan } from "@/core/plan";
import { useWeather } from "@/features/year";
import { pageMail } from "@/workers";

/** How far the shopping has come. */
export type Shop = {
  readonly found: Bought | null;
  /** 0 to 1 while it is worked on. */ readonly share: number | null;
  readonly fault: string | null;
  readonly isOfNow: boolean;
  readonly go: () => void;
  readonly stop: () => void;
};

/** What to buy depends on all of the plan but how it is wired now. */
function subjectOf({ site, need, panels, inputs, mounts, poses, space, shopping }: Plan, wiringId: string) {
  return [site, need, panels, inputs, mounts, poses, space, shopping, wiringId] as const;
}

export function useBuy(
  plan: Plan,
  wiringId: string,
  panels: readonly PanelOffer[],
  inputs: readonly InputOffer[],
): Shop {
  const topic = `buy ${useId()}`;
  const weather = useWeather(plan);
  const subject = subjectOf(plan, wiringId);
  const [state, setState] = useState<Pick<Shop, "found" | "share" | "fault"> & { readonly of: readonly unknown[] }>({
    found: null,
    share: null,
    fault: null,
    of: subject,
  });
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  const go = async () => {
    setState({ found: null, share: 0, fault: null, of: subject });
    const outcome = await pageMail().ask(
      "buy",
      { plan, wiringId, weather: weather.type === "here" ? weather.text : null, panels, inputs },
      {
        lane: "crew 0",
        topic,
        once: ["plan"],
        progressed: ({ share, found }) =>
          setState((before) => ({ ...before, share, ...(found === null ? {} : { found }) })),
      },
    );
    if (outcome.type === "done") setState((before) => ({ ...before, found: outcome.value, share: null }));
    if (outcome.type === "failed") setState((before) => ({ ...before, share: null, fault: outcome.message }));
  };
  return {
    ...state,
    isOfNow: state.of.every((part, k) => part === subject[k]),
    go: () => void go(),
    stop: () => {
      pageMail().callOff(topic);
      setState((before) => ({ ...before, share: null }));
    },
  };
}
