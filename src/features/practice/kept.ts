import { type Progress, progressSchema } from "@/practice";

const key = "golden-array-practice";

/** What was practised on this device; what does not read is begun anew. */
export function readProgress(): Progress {
  try {
    return progressSchema.parse(JSON.parse(window.localStorage.getItem(key) ?? "{}"));
  } catch {
    return {};
  }
}

/** Whether the browser keeps it. */
export function keepProgress(progress: Progress): boolean {
  try {
    window.localStorage.setItem(key, JSON.stringify(progress));
    return true;
  } catch {
    return false;
  }
}
