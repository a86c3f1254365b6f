import { hasSurface, type MountingMethod, plainMethod } from "./method";

export const screwedFeet: MountingMethod = {
  ...plainMethod,
  holdsBy: "screws",
  feet: [4, 4],
  screwsEach: 2,
  heats: ["tilted", "roofGap", "freeStanding"],
  roofSurfaces: ["wood", "paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium"],
  isOnBuilding: true,
  collectsSnow: true,
  expansion: { over: "panel", isSoft: false },
  preparing: () => ["readSheet", "keepDark", "lookOver", "proveDead", "lookInside", "dryFit"],
  fixing: () => ["measureFootHoles", "pilotFootHoles", "screwFeet", "fitLegs", "setLegs"],
  suits: (plan) => hasSurface(plan, "porch"),
};
