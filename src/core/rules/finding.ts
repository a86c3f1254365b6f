import { type CeilingBasis, type CurrentTier, type LimitNature, type OverVoltageOutcome } from "../input";
import { type AssumedField, type LabelDoubt, type Reading } from "../panel";
import { type Mount, type SkyName } from "../sky";
import { type Unit } from "../units";
import { type Lane, type TileKey } from "../wiring";
import { type ColdBy } from "./cold-volts";

/** Worst first. `open` is a question only the person can answer; nothing can be judged until then. */
export const levels = ["stop", "open", "care", "note", "good"] as const;
export type Level = (typeof levels)[number];

export const ruleIds = [
  "coldVoc",
  "hotVmp",
  "current",
  "watts",
  "shared",
  "mismatch",
  "systemVoltage",
  "pwmLoss",
  "wake",
  "mixedStates",
  "reverse",
  "fuses",
  "shelf",
  "label",
] as const;
export type RuleId = (typeof ruleIds)[number];

export type Amount = { readonly value: number; readonly unit: Unit };

/** Something taken as true because the plan does not say. */
export type Assumption =
  | { readonly type: "recordLow"; readonly valueC: number }
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
  | { readonly type: "pwmDrop"; readonly volts: number }
  | { readonly type: "moduleFitted"; readonly name: string }
  | { readonly type: "equalShares" }
  | { readonly type: "dullAir"; readonly valueC: number };

/** So many panels of a kind, with the one number of their label a formula takes. */
export type Term = { readonly count: number; readonly panelName: string; readonly each: number };

/** Why a rule says what it says: facts only, turned into words by the interface. */
export type Reason =
  | ({
      readonly type: "coldVoc";
      readonly outcome: "over" | "runningOver" | "tableOver" | "close" | "inside" | "insideRunning";
    } & ColdVocFacts)
  | { readonly type: "noCeiling"; readonly judgedV: number }
  | ({
      readonly type: "hotVmp";
      readonly outcome: "neverWakes" | "below" | "belowWake" | "nearFloor" | "littleComfort" | "clear";
    } & HotVmpFacts)
  | { readonly type: "noFloor"; readonly hotVmpV: number }
  | ({
      readonly type: "current";
      readonly outcome: "overAbsolute" | "clips" | "clipsLittle" | "gap" | "shortOver" | "idle" | "within";
    } & CurrentFacts)
  | { readonly type: "noCurrentLimit"; readonly iscA: number }
  | { readonly type: "noTierAmps"; readonly fromV: number | null; readonly toV: number | null; readonly iscA: number }
  | ({ readonly type: "watts"; readonly outcome: "overAbsolute" | "clipsMuch" | "clips" | "within" } & WattFacts)
  | { readonly type: "noWattLimit"; readonly labelW: number }
  | ({ readonly type: "shared"; readonly outcome: "overAbsolute" | "clipsMuch" | "clips" | "within" } & SharedFacts)
  | ({
      readonly type: "mismatch";
      readonly outcome: "costly" | "some" | "little" | "equal";
    } & MismatchFacts)
  | {
      readonly type: "systemVoltage";
      readonly outcome: "over" | "inside";
      readonly judgedV: number;
      readonly by: ColdBy;
      readonly maxSystemV: number;
      readonly panelName: string;
      readonly series: number;
    }
  | { readonly type: "noSystemVoltage"; readonly judgedV: number; readonly panelName: string }
  | { readonly type: "noBatteryVolts" }
  | { readonly type: "label"; readonly panels: readonly DoubtedLabel[] }
  | {
      readonly type: "shelf";
      readonly panels: readonly { readonly panelName: string; readonly count: number }[];
      readonly portName: string;
    }
  | ({ readonly type: "pwmLoss"; readonly outcome: "costly" | "some" | "little" } & PwmFacts)
  | ({ readonly type: "wake"; readonly outcome: "never" | "lateWake" | "dullSleep" | "early" } & WakeFacts)
  | ({ readonly type: "mixedStates"; readonly outcome: "trapped" | "costly" | "some" } & MixedFacts)
  | ({ readonly type: "reverse"; readonly outcome: "over" | "borne" } & ReverseFacts)
  | ({ readonly type: "fuses"; readonly outcome: "noneFits" | "fuseEach" | "strictOnly" | "notNeeded" } & FuseFacts);

export type DoubtedLabel = {
  readonly panelName: string;
  readonly doubts: readonly LabelDoubt[];
  readonly reading: Reading | null;
};

export type ColdVocFacts = {
  /** The panels of the row with the most volts. */
  readonly terms: readonly Term[];
  readonly coefficients: readonly number[];
  readonly recordLowC: number;
  /** What is judged, V, and by what it came about: of any part that can stand alone, the most of all ways to reckon. */
  readonly judgedV: number;
  readonly by: ColdBy;
  readonly curveV: number;
  readonly lineV: number;
  readonly tableFactor: number;
  readonly tableV: number;
  /** Whether thin film is among them, of which the table says nothing: it counts there with its own volts. */
  readonly withFilm: boolean;
  /** The labels' own sum at 25 °C, V. */
  readonly labelV: number;
  /** With nothing connected, V; the same as what is judged unless the ceiling is meant for running volts. */
  readonly openV: number;
  /** All rows joined, by the solved curve, V. */
  readonly joinedVocV: number;
  readonly ceilingV: number;
  readonly basis: CeilingBasis;
  readonly overVoltage: OverVoltageOutcome;
};

export type HotVmpFacts = {
  readonly terms: readonly Term[];
  readonly hotVmpV: number;
  readonly hotVocV: number;
  readonly airTempC: number;
  readonly cellTempC: number;
  readonly mount: Mount;
  readonly floorV: number;
  readonly wakeV: number;
  readonly batteryV: number | null;
};

/** A limit of amps with its range; `toV` is null where it states no end. */
export type StatedLimit = Omit<CurrentTier, "toV"> & { readonly toV: number | null; readonly nature: LimitNature };

export type CurrentFacts = {
  /** Rows in parallel with the short-circuit current of their strongest panel. */
  readonly terms: readonly Term[];
  readonly iscA: number;
  readonly marginedIscA: number;
  /** The tier the array runs in, and the one its open-circuit volts lie in. */
  readonly running: StatedLimit | null;
  /** The tightest limit never to be exceeded that the array can run in or sweep through; null when there is none. */
  readonly never: StatedLimit | null;
  /** From where to where the array can sweep: waking volts to the most it stands at under any sky, V. */
  readonly sweepFromV: number;
  readonly sweepToV: number;
  readonly open: StatedLimit | null;
  readonly runningV: number;
  readonly openV: number;
  /** Where it would give most, and whether no limit's range holds there, V. */
  readonly bestV: number;
  readonly inGap: boolean;
  /** Power left on the roof at bright noon because of the limits, %. */
  readonly noonLossPct: number;
};

export type WattFacts = {
  readonly labelW: number;
  /** Solved at coldest dawn in full sun, W; and what a limit never to be exceeded is held against: whichever is more. */
  readonly coldW: number;
  readonly dueW: number;
  /** What volts and amps let through at bright noon, W; and whether that is less than the array could give. */
  readonly noonW: number;
  readonly withinAmps: boolean;
  /** True when the input takes nothing at noon: shut out, or asleep. */
  readonly idle: boolean;
  readonly limitW: number;
  /** True when the limit is the battery side's amps × battery volts. */
  readonly fromBattery: boolean;
  readonly nature: LimitNature;
  readonly clippedKwhPerMonth: number;
  readonly clippedPct: number;
  readonly latitudeDeg: number;
  /** Whether all panels lie flat; else each gets the light of the plane it is tilted to. */
  readonly flat: boolean;
};

export type SharedFacts = {
  readonly groupName: string;
  readonly ports: readonly {
    readonly name: string;
    readonly aloneW: number;
    readonly aloneA: number;
    readonly takenW: number;
  }[];
  readonly limitW: number | null;
  readonly limitA: number | null;
  readonly nature: LimitNature;
  readonly dueW: number;
  readonly marginedIscA: number;
  readonly lostW: number;
  readonly clippedKwhPerMonth: number;
  readonly clippedPct: number;
};

/** Amps pushed backwards through the panel that bears them least while nothing is drawn, what it bears, and when. */
export type ReverseFacts = {
  readonly panelName: string;
  readonly amps: number;
  readonly fuseA: number;
  readonly sky: "coldDawn" | "brightNoon";
  /** As the panels stand, stowed and shaded; else with all of them lit. */
  readonly asTheyStand: boolean;
};

/** What the other rows could push into a row that fails, and the fuse that would stop it. */
export type FuseFacts = {
  readonly rows: number;
  /** Short circuit of the strongest row, and of all rows but the weakest, A. */
  readonly iscA: number;
  readonly backfeedA: number;
  readonly marginedA: number;
  /** The least series fuse rating in these rows, A, and whose it is. */
  readonly ratingA: number;
  readonly panelName: string;
  /** The smallest standard fuse from 1.56 × Isc up to that rating, A; null when there is none. */
  readonly sizeA: number | null;
  readonly couldBlow: boolean;
};

export type MismatchFacts = {
  /** Watts of every panel at its own maximum; of every row at its own; of all joined as they are. */
  readonly panelsW: number;
  readonly rowsW: number;
  readonly joinedW: number;
  readonly lossPct: number;
  readonly seriesLossPct: number;
  readonly parallelLossPct: number;
  readonly rows: readonly { readonly terms: readonly Term[]; readonly vmpV: number; readonly impA: number }[];
};

export type PwmFacts = {
  readonly heldV: number;
  readonly batteryV: number;
  readonly dropV: number;
  readonly vmpV: number;
  readonly freeW: number;
  readonly takenW: number;
  readonly lossPct: number;
};

export type WakeFacts = {
  readonly wakeV: number;
  readonly dullWm2: number;
  readonly dullVocV: number;
  readonly brightVocV: number;
  /** Light at which the volts with nothing connected reach the waking volts, W/m²; null when full sun does not. */
  readonly wakesAtWm2: number | null;
  /** Minutes of the longest clear day, at both ends together, with less light than that. */
  readonly asleepMinutes: number;
};

export type MixedFacts = {
  readonly stowed: number;
  readonly shaded: number;
  readonly tilted: number;
  readonly panels: number;
  /** Watts of every panel at its own maximum in its own light, and of all joined. */
  readonly panelsW: number;
  readonly joinedW: number;
  readonly lossPct: number;
  /** Where a climbing tracker would end, when that is far below the best point. */
  readonly trappedW: number | null;
};

/** What a finding speaks of. */
export type Where =
  | { readonly type: "lane"; readonly inputId: string; readonly portId: string }
  | { readonly type: "group"; readonly inputId: string; readonly groupId: string };

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
  | { readonly type: "move"; readonly panels: number; readonly portName: string; readonly moduleName: string | null };

/** A change that would make the rule pass, as data the plan can apply and undo. */
export type Mend = {
  readonly kind: MendKind;
  readonly lanes: readonly Lane[];
  readonly counts: Readonly<Record<string, number>>;
  /** Panels to buy, and panels left on the shelf that are wired now. */
  readonly bought: number;
  readonly shelved: number;
  /** Watts all ports then take at noon, and how far that is from what is wired now could give at its best (for a Stop) or gives. */
  readonly noonW: number;
  readonly wattsPct: number;
  /** The fuse each row then needs, A; null for none. */
  readonly fuseA: number | null;
  /** Stops that it leaves. */
  readonly leaves: readonly { readonly rule: RuleId; readonly where: Where }[];
};

/** What one rule says of one lane or group; where and what would mend it are added around it. */
export type Judged = {
  readonly rule: RuleId;
  readonly level: Level;
  readonly value: Amount | null;
  readonly limit: Amount | null;
  /** Room left, % of the limit; negative when it is passed. */
  readonly marginPct: number | null;
  readonly assumptions: readonly Assumption[];
  readonly reason: Reason;
  /** The panels it speaks of; empty means all of the lane. */
  readonly tiles: readonly TileKey[];
};

/** In which pose a finding holds, by its name; on the way between two, by both. */
export type InPose =
  | { readonly type: "in"; readonly name: string }
  | { readonly type: "between"; readonly names: readonly [string, string] };

/** The same with its name, what it speaks of, and the pose it is worst in: null where it is the same in all. */
export type Placed = Judged & { readonly id: string; readonly where: Where; readonly pose: InPose | null };

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
export const leastFloorV = 0.01;

/** Rules whose limit is a floor: volts must reach it, where those of all others must stay under it. */
export const floorRules: readonly RuleId[] = ["hotVmp", "wake"];

/** An edge of an input's window. */
export type WindowEdge = "ceiling" | "floor" | "amps" | "watts";
/** What a rule speaks of on the window chart: the curves of some skies, and the edge they are held against. */
export type ChartPart = { readonly skies: readonly SkyName[]; readonly edge: WindowEdge | null };

export const chartPartOfRule: Readonly<Record<RuleId, ChartPart>> = {
  coldVoc: { skies: ["coldDawn"], edge: "ceiling" },
  hotVmp: { skies: ["hotRoof"], edge: "floor" },
  current: { skies: ["brightNoon"], edge: "amps" },
  watts: { skies: ["brightNoon"], edge: "watts" },
  shared: { skies: ["brightNoon"], edge: "watts" },
  mismatch: { skies: ["brightNoon"], edge: null },
  systemVoltage: { skies: ["coldDawn"], edge: null },
  pwmLoss: { skies: ["brightNoon"], edge: null },
  wake: { skies: [], edge: "floor" },
  mixedStates: { skies: ["brightNoon"], edge: null },
  reverse: { skies: ["coldDawn", "brightNoon"], edge: null },
  fuses: { skies: [], edge: null },
  shelf: { skies: [], edge: null },
  label: { skies: [], edge: null },
};

export function worstLevel(found: readonly Pick<Finding, "level">[]): Level {
  return levels.find((level) => found.some((finding) => finding.level === level)) ?? "good";
}

/** A rule passes when it is good or has only a remark. */
export function passes(level: Level): boolean {
  return level === "good" || level === "note";
}
