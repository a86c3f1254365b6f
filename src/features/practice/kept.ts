import { type Progress, progressSchema } from "@/practice";
import { keepOnDevice, readFromDevice } from "@/ui";

const key = "golden-array-practice";

/** What was practised on this device. */
export function readProgress(): Progress {
  return readFromDevice(key, progressSchema, {});
}

/** Whether the browser keeps it. */
export function keepProgress(progress: Progress): boolean {
  return keepOnDevice(key, progress);
}
