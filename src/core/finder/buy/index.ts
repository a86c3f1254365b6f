export { type BuyAsk, buyChanges, type BuyProgress, planBought, whatToBuy } from "./buy";
export { assumedLifeYears, type InputOffer, type PanelOffer } from "./options";
export { type Bought, type BuyTitle, buyTitles, type InputLine, type KindLine, type Purchase } from "./purchase";
