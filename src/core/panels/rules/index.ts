export { doubtsRule } from "./label";
