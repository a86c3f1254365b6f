export { needStop } from "./stop";
