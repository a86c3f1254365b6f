import { useEffect, useRef } from "react";
import { type ActionSource } from "./actions";
import { useActionSources } from "./DeskProvider";

/** Offers what can be done here for as long as the view stands; asked anew each time somebody looks for an action. */
export function useActions(source: ActionSource): void {
  const sources = useActionSources();
  const latest = useRef(source);
  useEffect(() => {
    latest.current = source;
  });
  useEffect(() => {
    const ask = () => latest.current();
    sources.add(ask);
    return () => {
      sources.delete(ask);
    };
  }, [sources]);
}
