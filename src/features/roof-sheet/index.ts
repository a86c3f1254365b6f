export { RoofSheet } from "./RoofSheet";
