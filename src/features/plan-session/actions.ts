/** Something that can be done now: found by its words, and by its key where it has one. */
export type Action = {
  /** The heading it stands under. */ readonly of: string;
  readonly words: string;
  readonly press: string | null;
  readonly run: () => void;
};
export type ActionSource = () => readonly Action[];
