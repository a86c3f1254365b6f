/**
 * How a plan's panels are joined. A port array feeds one port; its strings are in parallel (amps add); the items of a
 * string are in series (volts add), from + to −; an item is a panel or a group of strings in parallel. How panels stand in the
 * light is no part of it: that is a position.
 */
export type PanelRef = {
  readonly type: "panel";
  readonly panelId: string;
  /** Which of the panels of this kind: the number it was given when it came, which no other ever has. */
  readonly piece: number;
  /** Taken out: its leads are joined past it. */
  readonly bypassed: boolean;
};
export type Group = { readonly type: "group"; readonly strings: readonly PvString[] };
export type Item = PanelRef | Group;
/** `id`: the same for as long as the string is there, in its wiring; null until it is put into a plan. */
export type PvString = { readonly id: string | null; readonly items: readonly Item[]; readonly blockingDiode: boolean };
/** A port is named by its input and itself; both are null while nothing is chosen. */
export type PortArray = {
  readonly inputId: string | null;
  readonly portId: string | null;
  readonly strings: readonly PvString[];
};

/** Most panels in a plan, and most groups inside groups: more than any roof, few enough to stay quick. */
export const maxPieces = 200;
export const maxDepth = 4;
