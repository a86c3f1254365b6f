export {
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
export {
  type CableBook,
  cableBooks,
  type Laying,
  layings,
  sizeNamed,
  sizeNames,
  sizesOf,
  type TerminalC,
} from "./tables";
export { type CablePlace, cablePlaces, placeAirC } from "./place";
