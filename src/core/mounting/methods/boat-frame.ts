import { hasSurface, type MountingMethod, plainMethod } from "./method";

export const boatFrame: MountingMethod = {
  ...plainMethod,
  holdsBy: "screws",
  feet: [4, 4],
  footKind: "clamp",
  screwsEach: 1,
  comesIn: "asked",
  heats: ["tilted", "freeStanding", "roofGap"],
  roofSurfaces: ["bars", "canvas", "gelcoat", "bareAluminium", "wood"],
  expansion: { over: "panel", isSoft: false },
  cables: "lead",
  preparing: () => ["readSheet", "keepDark", "chooseSpot"],
  fixing: () => ["fitSlides", "clampToSlides", "tieLanyards", "trySliding"],
  // the slides' own joints, and four of each panel
  bolts: ({ panels }) => 8 + 4 * panels,
  suits: (plan) => hasSurface(plan, "deck"),
  place: "deck",
};
