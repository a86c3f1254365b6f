export { type DeviceEditor } from "./device-editor";
export { DeviceForm } from "./DeviceForm";
export { inputKindWords } from "./fields";
export { controllerStep } from "./step";
