export { apart } from "./apart";
export { withCopper } from "./copper";
export { dueCopper } from "./due-copper";
export { fakeDraftStore } from "./drafts";
export { runs } from "./runs";
export { anyLabel, anyNet, anyNetWithParts, number, plausibleLabel, plausiblePanel } from "./nets";
export {
  changed,
  demoPlan,
  findingIn,
  mixedPlan,
  planWith,
  portsPlan,
  string,
  type Setting,
  stood,
  tier,
  verdictOn,
} from "./plans";
export { type Due, coldestVolts, type DueRule, type DueStop, dueStops } from "./due-stops";
export { rebuilt, toldOfStrings } from "./rebuilt";
export { createRandom, type Random } from "@/core/engine/random";
export { randomPlan } from "./random-plans";
export { mutated, mutatedText } from "./mutate";
export { everyWay, type Way } from "./every-way";
export { dealersText } from "./dealers-texts";
export { flyerText } from "./flyer-texts";
export { sellersText, type SellersText } from "./sellers-texts";
export { madeSticker, type Sticker } from "./stickers";
export { randomScenario, type Scenario, scenarioPortArray } from "./scenarios";
export { causesOfLoss, type CauseOfLoss, logYear, type LogYear } from "./log-years";
export { farOff, hardScenario, type HardScenario } from "./hard-scenarios";
export {
  deviceLeafletText,
  deviceManualText,
  deviceShopText,
  type DeviceText,
  judged,
  withoutSockets,
} from "./devices";
