import { type School } from "../plan";
import { type Mount } from "../engine/sky";
import { type defaultBonds } from "./forces";

/** What holds a panel in a school: glue, screws through something, its own weight on the ground. */
export type SchoolFacts = {
  readonly holdsBy: "bond" | "screws" | "standing";
  readonly adhesive: keyof typeof defaultBonds | null;
  /** Feet, brackets or fastenings of one panel up to a metre and a half, and of a longer one; screws in each. */
  readonly feet: readonly [number, number];
  readonly screwsEach: number;
  readonly footLongMm: number;
  readonly footWideMm: number;
  /** Whether the frames are drilled unless somebody says otherwise. */ readonly drillsFrame: boolean;
  /** Whether it is driven about; put away before the wind gets strong. */ readonly travels: boolean;
  readonly isStowed: boolean;
  /** How hot the cells get, as the mounts tell it; the first is set where another was reckoned with. */
  readonly heats: readonly Mount[];
};

const none = { adhesive: null, feet: [0, 0], screwsEach: 0, footLongMm: 0, footWideMm: 0, drillsFrame: false } as const;
const still = { travels: false, isStowed: false };
const driven = { travels: true, isStowed: false };

export const schoolFacts: Readonly<Record<School, SchoolFacts>> = {
  tapedFeet: {
    ...driven,
    holdsBy: "bond",
    adhesive: "foamTape",
    feet: [4, 6],
    screwsEach: 2,
    footLongMm: 100,
    footWideMm: 60,
    drillsFrame: false,
    heats: ["roofGap", "tilted"],
  },
  gluedBrackets: {
    ...driven,
    holdsBy: "bond",
    adhesive: "sealant",
    feet: [2, 2],
    screwsEach: 3,
    footLongMm: 600,
    footWideMm: 40,
    drillsFrame: true,
    heats: ["roofGap", "tilted", "flush"],
  },
  ribRails: {
    ...none,
    ...driven,
    holdsBy: "screws",
    feet: [4, 6],
    screwsEach: 1,
    heats: ["roofGap", "tilted", "flush"],
  },
  film: { ...none, ...driven, holdsBy: "bond", adhesive: "foamTape", heats: ["glued"] },
  screwedFeet: {
    ...none,
    ...still,
    holdsBy: "screws",
    feet: [4, 4],
    screwsEach: 2,
    heats: ["tilted", "roofGap", "freeStanding"],
  },
  groundFrame: { ...none, ...still, holdsBy: "standing", heats: ["freeStanding", "tilted"] },
  boatFrame: {
    ...none,
    travels: false,
    isStowed: true,
    holdsBy: "screws",
    feet: [4, 4],
    screwsEach: 1,
    heats: ["tilted", "freeStanding", "roofGap"],
  },
  foldingLegs: {
    ...none,
    travels: false,
    isStowed: true,
    holdsBy: "standing",
    heats: ["freeStanding", "tilted"],
  },
};
