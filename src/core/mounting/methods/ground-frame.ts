import { hasSurface, type MountingMethod, plainMethod } from "./method";

export const groundFrame: MountingMethod = {
  ...plainMethod,
  holdsBy: "standing",
  heats: ["freeStanding", "tilted"],
  roofSurfaces: ["earth"],
  collectsSnow: true,
  cables: "buried",
  legsMm: 300,
  preparing: () => ["readSheet", "keepDark", "chooseSpot"],
  fixing: () => ["buildFrame", "boltToFrame", "rollOut", "wedgeWheels", "loadBallast", "setAnchors"],
  // the frame's own joints, and four of each panel
  bolts: ({ panels }) => 8 + 4 * panels,
  suits: (plan) => hasSurface(plan, "ground", "frame"),
  place: "ground",
};
