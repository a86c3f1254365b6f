import { gravityMs2 } from "../engine/numeric";
import { type Fixing, type Plan } from "../plan";
import {
  type Adhesive,
  anchorEachN,
  bondN,
  bondUse,
  feetForces,
  type FeetForces,
  overturning,
  strengthAt,
  type TiltedFeet,
  defaultBonds,
} from "./forces";
import { type Load, type PanelWind, surfacesUnder } from "./load";
import { mountingMethods } from "./methods";

/** What a tilted panel does to its feet: it turns over the lee row. */
export type Turned = {
  readonly windwardPullN: number;
  readonly shearN: number;
  readonly pullEachN: number;
  readonly shearEachN: number;
  readonly footHeightMm: number;
  readonly baseMm: number;
};

/** What holds the panels of a fixing, against what pulls at them. `on`: the panel and the wind that are worst. */
export type Hold =
  | {
      readonly type: "bond";
      readonly on: PanelWind;
      readonly adhesive: Adhesive;
      readonly feet: number;
      readonly footLongMm: number;
      readonly footWideMm: number;
      readonly isAssumed: boolean;
      /** Of one panel. */ readonly areaMm2: number;
      /** At 20 °C, and what is left of it as hot as it gets; null: hotter than is judged. */
      readonly shortTermKpa: number;
      readonly longTermKpa: number;
      readonly backTempC: number;
      readonly strengthLeft: number | null;
      readonly strengthIsAssumed: boolean;
      /** What it can hold by its area, as hot as it gets, N. */ readonly bearsN: number;
      /** Of a tilted panel; null: it lies flat. */ readonly turned: Turned | null;
      /** null: hotter than is judged. */ readonly windUse: number | null;
      /** Where its weight hangs or slides on the bond, else null. */ readonly restUse: number | null;
    }
  /** A film glued whole fails by peel from its leading edge, which no area tells. */
  | { readonly type: "peel"; readonly frontEdge: Fixing["frontEdge"]; readonly isDriven: boolean }
  | {
      readonly type: "screws";
      readonly on: PanelWind;
      /** In one panel, and of them in its weaker outer row. */ readonly count: number;
      readonly windward: number;
      /** Pull and shear together on the one that is pulled most. */ readonly eachN: number;
      readonly turned: Turned | null;
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
      /** What one side's anchors together just keep it with; what each must bear, reserve in it; how many a side. */
      readonly neededN: number;
      readonly neededEachN: number;
      readonly perSide: number;
      /** What each bears as tested; 0: there are none. */ readonly anchorEachN: number;
      /** How much of what keeps it from falling is used, half the anchors' strength counted. */ readonly anchoredUse: number;
      readonly slideShare: number;
    };

/** Steeper than this the weight of a panel hangs on its bond, °. */
const hangsFromDeg = 15;
/** Where nobody has said how high feet hold the low edge, mm. */
const defaultFootHeightMm = 60;

/** How many feet hold a panel, and how long and wide each is, as said or as usual. */
export function feetOf(fixing: Fixing, longMm: number) {
  const facts = mountingMethods[fixing.method];
  const [few, many] = facts.feet;
  return {
    feet: fixing.feet ?? (longMm > longPanelMm ? many : few),
    footLongMm: Math.min(fixing.footLongMm ?? facts.footLongMm, longMm),
    footWideMm: fixing.footWideMm ?? facts.footWideMm,
    isAssumed: fixing.feet === null || fixing.footLongMm === null || fixing.footWideMm === null,
  };
}
const longPanelMm = 1500;

/** `backTempC`: of what is glued on the hottest day; null where nothing is. */
export function holdOf(plan: Plan, fixing: Fixing, load: Load, backTempC: number | null): Hold {
  const { holdsBy, adhesive } = mountingMethods[fixing.method];
  switch (holdsBy) {
    case "bond":
      return bonded(plan, fixing, load, adhesive ?? "foamTape", backTempC ?? 20);
    case "peel":
      return { type: "peel", frontEdge: fixing.frontEdge, isDriven: load.speedKmh > 0 };
    case "screws":
      return screwed(fixing, load);
    case "standing":
      return standing(fixing, load);
  }
}

/** The feet of a tilted panel: two rows, one along each long edge, which is where wind turns it over soonest. */
function rowsOf(fixing: Fixing, count: number, areaEachMm2: number | null): TiltedFeet {
  const row = (feet: number) => ({ count: feet, areaMm2: areaEachMm2 === null ? null : feet * areaEachMm2 });
  return {
    footHeightMm: fixing.footHeightMm ?? defaultFootHeightMm,
    baseMm: null,
    rows: [row(Math.max(1, Math.floor(count / 2))), row(Math.max(1, Math.ceil(count / 2)))],
  };
}

function turnedOn(on: PanelWind, feet: TiltedFeet): { readonly turned: Turned; readonly forces: FeetForces } | null {
  if (on.windCase !== "tilted") return null;
  const forces = feetForces(on, { alongMm: on.wideMm, weightKg: on.kg }, on.tiltDeg, feet);
  const { windwardPullN, shearN, pullEachN, shearEachN } = forces;
  const baseMm = on.wideMm * Math.cos((on.tiltDeg * Math.PI) / 180);
  return {
    forces,
    turned: { windwardPullN, shearN, pullEachN, shearEachN, footHeightMm: feet.footHeightMm, baseMm },
  };
}

/** The wind and the panel that use most of what holds them. */
function worstBy<T extends { readonly use: number }>(each: readonly T[]): T {
  const [first, ...others] = each;
  if (first === undefined) throw new Error("a load has panels");
  return others.reduce((most, one) => (one.use > most.use ? one : most), first);
}

function bonded(plan: Plan, fixing: Fixing, load: Load, adhesive: Adhesive, backTempC: number): Hold {
  const { feet, footLongMm, footWideMm, isAssumed } = feetOf(fixing, load.longMm);
  const areaEachMm2 = footLongMm * footWideMm;
  const areaMm2 = feet * areaEachMm2;
  const usual = defaultBonds[adhesive];
  const shortTermKpa = fixing.shortTermKpa ?? usual.shortTermKpa;
  const longTermKpa = fixing.longTermKpa ?? usual.longTermKpa;
  const strengthLeft = strengthAt(adhesive, backTempC);
  const shortKpa = shortTermKpa * (strengthLeft ?? 1);
  const bond = { areaMm2, shortTermKpa: shortKpa, longTermKpa: longTermKpa * (strengthLeft ?? 1) };
  const rows = rowsOf(fixing, feet, areaEachMm2);
  const worst = worstBy(
    load.each.map((on) => {
      const turn = turnedOn(on, rows);
      const use = turn === null ? bondUse(bond, on.upliftN, on.kg).windUse : (turn.forces.bondUse?.(shortKpa) ?? 0);
      return { on, turned: turn?.turned ?? null, use };
    }),
  );
  const { restUse } = bondUse(bond, 0, worst.on.kg);
  const hangs = surfacesUnder(plan, fixing).some(({ slopeDeg }) => slopeDeg > hangsFromDeg);
  return {
    type: "bond",
    on: worst.on,
    adhesive,
    feet,
    footLongMm,
    footWideMm,
    isAssumed,
    areaMm2,
    shortTermKpa,
    longTermKpa,
    backTempC,
    strengthLeft,
    strengthIsAssumed: fixing.shortTermKpa === null || fixing.longTermKpa === null,
    bearsN: bondN(areaMm2, shortKpa),
    turned: worst.turned,
    windUse: strengthLeft === null ? null : worst.use,
    restUse: hangs && strengthLeft !== null ? restUse : null,
  };
}

function screwed(fixing: Fixing, load: Load): Hold {
  const count = feetOf(fixing, load.longMm).feet * mountingMethods[fixing.method].screwsEach;
  const rows = rowsOf(fixing, count, null);
  const worst = worstBy(
    load.each.map((on) => {
      const turned = turnedOn(on, rows)?.turned ?? null;
      // lying flat the little drag there is pulls the windward ones out as well
      const use = turned === null ? (on.upliftN + on.dragN) / count : Math.hypot(turned.pullEachN, turned.shearEachN);
      return { on, turned, use };
    }),
  );
  return {
    type: "screws",
    on: worst.on,
    count,
    windward: rows.rows[0]?.count ?? count,
    eachN: worst.use,
    turned: worst.turned,
    bearsEachN: fixing.pullOutN,
    use: fixing.pullOutN === null ? null : worst.use / fixing.pullOutN,
  };
}

function standing(fixing: Fixing, load: Load): Hold {
  const tilt = (load.tiltDeg * Math.PI) / 180;
  const { legsMm } = mountingMethods[fixing.method];
  const heightMm = fixing.heightMm ?? Math.max(1, legsMm + (load.wideMm * Math.sin(tilt)) / 2);
  const baseLongMm = fixing.baseLongMm ?? Math.max(100, load.wideMm * Math.cos(tilt));
  const baseKg = fixing.baseKg ?? 0;
  const base = { alongMm: baseLongMm, weightKg: baseKg };
  const { useShare, anchorN: neededN, slideShare } = overturning(load.all, base, heightMm, load.kg);
  const perSide = fixing.anchorsPerSide ?? defaultPerSide;
  const eachN = fixing.anchorEachN ?? 0;
  // of what anchors bear as tested, half is counted
  const sideN = (eachN * perSide) / 2;
  const holdingN = (baseKg + load.kg) * gravityMs2;
  return {
    type: "standing",
    heightMm,
    baseLongMm,
    baseKg,
    isAssumed: fixing.heightMm === null || fixing.baseLongMm === null || fixing.baseKg === null,
    useShare,
    neededN,
    neededEachN: anchorEachN(neededN, perSide),
    perSide,
    anchorEachN: eachN,
    // moments are about the lee edge: an anchor's arm is the whole base, the weight's half of it
    anchoredUse: (useShare * holdingN) / 2 / (holdingN / 2 + sideN),
    slideShare: eachN > 0 && slideShare > 1 ? slidesWith(load, holdingN, 2 * sideN) : slideShare,
  };
}
/** All four corners: two anchors a side. */
const defaultPerSide = 2;

/** Anchors in the ground hold it sideways as well as they hold it down, those of both sides. */
function slidesWith({ all: { upliftN, dragN } }: Load, holdingN: number, anchorsN: number): number {
  return dragN / (0.4 * Math.max(0, holdingN - upliftN) + anchorsN);
}
