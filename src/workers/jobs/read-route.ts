import { type GpxReading, readGpx } from "@/core/site/place";
import { type Job } from "../rpc";

/** The stays in a GPX file, or the line and field at which it is no such file. In one go: under a second for the largest. */
export const readRoute: Job<{ readonly text: string }, never, GpxReading> = function* ({ text }) {
  return readGpx(text);
};
