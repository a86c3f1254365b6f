import { gravityMs2 } from "../engine/numeric";
import { type roofZones } from "../plan";

/**
 * Wind, bonds and overturning: planning values, not a structural design. What hangs over people or a road is for the maker's sheet
 * and a competent person.
 */

/** How panels are held, as far as wind is concerned. */
export const windCases = ["film", "flat", "flatLeading", "tilted"] as const;
export type WindCase = (typeof windCases)[number];

/** Half the density of air at 1.226 kg/m³: q = 0.613·v², Pa. */
const dynamicPaPerMs2 = 0.613;
/** Drag of what lies flat, as a share of its uplift. */
const flatDragShare = 0.1;
/** Net pressure on a panel, as a share of the wind's: order of EN 1991-1-4 §7.3 (canopies) and §7.4.3 (signboards). */
const pressureShare: Readonly<Record<WindCase, number>> = { film: 0.3, flat: 0.6, flatLeading: 1.2, tilted: 1.3 };

/** A flat panel with a gap on a building's roof, by where it lies: the field, or its edges and corners, where wind sucks hardest. */
export type RoofZone = (typeof roofZones)[number];
const buildingShare: Readonly<Record<RoofZone, number>> = { field: 1.3, edge: 2 };

export type HeldPanels = {
  readonly windCase: WindCase;
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly count: number;
  readonly windMs: number;
  /** Of tilted ones; others have none. */ readonly tiltDeg: number;
  /** Of flat ones on a building; null: a vehicle or a boat. */ readonly zone: RoofZone | null;
};

export type Forces = { readonly upliftN: number; readonly dragN: number };

/** Forces on all panels together, N: up, and along the wind. */
export function windForces({ windCase, alongMm, acrossMm, count, windMs, tiltDeg, zone }: HeldPanels): Forces {
  const areaM2 = (alongMm * acrossMm) / 1e6;
  const share = windCase === "flat" && zone !== null ? buildingShare[zone] : pressureShare[windCase];
  const squareN = dynamicPaPerMs2 * windMs ** 2 * share * areaM2 * count;
  if (windCase !== "tilted") return { upliftN: squareN, dragN: flatDragShare * squareN };
  const tilt = radians(tiltDeg);
  return { upliftN: squareN * Math.cos(tilt), dragN: squareN * Math.sin(tilt) };
}

/** What bonds one panel: mm² that hold, and the strength of the adhesive for gusts and for good, kPa. */
export type Bond = { readonly areaMm2: number; readonly shortTermKpa: number; readonly longTermKpa: number };
export const adhesives = ["foamTape", "sealant"] as const;
export type Adhesive = (typeof adhesives)[number];

/** Careful figures at 20 °C where the maker's sheet is not at hand; tape under sealant counts the tape alone. */
export const defaultBonds: Readonly<Record<Adhesive, Omit<Bond, "areaMm2">>> = {
  foamTape: { shortTermKpa: 85, longTermKpa: 1.7 },
  sealant: { shortTermKpa: 200, longTermKpa: 20 },
};

/** Strength lost with each K over 20 °C: tape is at a half at 70 °C, polyurethane at 0.7. */
const lossPerK: Readonly<Record<Adhesive, number>> = { foamTape: 0.01, sealant: 0.006 };
/** Hotter than this nothing is known of it. */
const hottestJudgedC = 90;

/** What is left of an adhesive's strength at a back's temperature; null: hotter than is judged. Cold never adds. */
export function strengthAt(adhesive: Adhesive, backTempC: number): number | null {
  if (backTempC > hottestJudgedC) return null;
  return 1 - lossPerK[adhesive] * Math.max(0, backTempC - 20);
}

/** How many newtons an area holds at a strength. */
export function bondN(areaMm2: number, kpa: number): number {
  return (areaMm2 / 1e6) * kpa * 1000;
}

/** How much of a bond one panel's uplift and its weight use; 1 is all of it. */
export function bondUse(bond: Bond, upliftN: number, weightKg: number) {
  return {
    windUse: upliftN / bondN(bond.areaMm2, bond.shortTermKpa),
    restUse: (weightKg * gravityMs2) / bondN(bond.areaMm2, bond.longTermKpa),
  };
}

/** Rows of feet of one tilted panel, from the low edge to the raised one: how many stand in each, and how much of it is bonded. */
export type FeetRow = { readonly count: number; readonly areaMm2: number | null };
export type TiltedFeet = {
  readonly footHeightMm: number;
  /** Between the outer rows; null: the panel's own foot print, along × cos β. */ readonly baseMm: number | null;
  readonly rows: readonly FeetRow[];
};

/** What one tilted panel does to its feet: wind from behind turns it over the lee row. */
export type FeetForces = {
  /** Pull on the whole windward row, and shear over all feet, N. */ readonly windwardPullN: number;
  readonly shearN: number;
  readonly pullEachN: number;
  readonly shearEachN: number;
  /** Share of the bond used; null where no areas are known. */ readonly bondUse:
    ((shortTermKpa: number) => number) | null;
};

/**
 * Moments about the lee feet: P = (drag·h + (uplift − weight)·b/2)/b. Wind comes from any side, so that the weaker outer row counts as
 * windward; rows between share the shear only.
 */
export function feetForces(
  { upliftN, dragN }: Forces,
  panel: { readonly alongMm: number; readonly weightKg: number },
  tiltDeg: number,
  { footHeightMm, baseMm, rows }: TiltedFeet,
): FeetForces {
  const tilt = radians(tiltDeg);
  const base = baseMm ?? panel.alongMm * Math.cos(tilt);
  const height = footHeightMm + (panel.alongMm / 2) * Math.sin(tilt);
  const windwardPullN = Math.max(0, (dragN * height + ((upliftN - panel.weightKg * gravityMs2) * base) / 2) / base);
  const outer = rows.filter((_, k) => k === 0 || k === rows.length - 1);
  const feet = rows.reduce((sum, { count }) => sum + count, 0);
  const areas = rows.map(({ areaMm2 }) => areaMm2);
  const wholeMm2 = areas.reduce((sum: number | null, area) => (sum === null || area === null ? null : sum + area), 0);
  const windwardMm2 = Math.min(...outer.map(({ areaMm2 }) => areaMm2 ?? 0));
  return {
    windwardPullN,
    shearN: dragN,
    pullEachN: windwardPullN / Math.min(...outer.map(({ count }) => count)),
    shearEachN: dragN / feet,
    bondUse: wholeMm2 === null ? null : (kpa) => windwardPullN / bondN(windwardMm2, kpa) + dragN / bondN(wholeMm2, kpa),
  };
}

/** Snow on a panel, N: the ground's × 0.8 to 30°, less and less to 60°, on its plan area (EN 1991-1-3). */
export function snowN(snowKnM2: number, areaMm2: number, tiltDeg: number): number {
  const shape = tiltDeg <= 30 ? 0.8 : tiltDeg >= 60 ? 0 : (0.8 * (60 - tiltDeg)) / 30;
  return snowKnM2 * 1000 * shape * (areaMm2 / 1e6) * Math.cos(radians(tiltDeg));
}

/** A free frame: how long it is along the wind, and what it weighs besides the panels. */
export type Base = { readonly alongMm: number; readonly weightKg: number };

/**
 * Overturning of a frame on the ground: moments about its lee edge. `useShare` over 1 falls over; `anchorN` is the pull at which one
 * side's anchors together just keep it, 0 where it stands by itself; `slideShare` over 1: friction of 0.4 does not hold it.
 */
export function overturning({ upliftN, dragN }: Forces, base: Base, heightMm: number, panelsKg: number) {
  const alongM = base.alongMm / 1000;
  const weightN = (base.weightKg + panelsKg) * gravityMs2;
  const overturningNm = (dragN * heightMm) / 1000 + (upliftN * alongM) / 2;
  const holdingNm = (weightN * alongM) / 2;
  return {
    useShare: overturningNm / holdingNm,
    anchorN: Math.max(0, (overturningNm - holdingNm) / alongM),
    slideShare: weightN > upliftN ? dragN / (friction * (weightN - upliftN)) : Infinity,
  };
}
const friction = 0.4;

/** Anchors stand at all corners, as wind comes from any side; each is made for twice its share of what just keeps the frame. */
export function anchorEachN(anchorN: number, anchorsPerSide: number): number {
  return (anchorReserve * anchorN) / anchorsPerSide;
}
const anchorReserve = 2;

function radians(deg: number): number {
  return (deg * Math.PI) / 180;
}
