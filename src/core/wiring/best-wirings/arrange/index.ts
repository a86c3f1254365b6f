export { type ArrangeAsk } from "./ask";
export {
  arrange,
  type Arranged,
  type ArrangeProgress,
  type Bounds,
  boundsOf,
  type FirstLook,
  firstLook,
  quickProof,
} from "./arrange";
export { bestStrings } from "./best-strings";
export { type Bench, createBench, createBenches } from "./search-context";
export { factsOf, type FactsAsk, planWired, type WiringFacts } from "./facts";
export { type Goal } from "./goal";
export { type Offer, type Point, type Title } from "./offers";
export { type LeftOut } from "./problem";
export { robustness, type RobustAsk, type Trial, type TrialResult } from "./robust";
export { assumedPrices } from "./prices";
