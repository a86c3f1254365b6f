export { type PlaceFault, type PlaceReading, readPlace } from "./notation";
