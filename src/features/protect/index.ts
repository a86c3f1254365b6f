export { protectStop } from "./stop";
