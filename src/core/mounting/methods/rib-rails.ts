import { edgeIsPainted } from "../roof-surfaces";
import { type MountingMethod, plainMethod } from "./method";

export const ribRails: MountingMethod = {
  ...plainMethod,
  holdsBy: "screws",
  feet: [4, 6],
  footKind: "fastener",
  screwsEach: 1,
  travels: true,
  heats: ["roofGap", "tilted", "flush"],
  roofSurfaces: ["paintedSteel", "bareSteel", "paintedAluminium", "bareAluminium", "bars"],
  expansion: { over: "panel", isSoft: false },
  preparing: () => ["readSheet", "keepDark", "lookOver", "proveDead", "lookInside", "dryFit"],
  fixing: ({ roofSurface }) => [
    "findRibs",
    "measureFootHoles",
    "pilotFootHoles",
    "drillFootHoles",
    ...(edgeIsPainted(roofSurface) ? (["paintFootHoles"] as const) : []),
    "bedRails",
    "clampPanels",
    "tiePanels",
  ],
  afterDrive: "firstDrive",
  suits: ({ space }) => space.surfaces.some(({ ribs }) => ribs !== null),
};
