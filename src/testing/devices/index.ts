export { judged } from "./judge";
export { deviceLeafletText } from "./leaflet-texts";
export { type DeviceText } from "./made-device";
export { deviceManualText } from "./manual-texts";
export { deviceShopText, withoutSockets } from "./shop-texts";
