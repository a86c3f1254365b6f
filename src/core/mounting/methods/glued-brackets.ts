import { surfaceSteps } from "../roof-surfaces";
import { hasPanel, hasSurface, insideFirst, type MountingMethod, plainMethod } from "./method";

/** Along a bracket a bolt every so far; the bed of sealant under it is so thick, mm. */
const boltEveryMm = 200;
const bedMm = 3;

const boltsEach = (footLongMm: number) => Math.max(2, Math.round(footLongMm / boltEveryMm));

export const gluedBrackets: MountingMethod = {
  ...plainMethod,
  holdsBy: "bond",
  adhesive: "sealant",
  feet: [2, 2],
  footKind: "bracket",
  screwsEach: 3,
  footLongMm: 600,
  footWideMm: 40,
  drillsFrame: true,
  travels: true,
  heats: ["roofGap", "tilted", "flush"],
  roofSurfaces: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "gelcoat", "wood"],
  // a bracket moves over its own length, and its bed gives
  expansion: { over: "foot", isSoft: true },
  preparing: (conditions) => ["readSheet", "keepDark", "lookOver", ...insideFirst(conditions), "dryFit"],
  fixing: ({ roofSurface, drillsFrame }) => [
    "measureCorner",
    ...(drillsFrame
      ? (["markFrames", "drillFrames", "setNuts", "boltBrackets"] as const)
      : (["boltBracketsUndrilled"] as const)),
    ...surfaceSteps(roofSurface),
    "bedBrackets",
    "tightenBrackets",
  ],
  afterDrive: "firstDrive",
  rivetNutsEach: boltsEach,
  bolts: ({ feet, footLongMm }) => feet * boltsEach(footLongMm),
  sealantMl: ({ feet, footLongMm, footWideMm }) => (feet * footLongMm * footWideMm * bedMm) / 1000,
  suits: (plan) => hasSurface(plan, "roof") && hasPanel(plan, "stiff"),
};
