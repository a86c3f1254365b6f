"use client";

import { useEffect, useId, useMemo, useRef, useState } from "react";
import { type Outcome, workerClient } from "@/workers";
import { isSame, type Progressed } from "./asked";

/** Something asked of the workers by a press. */
export type Asked<Value> = {
  readonly value: Value | null;
  /** What the value is of, as it was when it was asked for; nothing while there is none. */ readonly of: readonly unknown[];
  /** Whether that is still so. */ readonly isOfNow: boolean;
  /** 0 to 1 while it is worked on; null otherwise. */ readonly share: number | null;
  readonly fault: string | null;
  readonly ask: () => void;
  readonly cancel: () => void;
};

/**
 * Asks when told to, shows how far it is, can be called off; leaving the page calls it off too. What was found before stands until
 * there is something new, and says what it is of: `subject`, part by part.
 */
export function useJobOnDemand<Value>(
  subject: readonly unknown[],
  send: (topic: string, progressed: Progressed<Value>) => Promise<Outcome<Value>>,
): Asked<Value> {
  const topic = `asked ${useId()}`;
  const [state, setState] = useState<Pick<Asked<Value>, "value" | "of" | "share" | "fault">>({
    value: null,
    of: [],
    share: null,
    fault: null,
  });
  useEffect(() => () => workerClient().cancel(topic), [topic]);
  const ask = async () => {
    setState((before) => ({ ...before, share: 0, fault: null }));
    const outcome = await send(topic, ({ share, value = null }) =>
      setState((before) => ({ ...before, share, ...(value === null ? {} : { value, of: subject }) })),
    );
    if (outcome.type === "done") setState({ value: outcome.value, of: subject, share: null, fault: null });
    else if (outcome.type === "failed") setState((before) => ({ ...before, share: null, fault: outcome.message }));
  };
  const asking = useRef(ask);
  useEffect(() => {
    asking.current = ask;
  });
  const isOfNow = state.value !== null && isSame(subject, state.of);
  // the same object for as long as nothing has changed, so that views that are remembered stay so
  return useMemo(
    () => ({
      ...state,
      isOfNow,
      ask: () => void asking.current(),
      cancel: () => {
        workerClient().cancel(topic);
        setState((before) => ({ ...before, share: null }));
      },
    }),
    [state, isOfNow, topic],
  );
}
