export { type Arrangement, type FindAsk, type FindStep, findWirings, type Found } from "./find";
export { createPowerBound } from "./power-bound";
export { type Counts, type NetMix, netsOf, type RowMix, rowsOf, sumOf } from "./rows";
