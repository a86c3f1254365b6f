"use client";

import { useEffect, useId, useRef, useState } from "react";
import { type Plan } from "@/core/plan";
import { type PlanYear } from "@/core/year";
import { pageMail, type WeatherText } from "@/workers";
import { useWeather, type Weather } from "./useWeather";

/** A year as far as it is known: the one before stands until the next has its first answer. */
export type YearState = {
  readonly year: PlanYear | null;
  /** Of the plan as it is now, and through to the end. */ readonly settled: boolean;
  /** 0 to 1 while it is worked on. */ readonly share: number | null;
  readonly fault: string | null;
};

/** An edit rests so long before its year is begun, so that its verdict is drawn first, ms. */
const restMs = 40;
/** Of edits that come one upon another only the last is worth a year: until then the verdicts have the machine to themselves. */
const burstMs = 600;
const burstRestMs = 350;

/** What a year depends on; where none of it changes the year stands. */
function subjectOf({ site, need, panels, inputs, mounts, poses, wirings }: Plan, wiringId: string): readonly unknown[] {
  return [site, need, panels, inputs, mounts, poses, wirings.find(({ id }) => id === wiringId)];
}

/** The year of a wiring, worked out beside the page. */
export function useYear(plan: Plan, wiringId: string): YearState {
  const topic = `year ${useId()}`;
  const weather = useWeather(plan);
  const [state, setState] = useState<YearState & { readonly of: string }>({
    year: null,
    settled: false,
    share: null,
    fault: null,
    of: wiringId,
  });
  const subject = subjectOf(plan, wiringId);
  const text = textOf(weather);
  const lastMs = useRef(Number.NEGATIVE_INFINITY);
  useEffect(() => {
    if (text === "waiting") return;
    const nowMs = performance.now();
    const isBurst = nowMs - lastMs.current < burstMs;
    lastMs.current = nowMs;
    let stopped = false;
    void pageMail()
      .ask(
        "year",
        { plan, wiringId, weather: text, quickFirst: true },
        {
          topic,
          lane: "patient",
          once: text === null ? ["plan"] : ["plan", "weather"],
          restMs: isBurst ? burstRestMs : restMs,
          progressed: ({ share, quick }) =>
            stopped
              ? undefined
              : setState((before) => ({
                  year: quick ?? (before.of === wiringId ? before.year : null),
                  settled: false,
                  share,
                  fault: null,
                  of: wiringId,
                })),
        },
      )
      .then((outcome) => {
        if (stopped || outcome.type === "cancelled") return;
        if (outcome.type === "done")
          setState({ year: outcome.value, settled: true, share: null, fault: null, of: wiringId });
        else setState((before) => ({ ...before, settled: false, share: null, fault: outcome.message }));
      });
    return () => {
      stopped = true;
      pageMail().callOff(topic);
    };
    // what the year depends on, not the document: a note typed changes no sun
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [...subject, text, topic]);
  return weather.type === "lost" ? { ...state, fault: weather.message } : state;
}

/** The text to send; null where the plan goes by typical months, or by a file that is lost. */
function textOf(weather: Weather): WeatherText | null | "waiting" {
  switch (weather.type) {
    case "here":
      return weather.text;
    case "waiting":
      return "waiting";
    case "none":
    case "lost":
      return null;
  }
}
