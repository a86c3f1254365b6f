/**
 * Wind, bonds and overturning: planning values, not a structural design. What hangs over people or a road is for the maker's sheet
 * and a competent person.
 */

/** How panels are held, as far as wind is concerned. */
export const windSchools = ["film", "flat", "flatLeading", "tilted"] as const;
export type WindSchool = (typeof windSchools)[number];

/** Half the density of air at 1.226 kg/m³: q = 0.613·v², Pa. */
const dynamicPaPerMs2 = 0.613;
const gravityMs2 = 9.81;
/** Drag of what lies flat, as a share of its uplift. */
const flatDragShare = 0.1;
/** Net pressure on a panel, as a share of the wind's: order of EN 1991-1-4 §7.3 (canopies) and §7.4.3 (signboards). */
const pressureShare: Readonly<Record<WindSchool, number>> = { film: 0.3, flat: 0.6, flatLeading: 1.2, tilted: 1.3 };

export type HeldPanels = {
  readonly school: WindSchool;
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly weightKg: number;
  readonly count: number;
  readonly windMs: number;
  /** Of tilted ones; flat ones have none. */ readonly tiltDeg: number;
};

/** Forces on all panels together, N: up and along the wind. */
export function windForces({ school, alongMm, acrossMm, count, windMs, tiltDeg }: HeldPanels) {
  const areaM2 = (alongMm * acrossMm) / 1e6;
  const squareN = dynamicPaPerMs2 * windMs ** 2 * pressureShare[school] * areaM2 * count;
  if (school !== "tilted") return { upliftN: squareN, dragN: flatDragShare * squareN };
  const tilt = (tiltDeg * Math.PI) / 180;
  return { upliftN: squareN * Math.cos(tilt), dragN: squareN * Math.sin(tilt) };
}

/** What bonds one panel: mm² that hold, and what the adhesive bears for gusts and for good, kPa. */
export type Bond = { readonly areaMm2: number; readonly shortTermKpa: number; readonly longTermKpa: number };

/** Careful figures where the maker's sheet is not at hand; tape under sealant counts the tape alone. */
export const usualBonds = {
  foamTape: { shortTermKpa: 85, longTermKpa: 1.7 },
  sealant: { shortTermKpa: 200, longTermKpa: 20 },
} as const;

/** How much of a bond one panel's uplift and its weight use; 1 is all of it. */
export function bondUse(bond: Bond, upliftN: number, weightKg: number) {
  const bearsN = (kpa: number) => (bond.areaMm2 / 1e6) * kpa * 1000;
  return { windUse: upliftN / bearsN(bond.shortTermKpa), restUse: (weightKg * gravityMs2) / bearsN(bond.longTermKpa) };
}

/** A free frame: how long it is along the wind, and what it weighs besides the panels. */
export type Base = { readonly alongMm: number; readonly weightKg: number };

/**
 * Overturning of a frame on the ground: moments about its lee edge. `useShare` over 1 falls over; `anchorN` is the pull that anchors on
 * the windward edge must bear, 0 where it stands by itself; `slides`: whether friction of 0.4 does not hold it.
 */
export function overturning(
  { upliftN, dragN }: { readonly upliftN: number; readonly dragN: number },
  base: Base,
  heightMm: number,
  panelsKg: number,
) {
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
