import { type AssumedField } from "../engine/panel";
import { type Mount } from "../engine/sky";

/** Something taken as true because the plan does not say. */
export type Assumption =
  /** `by`: nobody said it; of the kind of climate that was pressed; of the coldest kind there may be, as they differ too much. */
  | { readonly type: "recordLow"; readonly valueC: number; readonly by: "unsaid" | "kind" | "kindsDiffer" }
  | { readonly type: "recordHigh"; readonly valueC: number }
  | { readonly type: "latitude"; readonly valueDeg: number }
  | { readonly type: "mount"; readonly mount: Mount }
  | { readonly type: "noonAir"; readonly valueC: number }
  | { readonly type: "labelField"; readonly panelName: string; readonly field: AssumedField; readonly value: number }
  | { readonly type: "ceilingIsVoc" }
  | { readonly type: "overVoltageDestroys" }
  | { readonly type: "clearDay"; readonly flat: boolean }
  | { readonly type: "labelOff"; readonly panelName: string; readonly missPct: number }
  | { readonly type: "labelDoubt"; readonly panelName: string }
  | { readonly type: "measured"; readonly panelName: string }
  | { readonly type: "fuseRating"; readonly panelName: string; readonly amps: number }
  /** What a battery can push through a short circuit: of lithium several thousand. */
  | { readonly type: "batteryShort"; readonly amps: number }
  | { readonly type: "pwmDrop"; readonly volts: number }
  | { readonly type: "moduleFitted"; readonly name: string }
  | { readonly type: "cableDrop"; readonly volts: number }
  | { readonly type: "equalShares" }
  | { readonly type: "dullAir"; readonly valueC: number };

/** So many panels of a kind, with the one number of their label a formula takes. */
export type Term = { readonly count: number; readonly panelName: string; readonly each: number };
