export { ReadFrom } from "./ReadFrom";
export { ReadIn } from "./ReadIn";
