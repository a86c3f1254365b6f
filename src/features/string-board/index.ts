export { Board } from "./Board";
export { boardKeys, moveKeys } from "./shortcuts";
