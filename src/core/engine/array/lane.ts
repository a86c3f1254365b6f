/**
 * How a plan's panels are joined. A lane feeds one port; its rows are in parallel (amps add); the items of a
 * row are in series (volts add), from + to −; an item is a panel or a group of rows in parallel. How panels stand in the
 * light is no part of it: that is a pose.
 */
export type PanelRef = {
  readonly type: "panel";
  readonly panelId: string;
  /** Which of the panels of this kind: the number it was given when it came, which no other ever has. */
  readonly piece: number;
  /** Taken out: its leads are joined past it. */
  readonly joinedPast: boolean;
};
export type Group = { readonly type: "group"; readonly rows: readonly Row[] };
export type Item = PanelRef | Group;
/** `id`: the same for as long as the row is there, in its wiring; null until it is put into a plan. */
export type Row = { readonly id: string | null; readonly items: readonly Item[]; readonly blockingDiode: boolean };
/** A port is named by its input and itself; both are null while nothing is chosen. */
export type PortArray = {
  readonly inputId: string | null;
  readonly portId: string | null;
  readonly rows: readonly Row[];
};

/** Most panels in a plan, and most groups inside groups: more than any roof, few enough to stay quick. */
export const maxPieces = 200;
export const maxDepth = 4;
