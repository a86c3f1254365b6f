export { type InputRead, type PortRead } from "./inputs";
export { type Doubt, draftOf, maxText, type PanelFields, type PanelRead, readText, type TextReading } from "./read";
export { type Place } from "./plain";
