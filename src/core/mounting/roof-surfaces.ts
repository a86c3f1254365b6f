import { type RoofSurface } from "../plan";
import { type StepId } from "./steps";

/** What a base is fixed to: how it is made ready for tape and glue, what holds on it, how much it grows with heat. */
export type RoofSurfaceFacts = {
  /** Whether foam tape, and whether polyurethane sealant, holds on it once it is clean and primed. */
  readonly tapeHolds: boolean;
  readonly sealantHolds: boolean;
  /** Roughened first, and which primer then; null: none. */ readonly isAbraded: boolean;
  readonly primer: "paint" | "metal" | "plastic" | "wood" | null;
  /** Cut edges rust, or drink water: they are painted or sealed. */ readonly edgeIsPainted: boolean;
  /** How much a metre of it grows by each degree, mm (usual values of the material). */ readonly growsMmPerMK: number;
};

const sheet = { tapeHolds: true, sealantHolds: true };
const neither = { tapeHolds: false, sealantHolds: false, isAbraded: false, primer: null, edgeIsPainted: false };

export const roofSurfaceFacts: Readonly<Record<RoofSurface, RoofSurfaceFacts>> = {
  paintedSteel: { ...sheet, isAbraded: false, primer: "paint", edgeIsPainted: true, growsMmPerMK: 0.012 },
  bareSteel: { ...sheet, isAbraded: true, primer: "metal", edgeIsPainted: true, growsMmPerMK: 0.012 },
  paintedAluminium: { ...sheet, isAbraded: false, primer: "paint", edgeIsPainted: false, growsMmPerMK: 0.023 },
  bareAluminium: { ...sheet, isAbraded: true, primer: "metal", edgeIsPainted: false, growsMmPerMK: 0.023 },
  gelcoat: { ...sheet, isAbraded: true, primer: "plastic", edgeIsPainted: true, growsMmPerMK: 0.025 },
  // what makes it soft creeps into any glue
  rubber: { ...neither, growsMmPerMK: 0 },
  wood: {
    tapeHolds: false,
    sealantHolds: true,
    isAbraded: true,
    primer: "wood",
    edgeIsPainted: true,
    growsMmPerMK: 0.005,
  },
  bars: { ...neither, growsMmPerMK: 0.023 },
  canvas: { ...neither, growsMmPerMK: 0 },
  earth: { ...neither, growsMmPerMK: 0 },
};

/** What a panel's own frame grows: aluminium. */
export const frameGrowsMmPerMK = 0.023;

/** How a surface is made ready for tape or sealant: where nobody named it all is done, which harms none that glue holds on. */
export function surfaceSteps(surface: RoofSurface | null): readonly StepId[] {
  const { isAbraded, primer } = surface === null ? { isAbraded: true, primer: "metal" } : roofSurfaceFacts[surface];
  return [...(isAbraded ? (["roughen"] as const) : []), "wash", ...(primer === null ? [] : (["prime"] as const))];
}

/** Whether a cut edge is painted or sealed: of a surface nobody named, yes. */
export function edgeIsPainted(surface: RoofSurface | null): boolean {
  return surface === null || roofSurfaceFacts[surface].edgeIsPainted;
}
