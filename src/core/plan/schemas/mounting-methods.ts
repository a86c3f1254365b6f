// Written by `npm run lists` from the files in a folder: not edited by hand.
export const mountingMethodIds = [
  "boatFrame",
  "film",
  "foldingLegs",
  "gluedBrackets",
  "groundFrame",
  "ribRails",
  "screwedFeet",
  "tapedFeet",
] as const;
