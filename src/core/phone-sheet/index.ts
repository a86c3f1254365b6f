export { fixingList, type Home, homeJsonSchema, homeSchema, readHome, readKey, recordsOfHome } from "./home";
export { type HourDue, hoursDue, type PortHours } from "./hours";
