/** Runs a computation that pauses on the way to its end, for callers with nothing newer to turn to. */
export function drain<Step, Value>(steps: Generator<Step, Value, void>, heard?: (step: Step) => void): Value {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    heard?.(step.value);
  }
}

/** Work that pauses within other work: a place to pause, its own words of how far it is untold. */
export function* quietly<Value>(inner: Generator<unknown, Value, void>): Generator<undefined, Value, void> {
  for (let step = inner.next(); ; step = inner.next()) {
    if (step.done) return step.value;
    yield undefined;
  }
}
