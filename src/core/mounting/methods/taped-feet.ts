import { surfaceSteps } from "../roof-surfaces";
import { hasPanel, hasSurface, insideFirst, type MountingMethod, plainMethod } from "./method";

/** Sealant round a foot lies so far out, mm, as high as foot and tape. */
const beadOutMm = 15;
const beadHighMm = 8;

export const tapedFeet: MountingMethod = {
  ...plainMethod,
  holdsBy: "bond",
  adhesive: "foamTape",
  feet: [4, 6],
  screwsEach: 2,
  footLongMm: 100,
  footWideMm: 60,
  travels: true,
  heats: ["roofGap", "tilted"],
  roofSurfaces: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "gelcoat"],
  expansion: { over: "panel", isSoft: false },
  preparing: (conditions) => ["readSheet", "keepDark", "lookOver", ...insideFirst(conditions), "dryFit"],
  fixing: ({ roofSurface }) => [
    "measureCorner",
    "boltFeet",
    "maskOutline",
    ...surfaceSteps(roofSurface),
    "layTape",
    "setOnTape",
    "buryFeet",
  ],
  afterDrive: "firstDrive",
  sealantMl: ({ feet, footLongMm: long, footWideMm: wide }) =>
    (feet * ((long + 2 * beadOutMm) * (wide + 2 * beadOutMm) - long * wide) * beadHighMm) / 1000,
  suits: (plan) => hasSurface(plan, "roof") && hasPanel(plan, "stiff"),
};
