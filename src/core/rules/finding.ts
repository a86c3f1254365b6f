import { type AssumedField } from "../panel";
import { type Mount } from "../sky";
import { type Unit } from "../units";
import { type TileKey } from "../wiring";
import { type Change, type Stop } from "../plan";
import { type CopperName } from "./copper";
import { type Sense } from "./rule";
import { type Reason, type RuleId } from "./rules";

/** Worst first. `open` is a question only the person can answer; nothing can be judged until then. */
export const levels = ["stop", "open", "care", "note", "good"] as const;
export type Level = (typeof levels)[number];

export type Amount = { readonly value: number; readonly unit: Unit };

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

/** What a finding may speak of: anything in a plan that has a name of its own. */
export type Subject =
  | { readonly type: "plan" }
  | { readonly type: "place" }
  | { readonly type: "battery"; readonly batteryId: string }
  | { readonly type: "lane"; readonly inputId: string; readonly portId: string }
  | { readonly type: "group"; readonly inputId: string; readonly groupId: string }
  | { readonly type: "row"; readonly wiringId: string; readonly rowId: string }
  | { readonly type: "piece"; readonly panelId: string; readonly piece: number }
  | { readonly type: "run"; readonly wiringId: string; readonly runId: string }
  | { readonly type: "input"; readonly inputId: string }
  | { readonly type: "surface"; readonly surfaceId: string }
  | { readonly type: "mount"; readonly mountId: string }
  | { readonly type: "fixing"; readonly fixingId: string }
  | { readonly type: "reading"; readonly readingId: string };

/** So many fuses of a size, A. */
export type FuseCount = { readonly amps: number; readonly count: number };

/** In what way a mend changes the wiring, for words. */
export type MendKind =
  | { readonly type: "matrix"; readonly series: number; readonly strings: number }
  | {
      readonly type: "rows";
      readonly rows: readonly (readonly { readonly panelName: string; readonly count: number }[])[];
    }
  | { readonly type: "shelve"; readonly panelName: string }
  /** Equal rows of a kind that lies on the shelf, in place of all that is wired to the port. */
  | { readonly type: "instead"; readonly panelName: string; readonly series: number; readonly strings: number }
  /** All panels of one kind changed, each where it stands, for panels of another that lie on the shelf. */
  | { readonly type: "exchange"; readonly count: number; readonly outName: string; readonly inName: string }
  | { readonly type: "joinPast" }
  /** A panel laid so far to the right and to the front, and turned by a quarter or not. */
  | {
      readonly type: "moveOnRoof";
      readonly panelName: string;
      readonly rightMm: number;
      readonly frontMm: number;
      readonly turned: boolean;
    }
  | { readonly type: "raiseOnRoof"; readonly panelName: string; readonly gapMm: number }
  | { readonly type: "liftOff"; readonly panelName: string }
  /** Cables of a size, by what they are; fuses in so many rows; a switch; a fuse by the battery; a box; a chain of adapters. */
  | { readonly type: "gauge"; readonly name: CopperName; readonly size: string }
  | { readonly type: "fitFuses"; readonly sizes: readonly FuseCount[] }
  | { readonly type: "fitSwitch"; readonly amps: number; readonly volts: number }
  | {
      readonly type: "fitBatteryFuse";
      readonly amps: number;
      readonly volts: number | null;
      readonly breaksA: number;
    }
  | { readonly type: "useBox" }
  | { readonly type: "otherChain"; readonly names: readonly string[] }
  /** More feet to a panel, longer ones, anchors, ballast; heat reckoned as they are held. */
  | { readonly type: "moreFeet"; readonly feet: number; readonly more: number }
  | { readonly type: "longerFeet"; readonly footLongMm: number }
  | { readonly type: "anchors"; readonly perSide: number; readonly eachN: number }
  | { readonly type: "ballast"; readonly kg: number }
  | { readonly type: "reckonHeat"; readonly mount: Mount }
  | { readonly type: "move"; readonly panels: number; readonly portName: string; readonly moduleName: string | null };

/** What would make the rule pass: changes the plan can apply together and undo in one step, with what they ask for. */
export type Mend = {
  readonly kind: MendKind;
  readonly changes: readonly Change[];
  readonly cost: {
    /** Panels to buy, and panels left on the shelf that are wired now. */
    readonly bought: number;
    readonly shelved: number;
  };
  /** Watts all ports then take at noon, and beside it what the panels could give with no limit, or what is taken now; null: as now. */
  readonly noonW: number;
  readonly beside: { readonly type: "could" | "now"; readonly watts: number } | null;
  /** The fuses it then needs; empty for none. */
  readonly fuses: readonly FuseCount[];
  /** Stops that it leaves. */
  readonly leaves: readonly Pick<Placed, "rule" | "subject">[];
};

/** What one rule says of one thing; what that is and what would mend it are added around it. */
export type Judged<R = Reason> = {
  readonly level: Level;
  readonly value: Amount | null;
  readonly limit: Amount | null;
  /** Room left, % of the limit; negative when it is passed. */
  readonly marginPct: number | null;
  readonly assumptions: readonly Assumption[];
  /** Facts only, turned into words by the interface. */
  readonly reason: R;
  /** The panels it speaks of; empty means all of its subject. */
  readonly tiles: readonly TileKey[];
};

/** In which pose a finding holds, by its name; on the way between two, by both. */
export type InPose =
  | { readonly type: "in"; readonly name: string }
  | { readonly type: "between"; readonly names: readonly [string, string] };

/** The same with its rule and name, what it speaks of, and the pose it is worst in: null where it is the same in all. */
export type Placed = Judged & {
  readonly rule: RuleId;
  readonly id: string;
  /** The stop where it belongs, and whether its value must stay under the limit or reach it. */
  readonly stop: Stop;
  readonly sense: Sense;
  readonly subject: Subject;
  readonly pose: InPose | null;
};

/**
 * The limit another input would need where no wiring tried makes a Stop pass: the least that any of them asks for. `kind`: the
 * wiring that asks for it; null for the one there is.
 */
export type Need = { readonly limit: Amount; readonly kind: MendKind | null };

/** What would make a finding pass, best first; and where nothing tried does, what another input would need. */
export type Remedy = { readonly mends: readonly Mend[]; readonly needs: Need | null };
export const noRemedy: Remedy = { mends: [], needs: null };

export type Finding = Placed & Remedy;

/** A floor lower than this is none, V: room above it says nothing. */
export const minFloorV = 0.01;

export function worstLevel(found: readonly Pick<Finding, "level">[]): Level {
  return levels.find((level) => found.some((finding) => finding.level === level)) ?? "good";
}

/** A rule passes when it is good or has only a remark. */
export function passes(level: Level): boolean {
  return level === "good" || level === "note";
}
