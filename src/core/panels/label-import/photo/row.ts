import { type Box } from "./gray-image";

/** A letter, digit or sign as it was read, and where it stands. */
export type Sign = { readonly text: string; readonly box: Box };

/** Signs without room between them; how sure the reader was of the whole, 0 to 100. */
export type Word = { readonly signs: readonly Sign[]; readonly sure: number; readonly box: Box };

/** A line of a picture as text, with what each of its characters is; null: room between words. */
export type Row = {
  readonly text: string;
  readonly signs: readonly (Sign | null)[];
  readonly words: readonly Word[];
  readonly box: Box;
};
