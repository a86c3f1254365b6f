export { type Doubt, draftOf, type PanelFields, type PanelRead } from "./panel-read";
export { type InputRead } from "./inputs";
export { maxText, readText } from "./read";
