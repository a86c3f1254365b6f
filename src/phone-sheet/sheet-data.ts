/** What the sheet's script knows beside the page itself. */
export type SheetData = {
  /** This making of the sheet; another one keeps its ticks apart. */ readonly made: string;
  readonly plan: string;
  readonly wiring: string;
  readonly ports: readonly {
    readonly name: string;
    /** When, watts under a clear sky, under cloud. */
    readonly hours: readonly (readonly [atMs: number, clearW: number, overcastW: number])[];
  }[];
};
