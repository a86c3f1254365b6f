import { type PaperTable, type SurfacePapers } from "@/features/print-tables";

/** All that stands on the sheet, in words and numbers as they are shown. */
export type SheetContent = {
  /** This making of it: a sheet made anew keeps its ticks apart. */ readonly made: string;
  readonly planId: string;
  readonly wiringId: string;
  readonly title: string;
  readonly under: string;
  readonly verdict: string;
  readonly surfaces: readonly SurfacePapers[];
  /** The drawing of the wiring, as SVG. */ readonly diagrams: readonly string[];
  readonly cables: PaperTable | null;
  readonly lists: readonly {
    readonly id: string;
    readonly name: string;
    readonly steps: readonly {
      readonly id: string;
      readonly what: string;
      readonly how: string;
      readonly isDone: boolean;
    }[];
  }[];
  readonly gates: readonly { readonly key: string; readonly name: string; readonly planned: string }[];
  readonly ports: readonly {
    readonly name: string;
    readonly hours: readonly HourLine[];
    readonly reads: readonly ReadLine[];
  }[];
  readonly airC: number;
  /** When the readings of the fields are as told: the brightest hour of the days to come. */ readonly brightAt: string;
  readonly cautions: readonly string[];
};

export type HourLine = {
  readonly atMs: number;
  readonly day: string;
  readonly hour: string;
  readonly openV: string;
  readonly runV: string;
  readonly runA: string;
  readonly clearW: number;
  readonly overcastW: number;
};
export type ReadLine = {
  readonly key: string;
  readonly place: string;
  readonly what: string;
  readonly unit: string;
  readonly low: number | null;
  readonly high: number | null;
  readonly due: string;
};
