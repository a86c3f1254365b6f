"use client";

import { useEffect, useId, useState } from "react";
import { type Outcome, workerClient } from "@/workers";
import { isSame, type Progressed } from "./asked";

/** Something that is worked out beside the page by itself, whenever what it is of changes. */
export type Followed<Value> = {
  /** The last answer; it stands until the next is there. */ readonly value: Value | null;
  /** Whether it is of what is there now. */ readonly isOfNow: boolean;
  /** 0 to 1 while it is worked on; null otherwise. */ readonly share: number | null;
  readonly fault: string | null;
};

type Options = {
  /** A change rests so long before it is asked about, ms: until then nothing is sent. */ readonly restMs?: number;
  /** Whether there is anything to ask. */ readonly isWanted?: boolean;
};

/**
 * Asks at every change of `subject`, part by part; what is asked of the state before is called off, and all of it when the page is
 * left. What is pressed for: `useAsked`.
 */
export function useLiveJob<Value>(
  subject: readonly unknown[],
  send: (topic: string, progressed: Progressed<Value>) => Promise<Outcome<Value>>,
  { restMs = 0, isWanted = true }: Options = {},
): Followed<Value> {
  const topic = `followed ${useId()}`;
  const [state, setState] = useState<Omit<Followed<Value>, "isOfNow"> & { readonly of: readonly unknown[] }>({
    value: null,
    of: [],
    share: null,
    fault: null,
  });
  useEffect(() => {
    if (!isWanted) return;
    let isOver = false;
    const ask = async () => {
      const outcome = await send(topic, ({ share }) => isOver || setState((before) => ({ ...before, share })));
      if (isOver) return;
      if (outcome.type === "done") setState({ value: outcome.value, of: subject, share: null, fault: null });
      else
        setState((before) => ({
          ...before,
          share: null,
          ...(outcome.type === "failed" ? { fault: outcome.message } : {}),
        }));
    };
    const timer = restMs > 0 ? setTimeout(() => void ask(), restMs) : void ask();
    return () => {
      isOver = true;
      clearTimeout(timer ?? undefined);
      workerClient().cancel(topic);
    };
    // what is sent is made of the subject, and as new each time as the page is drawn
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [...subject, topic, restMs, isWanted]);
  const { value, of, share, fault } = state;
  return { value, isOfNow: isSame(subject, of), share, fault };
}
