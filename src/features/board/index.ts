export { Board } from "./Board";
export { type AroundKey } from "./KeyList";
export { boardKeys, moveKeys } from "./shortcuts";
