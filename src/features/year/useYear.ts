"use client";

import { useEffect, useId, useState } from "react";
import { type Plan } from "@/core/plan";
import { type PlanYear } from "@/core/wiring/year";
import { isSame } from "@/features/worker-hooks";
import { useDesk } from "@/features/plan-session";
import { workerClient, type WeatherText } from "@/workers";
import { useWeather, type Weather } from "./useWeather";

/** A year as far as it is known: the one before stands until the next has its first answer. */
export type YearState = {
  readonly year: PlanYear | null;
  /** Of the plan as it is now, and through to the end. */ readonly settled: boolean;
  /** 0 to 1 while it is worked on. */ readonly share: number | null;
  readonly fault: string | null;
};

/** An edit rests so long before its year is begun: its verdict is asked for first, ms. */
const restMs = 5;

/** What a year depends on; where none of it changes the year stands. */
function subjectOf(plan: Plan, wiringId: string): readonly unknown[] {
  const { site, need, panels, inputs, mounts, positions, space, wirings, standards, protect } = plan;
  const wiring = wirings.find(({ id }) => id === wiringId);
  // the size of a measured cable follows its standard and the drop allowed
  return [site, need, panels, inputs, mounts, positions, space, wiring, standards.cable, protect.maxDropPct];
}

type Known = YearState & {
  readonly wiringId: string;
  /** what it is the year of */ readonly subject: readonly unknown[];
};

/** The year of a wiring, worked out beside the page: a first answer, and the whole so many ms after it. */
export function useYear(plan: Plan, wiringId: string, wholeAfterMs = 0): YearState {
  const desk = useDesk();
  const topic = `year ${useId()}`;
  const weather = useWeather(plan);
  const subject = subjectOf(plan, wiringId);
  const [known, setKnown] = useState<Known>({
    year: null,
    settled: false,
    share: null,
    fault: null,
    wiringId,
    subject,
  });
  const text = textOf(weather);
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (text === "waiting") return;
    const ofThis = { wiringId, subject, fault: null };
    let [stopped, whole] = [false, false];
    const ask = async (fineness: "quick" | "full"): Promise<void> => {
      const outcome = await workerClient().ask(
        "year",
        { plan, wiringId, weather: text, fineness },
        {
          topic,
          queue: "patient",
          once: text === null ? ["plan"] : ["plan", "weather"],
          progressed: ({ share }) => setKnown((before) => ({ ...before, share })),
        },
      );
      if (stopped || outcome.type === "cancelled") return;
      if (outcome.type === "failed")
        return setKnown((before) => ({ ...before, settled: false, share: null, fault: outcome.message }));
      whole = fineness === "full";
      setKnown({ ...ofThis, year: outcome.value, settled: fineness === "full", share: fineness === "full" ? null : 0 });
      if (fineness !== "quick") return;
      await new Promise((resolve) => setTimeout(resolve, wholeAfterMs));
      if (!stopped) await ask("full");
    };
    // rested here and not in the worker: until it is asked nothing of the plan is sent
    const timer = setTimeout(() => void ask(text === null ? "quick" : "full"), restMs);
    const stop = () => {
      stopped = true;
      clearTimeout(timer);
      workerClient().cancel(topic);
    };
    // an edit has the machine to itself at once, not when it has been drawn
    const unsubscribe = desk.store.subscribe(() => {
      const now = subjectOf(desk.now().history.present, wiringId);
      if (!isSame(now, subject)) stop();
      // taken back before it was through: the plan is the same again, and nobody else would ask
      else if (stopped && !whole) setTurn((before) => before + 1);
    });
    return () => {
      unsubscribe();
      stop();
    };
    // what the year depends on, not the document: a note typed changes no sun
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [...subject, text, topic, desk, turn]);
  const isOfNow = isSame(known.subject, subject);
  return {
    year: known.wiringId === wiringId ? known.year : null,
    settled: known.settled && isOfNow,
    share: known.share,
    fault: weather.type === "lost" ? weather.message : known.fault,
  };
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
