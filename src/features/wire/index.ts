export { wireStop } from "./stop";
