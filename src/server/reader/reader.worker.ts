import { readFile } from "./read-file";

/** Runs in a thread of its own: whatever a file costs to read, other requests are served meanwhile. */
export default readFile;
