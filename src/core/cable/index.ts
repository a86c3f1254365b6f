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
export { dropOf, runOhm } from "./drop";
export {
  type CableBook,
  cableBooks,
  type CableSize,
  isInTables,
  type Laid,
  type Laying,
  layings,
  sizeNamed,
  sizeNames,
  sizesOf,
  type TerminalC,
} from "./tables";
export { type CablePlace, cablePlaces, placeAirC } from "./place";
