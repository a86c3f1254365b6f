// Written by `npm run lists` from the files in a folder: not edited by hand.
export { boatFrame } from "./boat-frame";
export { film } from "./film";
export { foldingLegs } from "./folding-legs";
export { gluedBrackets } from "./glued-brackets";
export { groundFrame } from "./ground-frame";
export { ribRails } from "./rib-rails";
export { screwedFeet } from "./screwed-feet";
export { tapedFeet } from "./taped-feet";
