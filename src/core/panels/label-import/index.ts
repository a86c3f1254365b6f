export { type Doubt, draftOf, type PanelFields, type PanelRead } from "./panel-read";
export { type DeviceRead } from "./device/read-types";
export { maxText, readText } from "./read";
