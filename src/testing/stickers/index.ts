export { type Layout, layouts } from "./drawing";
export { madeSticker, type Sticker } from "./sticker";
