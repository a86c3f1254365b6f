export { type Account, createAccount } from "./account";
export { harvestYear } from "./year";
