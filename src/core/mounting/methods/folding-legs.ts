import { hasPanel, type MountingMethod, plainMethod } from "./method";

export const foldingLegs: MountingMethod = {
  ...plainMethod,
  holdsBy: "standing",
  comesIn: "always",
  heats: ["freeStanding", "tilted"],
  roofSurfaces: ["earth"],
  cables: "lead",
  expectsIsolator: false,
  preparing: () => ["readSheet", "keepDark", "chooseSpot"],
  fixing: () => ["unfold", "aim", "pegLegs", "lockUp"],
  suits: (plan) => hasPanel(plan, "folding"),
  isForFolding: true,
  place: "ground",
};
