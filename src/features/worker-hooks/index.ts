export { isSame } from "./asked";
export { type Asked, useAsked } from "./useAsked";
export { useFollowed } from "./useFollowed";
