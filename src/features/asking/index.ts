export { isSame } from "./asked";
export { type Asked, useAsked } from "./useAsked";
export { type Followed, useFollowed } from "./useFollowed";
