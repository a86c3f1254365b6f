export {
  type Bought,
  type BuyAsk,
  buyChanges,
  type BuyProgress,
  type BuyTitle,
  buyTitles,
  type InputLine,
  type KindLine,
  planBought,
  type Purchase,
  whatToBuy,
} from "./buy";
export { assumedLifeYears, type InputOffer, type PanelOffer } from "./options";
