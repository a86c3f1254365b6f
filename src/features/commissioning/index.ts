export { proveStop } from "./stop";
