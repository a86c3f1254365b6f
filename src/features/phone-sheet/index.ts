export { PhoneSheetTab } from "./PhoneSheetTab";
