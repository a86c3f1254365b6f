export { protectionStep } from "./step";
