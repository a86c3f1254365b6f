export { mountStop } from "./stop";
