"use client";

import { useEffect, useId, useMemo, useRef, useState } from "react";
import { type Outcome, pageMail } from "@/workers";

/** Something asked of the workers by a press. */
export type Asked<Value> = {
  readonly value: Value | null;
  /** 0 to 1 while it is worked on; null otherwise. */ readonly share: number | null;
  readonly fault: string | null;
  readonly ask: () => void;
  readonly cancel: () => void;
};

type Progressed = (progress: { readonly share: number }) => void;

/** Asks when told to, shows how far it is, can be called off; leaving the page calls it off too. */
export function useAsked<Value>(
  send: (topic: string, progressed: Progressed) => Promise<Outcome<Value>>,
): Asked<Value> {
  const topic = `space ${useId()}`;
  const [state, setState] = useState<Pick<Asked<Value>, "value" | "share" | "fault">>({
    value: null,
    share: null,
    fault: null,
  });
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  const ask = async () => {
    setState((before) => ({ ...before, share: 0, fault: null }));
    const outcome = await send(topic, ({ share }) => setState((before) => ({ ...before, share })));
    if (outcome.type === "done") setState({ value: outcome.value, share: null, fault: null });
    else if (outcome.type === "failed") setState((before) => ({ ...before, share: null, fault: outcome.message }));
  };
  const asking = useRef(ask);
  useEffect(() => {
    asking.current = ask;
  });
  // the same object for as long as nothing has changed, so that views that are remembered stay so
  return useMemo(
    () => ({
      ...state,
      ask: () => void asking.current(),
      cancel: () => {
        pageMail().callOff(topic);
        setState((before) => ({ ...before, share: null }));
      },
    }),
    [state, topic],
  );
}
