export { type FindAsk, findWirings } from "./find";
export { createPowerBound } from "./power-bound";
export { type Counts, type NetMix, type StringMix, stringsOf, sumOf } from "./strings";
