export { logStop } from "./stop";
