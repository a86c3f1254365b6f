export { type Asked, useAsked } from "./useAsked";
