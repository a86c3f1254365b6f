/** Runs something later unless it is called off. */
export type Scheduler = (run: () => void, ms: number) => () => void;
