export { wiringStep } from "./step";
