/** Runs a computation that pauses on the way to its end, for callers with nothing newer to turn to. */
export function runToEnd<Step, Value>(steps: Generator<Step, Value, void>, heard?: (step: Step) => void): Value {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    heard?.(step.value);
  }
}
