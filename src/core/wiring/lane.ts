/**
 * How a plan's panels are joined. A lane feeds one port; its rows are in parallel (amps add); the items of a
 * row are in series (volts add), from + to −; an item is a panel or a group of rows in parallel.
 */
export const stances = ["out", "stowed", "off"] as const;
/** Out: takes what light there is. Stowed: joined but covered. Off: taken out, its leads joined past it. */
export type Stance = (typeof stances)[number];

export type Tile = {
  readonly type: "panel";
  readonly panelId: string;
  /** Which of the panels of this kind, from 1. */
  readonly piece: number;
  readonly stance: Stance;
  /** Share of the light that reaches it: one value, or one for each substring. */
  readonly light: readonly number[];
  /** Degrees towards the noon sun (away from it: negative); 0 lies flat. */
  readonly tiltDeg: number;
};
export type Group = { readonly type: "group"; readonly rows: readonly Row[] };
export type Item = Tile | Group;
export type Row = { readonly items: readonly Item[]; readonly blockingDiode: boolean };
/** A port is named by its input and itself; both are null while nothing is chosen. */
export type Lane = { readonly inputId: string | null; readonly portId: string | null; readonly rows: readonly Row[] };

/** Most panels in a plan, and most groups inside groups: more than any roof, few enough to stay quick. */
export const mostPieces = 200;
export const mostDepth = 4;
