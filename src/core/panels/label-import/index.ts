export { type InputRead } from "./inputs";
export { type Doubt, draftOf, maxText, type PanelFields, type PanelRead, readText } from "./read";
