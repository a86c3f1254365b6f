export { type Doubt, draftOf, type PanelFields, type PanelRead } from "./panel-read";
export { type DeviceRead } from "./device/device-read";
export { maxText, readText } from "./read";
