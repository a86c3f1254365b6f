/** A table as it goes to paper, in whatever dress. */
export type PaperTable = {
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
};
