import { type Fixing, type Plan } from "../plan";
import { bondUse, overturning, usualBonds } from "./forces";
import { type Load, surfacesUnder } from "./load";
import { schoolFacts } from "./schools";

/** What holds the panels of a fixing, against what pulls at them. */
export type Hold =
  | {
      readonly type: "bond";
      readonly adhesive: "foamTape" | "sealant";
      readonly feet: number;
      readonly footLongMm: number;
      readonly footWideMm: number;
      readonly isAssumed: boolean;
      /** Of one panel. */ readonly areaMm2: number;
      readonly shortTermKpa: number;
      readonly longTermKpa: number;
      readonly strengthIsAssumed: boolean;
      readonly bearsN: number;
      readonly windUse: number;
      /** Where its weight hangs or slides on the bond, else null. */ readonly restUse: number | null;
    }
  | {
      readonly type: "screws";
      /** In one panel. */ readonly count: number;
      readonly eachN: number;
      readonly bearsEachN: number | null;
      readonly use: number | null;
    }
  | {
      readonly type: "standing";
      readonly heightMm: number;
      readonly baseLongMm: number;
      readonly baseKg: number;
      readonly isAssumed: boolean;
      readonly useShare: number;
      /** What anchors must bear, what they do, and how the share is with them. */
      readonly neededN: number;
      readonly anchorN: number;
      readonly anchoredUse: number;
      readonly slideShare: number;
    };

/** Steeper than this the weight of a panel hangs on its bond, °. */
const hangsFromDeg = 15;
/** Of a glued film so much touches the skin: its edges and its box do not. */
const filmShare = 0.95;
/** Where the middle of its panels is not said: half their height by the tilt, on legs so high, mm. */
const usualLegsMm = 300;
/** A frame falls before its anchors are all of use: they pull at its windward edge, which is where it lifts. */

/** How many feet hold a panel, and how long and wide each is, as said or as usual. */
export function feetOf(fixing: Fixing, longMm: number) {
  const facts = schoolFacts[fixing.school];
  const [few, many] = facts.feet;
  return {
    feet: fixing.feet ?? (longMm > longPanelMm ? many : few),
    footLongMm: Math.min(fixing.footLongMm ?? facts.footLongMm, longMm),
    footWideMm: fixing.footWideMm ?? facts.footWideMm,
    isAssumed: fixing.feet === null || fixing.footLongMm === null || fixing.footWideMm === null,
  };
}
const longPanelMm = 1500;

export function holdOf(plan: Plan, fixing: Fixing, load: Load): Hold {
  const facts = schoolFacts[fixing.school];
  switch (facts.holdsBy) {
    case "bond":
      return bonded(plan, fixing, load, facts.adhesive ?? "foamTape");
    case "screws": {
      const count = feetOf(fixing, load.longMm).feet * facts.screwsEach;
      // the drag of one panel pulls its windward screws out as well
      const eachN = (load.worst.upliftN + load.worst.dragN) / count;
      return {
        type: "screws",
        count,
        eachN,
        bearsEachN: fixing.pullOutN,
        use: fixing.pullOutN === null ? null : eachN / fixing.pullOutN,
      };
    }
    case "standing":
      return standing(fixing, load);
  }
}

function bonded(plan: Plan, fixing: Fixing, load: Load, adhesive: "foamTape" | "sealant"): Hold {
  const { feet, footLongMm, footWideMm, isAssumed } = feetOf(fixing, load.longMm);
  const isFilm = fixing.school === "film";
  const areaMm2 = isFilm ? filmShare * (load.areaMm2 / load.panels) : feet * footLongMm * footWideMm;
  const usual = usualBonds[adhesive];
  const shortTermKpa = fixing.shortTermKpa ?? usual.shortTermKpa;
  const longTermKpa = fixing.longTermKpa ?? usual.longTermKpa;
  const use = bondUse({ areaMm2, shortTermKpa, longTermKpa }, load.worst.upliftN, load.worst.kg);
  const hangs = surfacesUnder(plan, fixing).some(({ slopeDeg }) => slopeDeg > hangsFromDeg);
  return {
    type: "bond",
    adhesive,
    feet: isFilm ? 1 : feet,
    footLongMm: isFilm ? load.longMm : footLongMm,
    footWideMm: isFilm ? load.wideMm : footWideMm,
    isAssumed: !isFilm && isAssumed,
    areaMm2,
    shortTermKpa,
    longTermKpa,
    strengthIsAssumed: fixing.shortTermKpa === null || fixing.longTermKpa === null,
    bearsN: (areaMm2 / 1e6) * shortTermKpa * 1000,
    windUse: use.windUse,
    restUse: hangs ? use.restUse : null,
  };
}

function standing(fixing: Fixing, load: Load): Hold {
  const tilt = (load.tiltDeg * Math.PI) / 180;
  const legsMm = fixing.school === "groundFrame" ? usualLegsMm : 0;
  const heightMm = fixing.heightMm ?? Math.max(1, legsMm + (load.wideMm * Math.sin(tilt)) / 2);
  const baseLongMm = fixing.baseLongMm ?? Math.max(100, load.wideMm * Math.cos(tilt));
  const baseKg = fixing.baseKg ?? 0;
  const base = { alongMm: baseLongMm, weightKg: baseKg };
  const { useShare, anchorN: neededN, slideShare } = overturning(load.all, base, heightMm, load.kg);
  const anchorN = fixing.anchorN ?? 0;
  const holdingN = (baseKg + load.kg) * 9.81;
  return {
    type: "standing",
    heightMm,
    baseLongMm,
    baseKg,
    isAssumed: fixing.heightMm === null || fixing.baseLongMm === null || fixing.baseKg === null,
    useShare,
    neededN,
    anchorN,
    // both moments are about the lee edge: an anchor's arm is the whole base, the weight's half of it
    anchoredUse: (useShare * holdingN) / 2 / (holdingN / 2 + anchorN),
    slideShare: anchorN > 0 && slideShare > 1 ? slidesWith(load, holdingN, anchorN) : slideShare,
  };
}

/** Anchors in the ground hold it sideways as well as they hold it down. */
function slidesWith({ all: { upliftN, dragN } }: Load, holdingN: number, anchorN: number): number {
  return dragN / (0.4 * Math.max(0, holdingN - upliftN) + anchorN);
}
