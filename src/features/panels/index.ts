export { PanelsStop } from "./PanelsStop";
