import { useEffect, useRef } from "react";

/** A press that is nowhere to be heard of was none, ms. */
const maxMs = 500;

/**
 * Does something once the press under way is over. What goes away as soon as a field is left moves the page under the finger that
 * leaves it, and the press lands beside what was meant.
 */
export function useDelayedBusy(): (then: () => void) => void {
  const callOff = useRef<(() => void) | null>(null);
  useEffect(() => () => callOff.current?.(), []);
  return (then) => {
    callOff.current?.();
    const stop = () => {
      clearTimeout(timer);
      window.removeEventListener("click", over, true);
      window.removeEventListener("keyup", over, true);
      callOff.current = null;
    };
    // after whatever the press does
    const over = () => void setTimeout(() => callOff.current === stop && (stop(), then()));
    const timer = setTimeout(over, maxMs);
    window.addEventListener("click", over, true);
    window.addEventListener("keyup", over, true);
    callOff.current = stop;
  };
}
