export { allMends, findMends } from "./mends";
export {
  type Arrangement,
  type Counts,
  createPowerBound,
  type FindAsk,
  type FindStep,
  findWirings,
  type Found,
  type NetMix,
  type RowMix,
} from "./exact";
