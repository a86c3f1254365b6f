export { type PlaceFault, type PlaceReading, readPlace } from "./notation";
export { type GpxReading, type GpxStay, maxGpxBytes, readGpx } from "./gpx";
