import { type Mount } from "../engine/sky";
import { type Amount, type FuseCount, type InPosition, type RuleOutcome, type Subject, type Sense } from "../checks";
import { type Change, type PlanStep } from "../plan";
import { type CablingPartName } from "../protection/cabling";
import { type Reason, type RuleId } from "./rules";

/** In what way a fix changes the wiring, for words. */
export type FixKind =
  | { readonly type: "matrix"; readonly series: number; readonly strings: number }
  | {
      readonly type: "strings";
      readonly strings: readonly (readonly { readonly panelName: string; readonly count: number }[])[];
    }
  | { readonly type: "shelve"; readonly panelName: string }
  /** Equal strings of a kind that lies on the shelf, in place of all that is wired to the port. */
  | { readonly type: "instead"; readonly panelName: string; readonly series: number; readonly strings: number }
  /** All panels of one kind changed, each where it stands, for panels of another that lie on the shelf. */
  | { readonly type: "exchange"; readonly count: number; readonly outName: string; readonly inName: string }
  | { readonly type: "setBypassed" }
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
  /** Cables of a size, by what they are; fuses in so many strings; a switch; a fuse by the battery; a box; a chain of adapters. */
  | { readonly type: "gauge"; readonly name: CablingPartName; readonly size: string }
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
export type Fix = {
  readonly kind: FixKind;
  readonly changes: readonly Change[];
  readonly cost: {
    /** Panels to buy, and panels left on the shelf that are wired now. */
    readonly bought: number;
    readonly shelved: number;
  };
  /** Watts all ports then take at noon, and beside it what the panels could give with no limit, or what is taken now; null: as now. */
  readonly noonW: number;
  readonly beside: { readonly type: "could" | "now"; readonly watts: number } | null;
  /** The fuses it puts in; empty for none. */
  readonly fuses: readonly FuseCount[];
  /** The smallest margin of the coldest Voc below a max PV voltage, %; null where the wiring stays as it is. */
  readonly vocMarginPct: number | null;
  /** What the parts then cost more, or less, than now; null where it is about the same, or not asked. */
  readonly money: { readonly more: number; readonly currency: string } | null;
  /** Stops that it leaves. */
  readonly leaves: readonly Pick<FindingWithoutFixes, "rule" | "subject">[];
};

/** The same with its rule and name, what it speaks of, and the position it is worst in: null where it is the same in all. */
export type FindingWithoutFixes = RuleOutcome<Reason> & {
  readonly rule: RuleId;
  readonly id: string;
  /** The step where it belongs, and whether its value must stay under the limit or reach it. */
  readonly step: PlanStep;
  readonly sense: Sense;
  readonly subject: Subject;
  readonly position: InPosition | null;
};

/**
 * The limit another input would need where no wiring tried makes a PlanStep pass: the least that any of them asks for. `kind`: the
 * wiring that asks for it; null for the one there is.
 */
export type RequiredLimit = { readonly limit: Amount; readonly kind: FixKind | null };

/** What would make a finding pass, best first; and where nothing tried does, what another input would need. */
export type Fixes = { readonly fixes: readonly Fix[]; readonly needs: RequiredLimit | null };
export const noFixes: Fixes = { fixes: [], needs: null };

export type Finding = FindingWithoutFixes & Fixes;
