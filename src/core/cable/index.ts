export { chooseSize, designOf, dropLimitOf, mostAmps, type RunAsk, sizedRun, type SizedRun } from "./choose";
export { dropOf, runOhm } from "./drop";
export { type CableBook, cableBooks, type CableSize, heatFactor, sizeNamed, sizeNames, sizesOf } from "./tables";
