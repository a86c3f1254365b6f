export { mountingStep } from "./step";
