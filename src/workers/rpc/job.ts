/**
 * A computation that may be long: a generator that gives its value at the end. On the way it yields wherever it could be
 * left: a word of how far it has come, or undefined for a mere place to pause. It knows no thread, and is tested without one.
 */
export type Job<Input, Progress, Value> = (input: Input) => Generator<Progress | undefined, Value, void>;

/** Jobs by name. What they keep in memory between questions is theirs and bounded. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each job of a table has types of its own
export type JobTable = Readonly<Record<string, Job<any, any, any>>>;

export type InputOf<J> = J extends (input: infer Input) => unknown ? Input : never;
export type ProgressOf<J> = J extends (input: never) => Generator<infer P, unknown, void>
  ? Exclude<P, undefined>
  : never;
export type ValueOf<J> = J extends (input: never) => Generator<unknown, infer Value, void> ? Value : never;
