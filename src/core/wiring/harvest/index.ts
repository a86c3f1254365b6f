export { harvestYear } from "./year";
