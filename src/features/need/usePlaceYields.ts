"use client";

import { type Site } from "@/core/plan";
import { type PlaceYields } from "@/core/wiring/year";
import { useLiveJob } from "@/features/worker-hooks";
import { useWeather } from "@/features/year";
import { workerClient } from "@/workers";

/** What a watt of panel brings at the place of the plan; the one before stands until the next is there. */
export function usePlaceYields(site: Site): PlaceYields | null {
  const weather = useWeather({ site });
  const text = weather.type === "here" ? weather.text : null;
  return useLiveJob(
    [site, text],
    (topic) =>
      workerClient().ask(
        "yields",
        { plan: { site }, weather: text },
        { topic, queue: "patient", once: text === null ? [] : ["weather"] },
      ),
    { restMs: 40, isWanted: weather.type !== "waiting" },
  ).value;
}
