export { careShare } from "./context";
export { mountRules } from "./rules";
