// Written by `npm run lists` from the files in a folder: not edited by hand.
export * from "./cold-voc";
export * from "./copper";
export * from "./current";
export * from "./fuses";
export * from "./hot-vmp";
export * from "./label";
export * from "./mismatch";
export * from "./mixed-states";
export * from "./mount";
export * from "./pwm-loss";
export * from "./reverse";
export * from "./roof";
export * from "./shared";
export * from "./shelf";
export * from "./system-voltage";
export * from "./wake";
export * from "./watts";
