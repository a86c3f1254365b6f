export { spaceStop } from "./stop";
