export { type CableStandardId, cableStandardIds, cableStandards } from "./standards";
export {
  canCarry,
  chooseSize,
  designOf,
  dropLimitOf,
  maxAmps,
  mustCarry,
  type NoSize,
  type RunAsk,
  sizedRun,
  type SizedRun,
} from "./choose";
export { type CableSize, type Laying, layings, sizeNamed, sizeNames, sizesOf, type TerminalC } from "./tables";
export { type CablePlace, cablePlaces, placeAirC } from "./place";
