export { type PlaceFault, type PlaceReading, readPlace } from "./notation";
export { type GpxReading, type GpxStay, mostGpxBytes, readGpx } from "./gpx";
