export {
  fixingList,
  type Home,
  type HomeReading,
  homeJsonSchema,
  homeSchema,
  readHome,
  readKey,
  parseReadKey,
  recordsOfHome,
} from "./home";
export { type HourDue, hoursDue, type PortHours } from "./hours";
