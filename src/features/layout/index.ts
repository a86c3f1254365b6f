export { layoutStep } from "./step";
