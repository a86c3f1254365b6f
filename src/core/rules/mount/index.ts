export { careShare, type MountContext, type MountRule } from "./context";
export { mountRules } from "./rules";
