"use client";

import { type Goal, type WiringFacts } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { tilesOf } from "@/core/engine/array";
import { useLiveJob } from "@/features/worker-hooks";
import { useWeather } from "@/features/year";
import { workerClient } from "@/workers";

/** An edit rests so long before its numbers are asked for, ms. */
const restMs = 250;

export type Known = { readonly facts: WiringFacts; readonly goal: Goal };

/** A wiring of a plan in numbers, worked out beside the page; those of before stand until the new ones are there. Null: nothing is wired. */
export function useFacts(plan: Plan, wiringId: string, goal: Goal): Known | null {
  const weather = useWeather(plan);
  const text = weather.type === "here" ? weather.text : null;
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  const isWired = wiring !== undefined && tilesOf(wiring.portArrays).length > 0;
  const { value } = useLiveJob<Known & { readonly wiringId: string }>(
    [plan, wiringId, JSON.stringify(goal), text],
    async (topic) => {
      const outcome = await workerClient().ask(
        "wiringFacts",
        { plan, wiringId, weather: text, goal, fineness: "full" },
        { queue: "patient", topic, once: ["plan"] },
      );
      return outcome.type === "done" ? { ...outcome, value: { facts: outcome.value, goal, wiringId } } : outcome;
    },
    { restMs, isWanted: isWired && weather.type !== "waiting" },
  );
  return isWired && value?.wiringId === wiringId ? value : null;
}
