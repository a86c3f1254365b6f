export { MeterFace } from "./MeterFace";
