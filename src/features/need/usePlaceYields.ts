"use client";

import { useEffect, useState } from "react";
import { type Site } from "@/core/plan";
import { type PlaceYields } from "@/core/year";
import { useWeather } from "@/features/year";
import { pageMail } from "@/workers";

const topic = "yields";

/** What a watt of panel brings at the place of the plan; the one before stands until the next is there. */
export function usePlaceYields(site: Site): PlaceYields | null {
  const weather = useWeather({ site });
  const text = weather.type === "here" ? weather.text : null;
  const waiting = weather.type === "waiting";
  const [yields, setYields] = useState<PlaceYields | null>(null);
  useEffect(() => {
    if (waiting) return;
    void pageMail()
      .ask(
        "yields",
        { plan: { site }, weather: text },
        { topic, lane: "patient", once: text === null ? [] : ["weather"], restMs: 40 },
      )
      .then((outcome) => {
        if (outcome.type === "done") setYields(outcome.value);
      });
    return () => pageMail().callOff(topic);
  }, [site, text, waiting]);
  return yields;
}
