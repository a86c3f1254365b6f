export { logStep } from "./step";
