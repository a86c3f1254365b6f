export { type DeviceEditor } from "./device-editor";
export { DeviceForm } from "./DeviceForm";
export { inputKindWords } from "./fields";
export { inputStop } from "./stop";
