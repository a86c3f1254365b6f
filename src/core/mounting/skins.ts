import { type School, type Skin } from "../plan";

/** What a base is fixed to: how it is made ready for tape and glue, what holds on it, how much it grows with heat. */
export type SkinFacts = {
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

export const skinFacts: Readonly<Record<Skin, SkinFacts>> = {
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

/** What a school goes on. */
const skinsOf: Readonly<Record<School, readonly Skin[]>> = {
  tapedFeet: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "gelcoat"],
  gluedBrackets: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "gelcoat", "wood"],
  ribRails: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "bars"],
  film: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "gelcoat"],
  screwedFeet: ["wood", "paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium"],
  groundFrame: ["earth"],
  boatFrame: ["bars", "canvas", "gelcoat", "bareAluminium", "wood"],
  foldingLegs: ["earth"],
};

export function skinsFor(school: School): readonly Skin[] {
  return skinsOf[school];
}

/** What lies on the ground lies on nothing else; elsewhere somebody has to say. */
export function skinOf({ school, skin }: { readonly school: School; readonly skin: Skin | null }): Skin | null {
  const [only, ...others] = skinsOf[school];
  return skin ?? (others.length === 0 ? (only ?? null) : null);
}
