"use client";

import { useEffect, useId, useRef, useState } from "react";
import { type Arranged, type Bounds, type FirstLook, type Goal, quickProof } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { isSame } from "@/features/worker-hooks";
import { useWeather } from "@/features/year";
import { type FindAsked, type Outcome, workerClient, type WeatherText } from "@/workers";

/** How far the finder has come. What was found stands until another search is begun. */
export type Finder = {
  readonly phase: "idle" | "looking" | "standing" | "done";
  /** A wiring that nothing stops, before the search is done. */ readonly first: FirstLook | null;
  readonly found: Arranged | null;
  /** What it was found for. */ readonly goal: Goal;
  readonly share: number;
  readonly fault: string | null;
  /** Whether what was found is of the plan as it is now. */ readonly isOfNow: boolean;
  readonly look: () => void;
  /** Goes on until nothing better can be left. */ readonly prove: () => void;
  readonly hold: (on: boolean) => void;
  readonly stop: () => void;
};

export type FinderAsk = { readonly goal: Goal; readonly withAddOns: boolean };

/** What the finder's answer depends on: the panels and all around them, not how they are wired now. */
function subjectOf(
  { site, need, panels, inputs, mounts, positions, space, wirings, standards }: Plan,
  wiringId: string,
) {
  const positionIds = wirings.find(({ id }) => id === wiringId)?.positionIds.join() ?? "";
  return [site, need, panels, inputs, mounts, positions, space, standards, wiringId, positionIds] as const;
}

type Known = Pick<Finder, "phase" | "first" | "found" | "goal" | "share" | "fault"> & {
  readonly subject: readonly unknown[];
};

/** Workers that share a search: one core is left to the page. */
function crewSize(): number {
  return Math.max(1, Math.min(8, (navigator.hardwareConcurrency || 2) - 1));
}

export function useFinder(plan: Plan, wiringId: string, { goal, withAddOns }: FinderAsk): Finder {
  const topic = `finder ${useId()}`;
  const weather = useWeather(plan);
  const subject = subjectOf(plan, wiringId);
  const [known, setKnown] = useState<Known>({
    phase: "idle",
    first: null,
    found: null,
    goal,
    share: 0,
    fault: null,
    subject,
  });
  const turn = useRef(0);
  const topics = useRef<string[]>([]);
  useEffect(
    () => () => {
      for (const each of topics.current) workerClient().cancel(each);
    },
    [],
  );

  async function look(maxSolved: number | null, isFirst: boolean): Promise<void> {
    stop();
    const mine = (turn.current += 1);
    const isMine = () => turn.current === mine;
    const text: WeatherText | null = weather.type === "here" ? weather.text : null;
    const ask: FindAsked = { plan, wiringId, weather: text, goal, withAddOns };
    const crew = crewSize();
    const named = (part: string) => {
      const name = `${topic} ${part}`;
      topics.current.push(name);
      return name;
    };
    const put = (patch: Partial<Known>) => {
      if (isMine()) setKnown((before) => ({ ...before, ...patch }));
    };
    const lost = (outcome: Outcome<unknown>) => {
      if (outcome.type === "failed") put({ phase: "done", fault: outcome.message });
      return outcome.type !== "done";
    };
    put({ phase: "looking", share: 0, fault: null, goal, subject, ...(isFirst ? { first: null, found: null } : {}) });
    const once: ["ask"] = ["ask"];
    // by the worker of the year, which knows the way, while the crew begins
    if (isFirst)
      void workerClient()
        .ask("findFirst", { ask }, { queue: "patient", topic: named("first"), once })
        .then((first) => {
          if (isMine() && first.type === "done") put({ first: first.value });
        });
    let bounds: (readonly Bounds[])[] | null = null;
    if (crew > 1) {
      const parts = await Promise.all(
        Array.from({ length: crew }, (_, at) =>
          workerClient().ask(
            "findBounds",
            { ask, at, of: crew },
            { queue: `crew ${at}`, topic: named(`bounds ${at}`), once },
          ),
        ),
      );
      if (!isMine() || parts.some(lost)) return;
      bounds = parts.flatMap((part) => (part.type === "done" ? [part.value] : []));
    }
    const found = await workerClient().ask(
      "find",
      { ask, bounds, maxSolved },
      {
        queue: "crew 0",
        topic: named("rest"),
        once,
        progressed: ({ share, found: sofar }) => put({ share, ...(sofar === null ? {} : { found: sofar }) }),
      },
    );
    if (!isMine() || lost(found)) return;
    if (found.type === "done") put({ phase: "done", share: 1, found: found.value });
  }

  function stop(): void {
    turn.current += 1;
    for (const each of topics.current) workerClient().cancel(each);
    topics.current = [];
    setKnown((before) => (before.phase === "idle" ? before : { ...before, phase: "done" }));
  }

  function hold(on: boolean): void {
    for (const each of topics.current) workerClient().setPaused(each, on);
    setKnown((before) => ({ ...before, phase: on ? "standing" : "looking" }));
  }

  const asked = JSON.stringify([wiringId, goal, withAddOns]);
  const begin = useRef(look);
  useEffect(() => {
    begin.current = look;
  });
  useEffect(() => {
    if (weather.type === "waiting" || plan.panels.length === 0 || plan.inputs.length === 0) return;
    // one press opens the finder and begins; another goal begins anew
    const timer = setTimeout(() => void begin.current(quickProof, true), 0);
    return () => clearTimeout(timer);
    // an edit of the plan does not: what was found stands, and says what it is of
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, weather.type]);

  return {
    ...known,
    fault: weather.type === "lost" ? weather.message : known.fault,
    isOfNow: isSame(known.subject, subject),
    look: () => void look(quickProof, true),
    prove: () => void look(null, false),
    hold,
    stop,
  };
}
