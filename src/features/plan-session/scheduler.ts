/** Runs something later unless it is called off. */
export type Later = (run: () => void, ms: number) => () => void;
