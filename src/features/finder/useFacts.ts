"use client";

import { useEffect, useId, useState } from "react";
import { type Goal, type WiringFacts } from "@/core/finder";
import { type Plan } from "@/core/plan";
import { tilesOf } from "@/core/wiring";
import { useWeather } from "@/features/year";
import { pageMail } from "@/workers";

/** An edit rests so long before its numbers are asked for, ms. */
const restMs = 250;

export type Known = { readonly facts: WiringFacts; readonly goal: Goal };

/** A wiring of a plan in numbers, worked out beside the page; those of before stand until the new ones are there. Null: nothing is wired. */
export function useFacts(plan: Plan | null, wiringId: string, goal: Goal): Known | null {
  const topic = `facts ${useId()}`;
  const weather = useWeather(plan ?? noPlan);
  const wiring = plan?.wirings.find(({ id }) => id === wiringId);
  const isWired = wiring !== undefined && tilesOf(wiring.lanes).length > 0;
  const [known, setKnown] = useState<(Known & { readonly wiringId: string }) | null>(null);
  const asked = JSON.stringify(goal);
  useEffect(() => {
    if (!isWired || plan === null || weather.type === "waiting") return;
    let stopped = false;
    const text = weather.type === "here" ? weather.text : null;
    const timer = setTimeout(() => {
      void pageMail()
        .ask(
          "wiringFacts",
          { plan, wiringId, weather: text, goal, fineness: "full" },
          { lane: "patient", topic, once: ["plan"] },
        )
        .then((outcome) => {
          if (!stopped && outcome.type === "done") setKnown({ facts: outcome.value, goal, wiringId });
        });
    }, restMs);
    return () => {
      stopped = true;
      clearTimeout(timer);
      pageMail().callOff(topic);
    };
    // the weather's text is one object for as long as it is the same file
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan, wiringId, asked, isWired, weather.type, topic]);
  return isWired && known?.wiringId === wiringId ? known : null;
}

const noPlan: Pick<Plan, "site"> = { site: { weather: null } as Plan["site"] };
