export { PartPriceCells } from "./PartPriceCells";
