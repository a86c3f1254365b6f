import { surfaceSteps } from "../roof-surfaces";
import { hasPanel, insideFirst, type MountingMethod, plainMethod } from "./method";

/** Sealant along its edges: so wide and so high, mm. */
const edgeWideMm = 6;
const edgeHighMm = 2;

export const film: MountingMethod = {
  ...plainMethod,
  holdsBy: "peel",
  adhesive: "foamTape",
  travels: true,
  heats: ["glued"],
  roofSurfaces: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "gelcoat"],
  preparing: (conditions) => ["readSheet", "keepDark", "feelBubbles", ...insideFirst(conditions), "dryFit"],
  fixing: ({ roofSurface }) => [
    "measureCorner",
    "planDrain",
    ...surfaceSteps(roofSurface),
    "warmUp",
    "stickFilm",
    "rollFilm",
    "sealFilm",
  ],
  afterDrive: "firstDriveFilm",
  sealantMl: ({ panels, longMm, wideMm }) => (2 * (longMm + wideMm) * panels * edgeWideMm * edgeHighMm) / 1000,
  suits: (plan) => hasPanel(plan, "bending"),
};
