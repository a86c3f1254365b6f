"use client";

import { type Bought, type InputOffer, type PanelOffer } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type Asked, useJobOnDemand } from "@/features/worker-hooks";
import { useWeather } from "@/features/year";
import { workerClient } from "@/workers";

/** What to buy depends on all of the plan but how it is wired now. */
function subjectOf({ site, need, panels, inputs, mounts, positions, space, shopping }: Plan, wiringId: string) {
  return [site, need, panels, inputs, mounts, positions, space, shopping, wiringId] as const;
}

export function useBuy(
  plan: Plan,
  wiringId: string,
  panels: readonly PanelOffer[],
  inputs: readonly InputOffer[],
): Asked<Bought> {
  const weather = useWeather(plan);
  return useJobOnDemand(subjectOf(plan, wiringId), (topic, progressed) =>
    workerClient().ask(
      "buy",
      { plan, wiringId, weather: weather.type === "here" ? weather.text : null, panels, inputs },
      {
        queue: "crew 0",
        topic,
        once: ["plan"],
        progressed: ({ share, found }) => progressed({ share, value: found }),
      },
    ),
  );
}
