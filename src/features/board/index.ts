export { Board } from "./Board";
export { type BoardKey } from "./KeyList";
export { boardKeys, moveKeys } from "./shortcuts";
