import { type z } from "zod";

/** What this browser kept under a key; `first` where it kept nothing that reads. */
export function readFromDevice<T>(key: string, schema: z.ZodType<T>, first: T): T {
  try {
    return schema.parse(JSON.parse(window.localStorage.getItem(key) ?? ""));
  } catch {
    // nothing kept yet, or by another version
    return first;
  }
}

/** Whether the browser keeps it: storage may be full, or shut off. */
export function keepOnDevice(key: string, value: unknown): boolean {
  try {
    window.localStorage.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}
