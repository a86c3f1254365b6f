export { type BuyAsk, buyChanges, planBought } from "./bought";
export { type BuyProgress, whatToBuy } from "./buy";
export { assumedLifeYears, type InputOffer, type PanelOffer } from "./options";
export { type Bought, type BuyTitle, type InputLine, type KindLine, type Purchase, type PwmLine } from "./purchase";
