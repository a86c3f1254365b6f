export { type Account, createAccount } from "./account";
export { fileYear } from "./file-year";
