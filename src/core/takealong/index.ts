export {
  fixingList,
  type Home,
  type HomeReading,
  homeSchema,
  readHome,
  readKey,
  parseReadKey,
  recordsOfHome,
} from "./home";
export { type HourDue, hoursDue, type PortHours } from "./hours";
