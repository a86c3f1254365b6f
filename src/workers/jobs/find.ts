import {
  arrange,
  type ArrangeAsk,
  type Arranged,
  type ArrangeProgress,
  type Bench,
  type Bounds,
  type Bought,
  boundsOf,
  type BuyAsk,
  type BuyProgress,
  createBenches,
  factsOf,
  type FactsAsk,
  firstLook,
  type FirstLook,
  robustness,
  type RobustAsk,
  type TrialResult,
  whatToBuy,
  type WiringFacts,
} from "@/core/wiring/best-wirings";
import { type SolveCache } from "@/core/plan-model";
import { type Job } from "../rpc";
import { type WeatherMemory, type WeatherText } from "./year";

/** A question with the weather as the page has it. */
type Asked<T extends { readonly weather: unknown }> = Omit<T, "weather"> & { readonly weather: WeatherText | null };
export type FindAsked = Asked<ArrangeAsk>;

/** Jobs of the finder: the parts of one question share what they have worked out in a worker. */
export function findJobs(memory: SolveCache, weatherOf: WeatherMemory) {
  const benchOf = createBenches(memory);
  const bench = ({ ask }: { readonly ask: FindAsked }): Bench => benchOf({ ...ask, weather: weatherOf(ask.weather) });

  /** A wiring that nothing stops, at once. */
  const first: Job<{ readonly ask: FindAsked }, never, FirstLook | null> = (input) => firstLook(bench(input));

  /** One part of the bounds, for a question shared among several workers. */
  const bounds: Job<{ readonly ask: FindAsked; readonly at: number; readonly of: number }, never, readonly Bounds[]> = (
    input,
  ) => boundsOf(bench(input), { at: input.at, of: input.of });

  /** All the rest: with bounds that others found, or its own. */
  const find: Job<
    {
      readonly ask: FindAsked;
      readonly bounds: readonly (readonly Bounds[])[] | null;
      /** Nets solved at most before the best so far is told; null: to the end. */ readonly maxSolved: number | null;
    },
    ArrangeProgress,
    Arranged
  > = (input) => arrange(bench(input), input.bounds, input.maxSolved ?? Infinity, memory);

  /** One wiring in numbers: the one on the board, or any other. */
  const facts: Job<Asked<FactsAsk>, never, WiringFacts> = (input) =>
    factsOf({ ...input, weather: weatherOf(input.weather) }, memory);

  /** Wirings in what may come otherwise than planned. */
  const robust: Job<
    Asked<RobustAsk>,
    { readonly share: number; readonly results: readonly TrialResult[] },
    readonly TrialResult[]
  > = (input) => robustness({ ...input, weather: weatherOf(input.weather) }, memory);

  /** What to buy of the library. */
  const buy: Job<Asked<BuyAsk>, BuyProgress, Bought> = (input) =>
    whatToBuy({ ...input, weather: weatherOf(input.weather) });

  return { buy, findFirst: first, findBounds: bounds, find, wiringFacts: facts, robust };
}
