import { type Mount } from "../../engine/sky";
import { panelKindFacts, type Plan, type RoofSurface } from "../../plan";
import { type defaultBonds } from "../forces";
import { type StepId } from "../steps";

/** What decides which steps a mounting takes, besides its method. */
export type Conditions = {
  readonly roofSurface: RoofSurface | null;
  /** Where cables go through the roof: by a hole that exists, or one to be cut. */ readonly hole: "new" | "old";
  readonly drillsFrame: boolean;
  /** Of what these panels feed, in any wiring: a controller with its battery to be joined, string fuses, an isolator, a combiner box. */
  readonly hasBattery: boolean;
  readonly hasFuses: boolean;
  readonly hasSwitch: boolean;
  readonly hasBox: boolean;
};

/** What quantities of material are counted from: panels and their feet (of all panels), sizes in mm. */
export type Extent = {
  readonly panels: number;
  readonly longMm: number;
  readonly wideMm: number;
  readonly feet: number;
  readonly footLongMm: number;
  readonly footWideMm: number;
  /** Screws through the roof, of all panels. */ readonly screws: number;
};

/**
 * All there is to know of one way to mount panels. A method is one file beside this one that exports one such object under the name
 * plans keep; nothing outside these files asks for a method by its name.
 */
export type MountingMethod = {
  /** What holds a panel: an adhesive joint in shear and pull, a film that fails by peel, screws, or the weight it stands with. */
  readonly holdsBy: "bond" | "peel" | "screws" | "standing";
  readonly adhesive: keyof typeof defaultBonds | null;
  /** Feet, brackets or fasteners of one panel up to a metre and a half, and of a longer one; screws in each. */
  readonly feet: readonly [number, number];
  readonly footKind: "foot" | "bracket" | "fastener" | "clamp";
  readonly screwsEach: number;
  readonly footLongMm: number;
  readonly footWideMm: number;
  /** Whether the frames are drilled unless somebody says otherwise. */ readonly drillsFrame: boolean;
  /** Whether it is driven about. */ readonly travels: boolean;
  /** Whether panels come in before a gale: never, always, or by what is said of `staysUp`. */
  readonly comesIn: "never" | "always" | "asked";
  /** How the panels are cooled; the first is set where another was assumed. */ readonly heats: readonly Mount[];
  /** What it is made for; the only one of a method that has one is assumed. */
  readonly roofSurfaces: readonly RoofSurface[];
  readonly isOnBuilding: boolean;
  /** Whether snow stays on it long enough to be asked about. */ readonly collectsSnow: boolean;
  /** What moves against the roof as it warms, and whether its bed gives. */
  readonly expansion: { readonly over: "foot" | "panel"; readonly isSoft: boolean } | null;
  /** Where cables go: through the roof by a gland, along a lead, or in the ground. */
  readonly cables: "throughRoof" | "lead" | "buried";
  /** Whether an isolator is expected even where none is entered. */ readonly expectsIsolator: boolean;
  /** How high its legs hold the panels' low edge where nobody said, mm. */ readonly legsMm: number;
  /** Steps before the roof is opened, those that fix the panels, and what follows the first drive. */
  readonly preparing: (conditions: Conditions) => readonly StepId[];
  readonly fixing: (conditions: Conditions) => readonly StepId[];
  readonly afterDrive: StepId | null;
  readonly rivetNutsEach: (footLongMm: number) => number;
  readonly bolts: (extent: Extent) => number;
  /** Sealant besides what the cable gland takes, ml. */ readonly sealantMl: (extent: Extent) => number;
  /** Whether the plan's surfaces and panels suggest it. */ readonly suits: (plan: Plan) => boolean;
  /** Whether it is for panels that fold, and for no others. */ readonly isForFolding: boolean;
  /** What a mounting of it is called until somebody names it. */ readonly place: "roof" | "ground" | "deck";
};

/** What is dead and looked at before anybody opens, feels for or drills what lies under the roof's surface. */
export function insideFirst({ hole }: Conditions): readonly StepId[] {
  return hole === "new" ? ["proveDead", "lookInside"] : ["proveDead"];
}

/** Most methods: no parts of their own, nothing that waits for wind. */
export const plainMethod = {
  adhesive: null,
  feet: [0, 0],
  footKind: "foot",
  screwsEach: 0,
  footLongMm: 0,
  footWideMm: 0,
  drillsFrame: false,
  travels: false,
  comesIn: "never",
  isOnBuilding: false,
  collectsSnow: false,
  expansion: null,
  cables: "throughRoof",
  expectsIsolator: true,
  legsMm: 0,
  afterDrive: null,
  rivetNutsEach: () => 0,
  bolts: ({ feet }) => 2 * feet,
  // a bead over the head of each screw
  sealantMl: ({ screws }) => screws * 8,
  isForFolding: false,
  place: "roof",
} as const satisfies Partial<MountingMethod>;

export function hasSurface({ space }: Plan, ...kinds: readonly Plan["space"]["surfaces"][number]["kind"][]): boolean {
  return space.surfaces.some(({ kind }) => kinds.includes(kind));
}

/** Whether a plan has panels that fold, or that bend and do not, or that do neither. */
export function hasPanel({ panels }: Plan, shape: "folding" | "bending" | "stiff"): boolean {
  return panels.some(({ label: { kind } }) => {
    const { bends, folds } = panelKindFacts[kind];
    return shape === (folds ? "folding" : bends ? "bending" : "stiff");
  });
}
