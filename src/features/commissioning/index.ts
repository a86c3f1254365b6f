export { testStep } from "./step";
